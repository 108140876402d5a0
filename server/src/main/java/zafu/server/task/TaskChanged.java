package zafu.server.task;

/** A task of this class was changed, handed out or taken back. */
public record TaskChanged(long classId, long taskId) {}
