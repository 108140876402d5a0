package zafu.server.link;

/** What came of following a link. */
public enum LinkState {
    GOOD,
    /** It answers elsewhere now, for good. */
    MOVED,
    /** There is nothing there, or nobody. */
    GONE,
    /** Nothing came in time. */
    SLOW,
    /** It does not let us in. */
    REFUSES,
    /** It leads into the school's own network, and is never followed. */
    INSIDE;

    /** Whether a student would be left standing. */
    public boolean isBroken() {
        return this != GOOD && this != MOVED;
    }
}
