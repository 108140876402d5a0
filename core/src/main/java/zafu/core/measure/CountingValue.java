package zafu.core.measure;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The value of a measure that counts for a student today, or why there is none. Rule 1: the latest value
 * counts, of two on one date the later entered; older than the shelf life it still counts and is marked stale.
 */
public sealed interface CountingValue {

    /**
     * @param observations in the order in which they were entered
     * @param today the school's date
     * @param shelfLifeDays after how many days a value counts as stale
     */
    static CountingValue latest(List<Observation> observations, LocalDate today, int shelfLifeDays) {
        Optional<Observation> newest = newest(observations, true);
        if (newest.isPresent()) {
            Observation found = newest.get();
            boolean stale = found.takenOn().plusDays(shelfLifeDays).isBefore(today);
            return new Counts(found.value().orElseThrow(), found.takenOn(), stale);
        }
        return newest(observations, false)
                .<CountingValue>map(none -> new NeverAssessed(none.takenOn()))
                .orElseGet(NoObservation::new);
    }

    private static Optional<Observation> newest(List<Observation> observations, boolean withValue) {
        Observation newest = null;
        for (Observation each : observations) {
            boolean fits = each.value().isPresent() == withValue;
            if (fits && (newest == null || !each.takenOn().isBefore(newest.takenOn()))) {
                newest = each;
            }
        }
        return Optional.ofNullable(newest);
    }

    /** A value that counts, with the day it was taken and whether it has outlived its shelf life. */
    record Counts(double value, LocalDate takenOn, boolean stale) implements CountingValue {}

    /** Only "not assessed" was ever noted, the last time on this day. */
    record NeverAssessed(LocalDate lastTriedOn) implements CountingValue {}

    /** Nothing was ever noted. */
    record NoObservation() implements CountingValue {}
}
