package zafu.core.grouping;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The figures of one group that a teacher watches while moving students. Rule 2, live figures.
 *
 * @param size all members, those without a value included
 * @param median over the members that have a value, as are all that follow; empty when none has
 * @param mean in the measure's unit
 * @param deviation population standard deviation, in the measure's unit
 */
public record GroupFigures(
        int size,
        OptionalDouble median,
        OptionalDouble mean,
        OptionalDouble deviation,
        OptionalDouble lowest,
        OptionalDouble highest) {

    /**
     * @param size number of members
     * @param values of the members that have one, in any order
     */
    public static GroupFigures of(int size, List<Double> values) {
        double[] sorted =
                values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        if (sorted.length == 0) {
            OptionalDouble none = OptionalDouble.empty();
            return new GroupFigures(size, none, none, none, none, none);
        }
        double mean = Arrays.stream(sorted).average().orElseThrow();
        double variance = Arrays.stream(sorted)
                .map(x -> (x - mean) * (x - mean))
                .average()
                .orElseThrow();
        return new GroupFigures(
                size,
                OptionalDouble.of(medianOf(sorted)),
                OptionalDouble.of(mean),
                OptionalDouble.of(Math.sqrt(variance)),
                OptionalDouble.of(sorted[0]),
                OptionalDouble.of(sorted[sorted.length - 1]));
    }

    /** The middle value of a sorted, non-empty list, or the mean of the two middle ones. */
    public static double medianOf(double[] sorted) {
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }
}
