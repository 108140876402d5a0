package zafu.server.exchange;

/** Where an import came from. */
public enum ImportKind {
    LIST,
    ONE_ROSTER,
    SCHOOL_SYSTEM
}
