package zafu.core.grouping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;

/**
 * What else there was for a student among groups that were searched for: the other group that costs least, by changing
 * places with one of its members or by joining it where sizes allow. Rule 2, explanations.
 *
 * @param group the student's, by place from 0
 * @param next the other group
 * @param inExchange with whom to change places; empty for joining it
 * @param rise by which share it raises what the method makes small; below 0 where a rule keeps the student from it, and
 *     infinite where there is nothing to raise
 */
public record NextBest(StudentId student, int group, int next, Optional<StudentId> inExchange, double rise) {

    /**
     * @param room how many each group takes
     * @param offset what the cost leaves out as being the same for all groupings
     */
    static List<NextBest> of(
            List<List<StudentId>> groups, Features features, GroupCost cost, Room room, double offset) {
        Sums sums = new Sums(groups, features, cost);
        double whole = sums.whole() + offset;
        List<NextBest> found = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            for (StudentId student : groups.get(g)) {
                sums.best(student, g, room).ifPresent(best -> found.add(best.asShareOf(whole)));
            }
        }
        return found;
    }

    private NextBest asShareOf(double whole) {
        double share = whole <= 1e-12 ? Double.POSITIVE_INFINITY : rise / whole;
        return new NextBest(student, group, next, inExchange, Math.abs(share) < 1e-9 ? 0 : share);
    }

    /** The groups as their sizes and the sums of their members' features. */
    private static final class Sums {
        private final List<List<StudentId>> groups;
        private final Map<StudentId, double[]> rows = new HashMap<>();
        private final GroupCost cost;
        private final double[][] sums;
        private final double[] costs;

        Sums(List<List<StudentId>> groups, Features features, GroupCost cost) {
            this.groups = groups;
            this.cost = cost;
            int width = features.rows().length == 0 ? 0 : features.rows()[0].length;
            for (int i = 0; i < features.students().size(); i++) {
                rows.put(features.students().get(i), features.rows()[i]);
            }
            sums = new double[groups.size()][width];
            costs = new double[groups.size()];
            for (int g = 0; g < groups.size(); g++) {
                for (StudentId member : groups.get(g)) {
                    sums[g] = changed(sums[g], rows.get(member), 1);
                }
                costs[g] = cost.of(groups.get(g).size(), sums[g]);
            }
        }

        double whole() {
            double whole = 0;
            for (double each : costs) {
                whole += each;
            }
            return whole;
        }

        Optional<NextBest> best(StudentId student, int from, Room room) {
            @Nullable NextBest best = null;
            double[] row = rows.get(student);
            double[] without = changed(sums[from], row, -1);
            int size = groups.get(from).size();
            for (int to = 0; to < groups.size(); to++) {
                if (to == from) {
                    continue;
                }
                int there = groups.get(to).size();
                double[] with = changed(sums[to], row, 1);
                if (size > room.least()[from] && there < room.most()[to]) {
                    double rise = cost.of(size - 1, without) + cost.of(there + 1, with) - costs[from] - costs[to];
                    best = better(best, new NextBest(student, from, to, Optional.empty(), rise));
                }
                for (StudentId other : groups.get(to)) {
                    double[] theirs = rows.get(other);
                    double rise = cost.of(size, changed(without, theirs, 1))
                            + cost.of(there, changed(with, theirs, -1))
                            - costs[from]
                            - costs[to];
                    best = better(best, new NextBest(student, from, to, Optional.of(other), rise));
                }
            }
            return Optional.ofNullable(best);
        }

        private static NextBest better(@Nullable NextBest one, NextBest other) {
            return one == null || other.rise < one.rise ? other : one;
        }

        private static double[] changed(double[] sums, double[] row, int sign) {
            double[] changed = sums.clone();
            for (int i = 0; i < changed.length; i++) {
                changed[i] += sign * row[i];
            }
            return changed;
        }
    }
}
