package zafu.server.access;

/** What an adult may do in a class. */
public enum ClassRole {
    OWNER(true),
    CO_TEACHER(true),
    SUPPORT(false),
    VIEWER(false);

    private final boolean mayChange;

    ClassRole(boolean mayChange) {
        this.mayChange = mayChange;
    }

    boolean mayChange() {
        return mayChange;
    }
}
