package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zafu.core.roster.StudentId;

/**
 * Cuts on the score line: where they lie between groups, and who stands on which side of them. Rule 2, the cut
 * between adjacent groups.
 */
public final class CutPlacement {
    private CutPlacement() {}

    /**
     * The cut between two groups that are neighbours on the line: the midpoint between the lowest value of the
     * upper and the highest of the lower one. Empty when one has no values, or when the two overlap, so that no
     * cut can part them.
     */
    public static Optional<Double> between(List<Double> upper, List<Double> lower) {
        if (upper.isEmpty() || lower.isEmpty()) {
            return Optional.empty();
        }
        double lowestAbove =
                upper.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double highestBelow =
                lower.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return highestBelow > lowestAbove ? Optional.empty() : Optional.of((lowestAbove + highestBelow) / 2);
    }

    /**
     * Deals students by cuts: {@code cuts.size() + 1} lists, best first. A value on a cut stands above it.
     *
     * @param cuts in any order
     */
    public static List<List<StudentId>> deal(List<Scored> students, List<Double> cuts) {
        List<List<StudentId>> groups = new ArrayList<>();
        for (int i = 0; i <= cuts.size(); i++) {
            groups.add(new ArrayList<>());
        }
        for (Scored student : students.stream().sorted(Scored.BEST_FIRST).toList()) {
            int above = (int) cuts.stream().filter(cut -> cut > student.value()).count();
            groups.get(above).add(student.student());
        }
        return groups;
    }
}
