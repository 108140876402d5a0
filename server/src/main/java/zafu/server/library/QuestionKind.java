package zafu.server.library;

/** The kinds of question. */
public enum QuestionKind {
    SINGLE_CHOICE,
    MULTIPLE_CHOICE,
    NUMERIC,
    SHORT_ANSWER,
    ORDERING,
    MATCHING,
    BLANKS,
    LONG_ANSWER,
    HOT_WORDS
}
