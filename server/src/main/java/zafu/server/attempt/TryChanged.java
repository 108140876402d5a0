package zafu.server.attempt;

/** A student began, went on with or handed in a try. */
public record TryChanged(long classId, long taskId, long studentId) {}
