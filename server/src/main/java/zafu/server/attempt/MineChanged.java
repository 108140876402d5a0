package zafu.server.attempt;

/**
 * Something on a student's own pages changed.
 *
 * @param byDevice the device of the student that changed it and need not be told; empty where none did
 */
public record MineChanged(long studentId, String byDevice) {
    /** Something that the student did not do themselves. */
    public MineChanged(long studentId) {
        this(studentId, "");
    }
}
