package zafu.server.access;

/** What an adult may do in a class. */
public enum ClassRole {
    OWNER(true, true),
    CO_TEACHER(true, true),
    SUPPORT(false, true),
    VIEWER(false, false);

    private final boolean mayChange;
    private final boolean maySeeNeeds;

    ClassRole(boolean mayChange, boolean maySeeNeeds) {
        this.mayChange = mayChange;
        this.maySeeNeeds = maySeeNeeds;
    }

    boolean maySeeNeeds() {
        return maySeeNeeds;
    }

    public boolean mayChange() {
        return mayChange;
    }
}
