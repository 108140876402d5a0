package zafu.core.work;

/** Where a piece of work stands. Rule 5a. */
public enum Where {
    /** The student has no version of it, and never began. */
    NOT_GIVEN,
    /** Need not be done. */
    EXCUSED,
    NOT_OPEN_YET,
    /** Can be begun, and is not overdue. */
    OPEN,
    /** An attempt is under way. */
    WORKING,
    /** Handed in; not all of it is marked. */
    HANDED_IN,
    MARKED,
    /** Handed in, and the student is asked for another attempt. */
    TO_DO_AGAIN,
    /** Past due and not begun; it is still taken. */
    OVERDUE,
    /** Not begun, and nothing is taken any more. */
    MISSED;

    /** Whether the student can do something about it now. */
    public boolean isToDo() {
        return this == OPEN || this == WORKING || this == TO_DO_AGAIN || this == OVERDUE;
    }

    /** Whether it was expected and is not there. */
    public boolean isMissing() {
        return this == OVERDUE || this == MISSED;
    }

    /** Whether something was handed in, and no more is asked for. */
    public boolean isHandedIn() {
        return this == HANDED_IN || this == MARKED;
    }
}
