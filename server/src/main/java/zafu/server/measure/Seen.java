package zafu.server.measure;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Observation;

/** An observation without what only an editor needs. */
record Seen(long studentId, long measureId, LocalDate takenOn, @Nullable Double score, @Nullable String reason) {
    Observation asObservation() {
        return score == null
                ? Observation.notAssessed(takenOn, reason == null ? "" : reason)
                : Observation.of(takenOn, score);
    }
}
