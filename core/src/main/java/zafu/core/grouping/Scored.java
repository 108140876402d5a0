package zafu.core.grouping;

import java.util.Comparator;
import java.util.List;
import zafu.core.roster.StudentId;

/**
 * A student with the value that counts.
 *
 * @param value in the measure's unit, the better the larger: lower-is-better values are negated by the caller
 */
public record Scored(StudentId student, double value) {
    /** Best first; equal values by student id, so that the same class always reads the same way. */
    public static final Comparator<Scored> BEST_FIRST =
            Comparator.comparingDouble(Scored::value).reversed().thenComparing(Scored::student);

    static double[] valuesOf(List<Scored> scored) {
        return scored.stream().mapToDouble(Scored::value).toArray();
    }
}
