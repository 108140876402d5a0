package zafu.server.library;

/** Who finds an item. */
public enum Visibility {
    /** Who made it. */
    PRIVATE,
    /** The adults of one class. */
    CLASS,
    SCHOOL
}
