package zafu.server.roster;

/** What a student needs was set anew; terms that were told to somebody may have changed. */
public record NeedsChanged(long classId, long studentId) {}
