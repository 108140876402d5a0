package zafu.server.task;

/** Whether students can see a task. */
public enum TaskState {
    DRAFT,
    HANDED_OUT,
    TAKEN_BACK
}
