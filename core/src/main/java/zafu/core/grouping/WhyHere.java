package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import zafu.core.roster.StudentId;

/**
 * Why a student is in a group, and what else there was: how far their value lies from the group's mean, and from the
 * mean of the group that would be nearest otherwise. Rule 2, explanations.
 *
 * @param group the student's, by place from 0
 * @param value by which the groups were formed
 * @param ownMean of the group
 * @param next the nearest other group; empty where there is none
 * @param nextMean of that group
 */
public record WhyHere(StudentId student, int group, double value, double ownMean, OptionalInt next, double nextMean) {
    /** Whether a rule, a size or a wish keeps the student from the group whose mean is nearest. */
    public boolean isKeptFromNearer() {
        return next.isPresent() && Math.abs(value - nextMean) < Math.abs(value - ownMean);
    }

    /** Of all members of these groups that have a value. */
    public static List<WhyHere> of(List<List<StudentId>> groups, Map<StudentId, Double> values) {
        List<Double> means = groups.stream()
                .map(group -> group.stream()
                        .filter(values::containsKey)
                        .mapToDouble(values::get)
                        .average()
                        .orElse(Double.NaN))
                .toList();
        List<WhyHere> reasons = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            for (StudentId student : groups.get(g)) {
                if (values.containsKey(student)) {
                    double value = values.get(student);
                    OptionalInt next = nearest(means, value, g);
                    double nextMean = next.isPresent() ? means.get(next.getAsInt()) : Double.NaN;
                    reasons.add(new WhyHere(student, g, value, means.get(g), next, nextMean));
                }
            }
        }
        return reasons;
    }

    private static OptionalInt nearest(List<Double> means, double value, int but) {
        OptionalInt nearest = OptionalInt.empty();
        for (int g = 0; g < means.size(); g++) {
            boolean nearer = nearest.isEmpty()
                    || Math.abs(value - means.get(g)) < Math.abs(value - means.get(nearest.getAsInt()));
            if (g != but && !means.get(g).isNaN() && nearer) {
                nearest = OptionalInt.of(g);
            }
        }
        return nearest;
    }
}
