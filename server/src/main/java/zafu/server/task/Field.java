package zafu.server.task;

/** What a version can override of the base. */
public enum Field {
    TITLE,
    INSTRUCTIONS,
    TEXTS,
    QUESTIONS,
    MINUTES,
    OPENS,
    DUE,
    CLOSES,
    TRIES
}
