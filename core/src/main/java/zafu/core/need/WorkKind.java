package zafu.core.need;

/** A kind of work that an accommodation may be limited to. */
public enum WorkKind {
    QUIZ,
    PRACTICE,
    READING,
    LESSON,
    PROJECT
}
