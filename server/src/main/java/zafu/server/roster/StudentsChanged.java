package zafu.server.roster;

/** Who is in a class, or what is known of them, has changed. */
public record StudentsChanged(long classId) {}
