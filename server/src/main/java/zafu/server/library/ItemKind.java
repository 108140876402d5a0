package zafu.server.library;

/** What an item of the library is. */
public enum ItemKind {
    /** A text to read. */
    TEXT,
    /** Questions to learn by. */
    PRACTICE,
    /** Questions to show what is known. */
    QUIZ,
    /** Led by a teacher at the table. */
    LESSON,
    /** A sheet to print, as PDF or picture. */
    PRINTABLE,
    /** An address outside. */
    LINK,
    /** Something to talk about. */
    TALK,
    /** Something to do away from the screen. */
    OFF_SCREEN;

    /** Whether a student can be given it on a page of theirs. */
    public boolean isForStudents() {
        return this != LESSON;
    }

    /** Whether its questions are what it is. */
    public boolean isQuestions() {
        return this == PRACTICE || this == QUIZ;
    }
}
