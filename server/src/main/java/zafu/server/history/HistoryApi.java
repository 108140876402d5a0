package zafu.server.history;

import java.time.Instant;
import java.util.List;
import zafu.server.access.AuditSubject;

/** What {@link HistoryController} takes and gives. */
final class HistoryApi {
    private HistoryApi() {}

    /** @param older whether there are lines before these */
    record TrailPage(List<TrailLine> lines, boolean older) {}

    /**
     * @param who the name of who did it; empty where nobody did, as at night
     * @param deed in words
     * @param inClass the name of the class it was done in; empty where in none
     * @param about what it was done to, by the name of today
     */
    record TrailLine(
            long id, Instant at, String who, String deed, String inClass, List<TrailSubject> about, String facts) {}

    record TrailSubject(AuditSubject.Kind kind, long id, String name) {}
}
