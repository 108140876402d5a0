package zafu.core.work;

/** What one piece of work does to a mark. Rule 5a. */
public enum InMark {
    /** Its result counts. */
    RESULT,
    /** It counts as nothing earned. */
    NOUGHT,
    /** It counts neither way. */
    NOT
}
