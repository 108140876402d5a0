package zafu.server.access;

/** Whether a teacher lets a student come back on a known device by picture and PIN. */
public interface PictureEntry {
    boolean isAllowed(long studentId);
}
