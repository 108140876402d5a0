package zafu.server.attempt;

/** Something of a student's own work changed that they did not do themselves. */
record MineChanged(long studentId) {}
