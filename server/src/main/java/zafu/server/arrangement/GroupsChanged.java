package zafu.server.arrangement;

/** Students moved, or groups changed, in an arrangement of this class. */
public record GroupsChanged(long classId, long arrangementId) {}
