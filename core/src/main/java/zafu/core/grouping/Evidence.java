package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What several values of one student say together: the value by which they were placed and all since. Old values fade, and one
 * odd value does not decide. Rule 2, regrouping.
 *
 * @param values at least one, in any order
 */
public record Evidence(List<Dated> values) {
    public Evidence {
        values = List.copyOf(values);
        if (values.isEmpty()) {
            throw new IllegalArgumentException("evidence without a value");
        }
    }

    /**
     * @param error standard error in the unit of the value; a value with error 0 stands alone
     * @param weeksBeforeNewest how much older it is than the newest value
     */
    public record Dated(double value, double error, double weeksBeforeNewest) {
        /** A value w weeks older than the newest has the variance e² · (1 + w/4). */
        double variance() {
            return error * error * (1 + weeksBeforeNewest / 4);
        }
    }

    /** The estimate with its error, by weights 1 / variance; of values without error the newest alone. */
    public Certainty.Measured estimate() {
        return values.stream()
                .filter(each -> each.error() == 0)
                .min(Comparator.comparingDouble(Dated::weeksBeforeNewest))
                .map(exact -> new Certainty.Measured(exact.value(), 0))
                .orElseGet(this::weighted);
    }

    private Certainty.Measured weighted() {
        double weights = 0;
        double sum = 0;
        for (Dated each : values) {
            double weight = 1 / each.variance();
            weights += weight;
            sum += weight * each.value();
        }
        return new Certainty.Measured(sum / weights, Math.sqrt(1 / weights));
    }

    /** With one more value like these: today's, equal to the estimate, as exact as the newest. */
    Evidence withOneMore() {
        Dated newest = values.stream()
                .min(Comparator.comparingDouble(Dated::weeksBeforeNewest))
                .orElseThrow();
        List<Dated> more = new ArrayList<>(values);
        more.add(new Dated(estimate().value(), newest.error(), 0));
        return new Evidence(more);
    }
}
