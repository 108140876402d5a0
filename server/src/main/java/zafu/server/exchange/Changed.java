package zafu.server.exchange;

/** What an import did to something; each has a way back in {@link ImportLog}. */
public enum Changed {
    STUDENT_MADE,
    STUDENT_CHANGED,
    STUDENT_ARCHIVED,
    STUDENT_BROUGHT_BACK,
    ENROLLED,
    TAKEN_OUT,
    CLASS_MADE,
    CLASS_RENAMED,
    CLASS_BROUGHT_BACK,
    MEASURE_MADE,
    NEED_GRANTED,
    NEED_ENDED,
    ROLE_GIVEN,
    ROLE_TAKEN
}
