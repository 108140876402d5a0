package zafu.server.corner;

/** Something in the corners of a class changed. */
public record CornersChanged(long classId) {}
