package zafu.server.attempt;

/** Something on a student's own pages changed that they did not do themselves. */
public record MineChanged(long studentId) {}
