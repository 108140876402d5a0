package zafu.server.measure;

import java.sql.Date;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Observation;

/** An observation without what only an editor needs. */
record Seen(long studentId, long measureId, LocalDate takenOn, @Nullable Double score, @Nullable String reason) {
    /** From a row of {@link ObservationRepository#seen}. */
    static Seen of(Object[] row) {
        return new Seen(
                ((Number) row[0]).longValue(),
                ((Number) row[1]).longValue(),
                row[2] instanceof LocalDate day ? day : ((Date) row[2]).toLocalDate(),
                row[3] == null ? null : ((Number) row[3]).doubleValue(),
                (String) row[4]);
    }

    Observation asObservation() {
        return score == null
                ? Observation.notAssessed(takenOn, reason == null ? "" : reason)
                : Observation.of(takenOn, score);
    }
}
