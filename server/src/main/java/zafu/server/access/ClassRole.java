package zafu.server.access;

/** What an adult may do in a class. */
public enum ClassRole {
    OWNER(true, true, true),
    CO_TEACHER(true, true, true),
    /** Sees everyone and marks. */
    SUPPORT(false, true, true),
    /** Sees and marks those in the groups that they lead, and nobody else. */
    GROUP_SUPPORT(false, true, true),
    VIEWER(false, false, false);

    private final boolean mayChange;
    private final boolean maySeeNeeds;
    private final boolean mayMark;

    ClassRole(boolean mayChange, boolean maySeeNeeds, boolean mayMark) {
        this.mayChange = mayChange;
        this.maySeeNeeds = maySeeNeeds;
        this.mayMark = mayMark;
    }

    boolean seesWholeClass() {
        return this != GROUP_SUPPORT;
    }

    boolean mayMark() {
        return mayMark;
    }

    boolean maySeeNeeds() {
        return maySeeNeeds;
    }

    public boolean mayChange() {
        return mayChange;
    }

    /** Codes let anybody in as the student, so who merely looks does not get them, nor who sees a part of the class. */
    boolean mayHandOutCodes() {
        return this != VIEWER && seesWholeClass();
    }

    /** Says who works in the class, and as what. */
    public boolean mayShare() {
        return this == OWNER;
    }
}
