package zafu.core.grouping;

import java.util.Map;
import java.util.TreeMap;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;

/**
 * A measure that counts with a weight beside others.
 *
 * @param weight above 0
 * @param values in the measure's unit, of the students who have one that counts
 */
public record Weighted(double weight, Better better, Map<StudentId, Double> values) {
    public Weighted {
        if (!(weight > 0)) {
            throw new IllegalArgumentException("weight " + weight + " is not above 0");
        }
        values = new TreeMap<>(values);
    }

    /**
     * Each value's distance from the mean in (population) standard deviations of those who have one, better the
     * larger; 0 where all values are equal.
     */
    Map<StudentId, Double> standardised() {
        double mean = values.values().stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(0);
        double variance = values.values().stream()
                .mapToDouble(value -> (value - mean) * (value - mean))
                .average()
                .orElse(0);
        double deviation = Math.sqrt(variance);
        Map<StudentId, Double> z = new TreeMap<>();
        values.forEach(
                (student, value) -> z.put(student, deviation == 0 ? 0 : better.rising(value - mean) / deviation));
        return z;
    }
}
