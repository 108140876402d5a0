package zafu.core.grouping;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import zafu.core.roster.StudentId;

/**
 * Students who could as well stand on the other side: those whose distance to the cut toward a neighbour group is
 * within the measure's standard error. Rule 2, close to the line.
 */
public final class CloseToLine {
    private CloseToLine() {}

    /**
     * @param bestFirst the groups as they stand on the line, each with its members' values
     * @param standardError in the measure's unit
     */
    public static Set<StudentId> of(List<List<Scored>> bestFirst, double standardError) {
        Set<StudentId> close = new TreeSet<>();
        for (int i = 1; i < bestFirst.size(); i++) {
            List<Scored> upper = bestFirst.get(i - 1);
            List<Scored> lower = bestFirst.get(i);
            CutPlacement.between(values(upper), values(lower)).ifPresent(cut -> {
                addWithin(close, upper, cut, standardError);
                addWithin(close, lower, cut, standardError);
            });
        }
        return close;
    }

    private static List<Double> values(List<Scored> group) {
        return group.stream().map(Scored::value).toList();
    }

    private static void addWithin(Set<StudentId> close, List<Scored> group, double cut, double standardError) {
        group.stream()
                .filter(scored -> Math.abs(scored.value() - cut) <= standardError)
                .forEach(scored -> close.add(scored.student()));
    }
}
