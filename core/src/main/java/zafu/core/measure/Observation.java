package zafu.core.measure;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * What was seen of one student on one measure on one day: a value, or that there was none and why.
 * Rule 1, observations.
 */
public sealed interface Observation {
    LocalDate takenOn();

    OptionalDouble value();

    static Observation of(LocalDate takenOn, double value) {
        return new Scored(takenOn, value);
    }

    static Observation notAssessed(LocalDate takenOn, String reason) {
        return new NotAssessed(takenOn, reason);
    }

    /** A value in the measure's unit. */
    record Scored(LocalDate takenOn, double score) implements Observation {
        @Override
        public OptionalDouble value() {
            return OptionalDouble.of(score);
        }
    }

    /** No value that day; the reason as it was given ("abs", "n/a", or empty). */
    record NotAssessed(LocalDate takenOn, String reason) implements Observation {
        @Override
        public OptionalDouble value() {
            return OptionalDouble.empty();
        }
    }
}
