package zafu.server.need;

/** What a student of this class needs was set anew; terms that were told to somebody may have changed. */
public record NeedsChanged(long classId, long studentId) {}
