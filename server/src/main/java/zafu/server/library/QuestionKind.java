package zafu.server.library;

/** The kinds of question. */
public enum QuestionKind {
    SINGLE_CHOICE,
    NUMERIC,
    SHORT_ANSWER
}
