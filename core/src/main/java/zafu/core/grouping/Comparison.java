package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zafu.core.roster.StudentId;

/**
 * Two ways to divide the same students, held against each other. Groups are paired so that as many students as can be
 * have their pair's group both times; who has not, has moved. Rule 2, comparing arrangements.
 *
 * @param pairs for each group of now, the place of the group of before that it goes on from
 */
public record Comparison(List<Optional<Integer>> pairs) {
    public Comparison {
        pairs = List.copyOf(pairs);
    }

    /** Exact: the pairing with the most students who stayed; at a tie the earlier groups are paired. */
    public static Comparison of(List<Set<StudentId>> before, List<Set<StudentId>> now) {
        if (now.isEmpty()) {
            return new Comparison(List.of());
        }
        int places = before.size() + now.size();
        double[][] cost = new double[now.size()][places];
        for (int g = 0; g < now.size(); g++) {
            Arrays.fill(cost[g], 0);
            for (int place = 0; place < before.size(); place++) {
                cost[g][place] = -inCommon(now.get(g), before.get(place));
            }
            shift(cost[g], before.size());
        }
        int[] least = new int[places];
        int[] most = new int[places];
        Arrays.fill(most, 1);
        int[] found = LeastCostPlaces.find(cost, new Room(least, most)).orElseThrow();
        List<Optional<Integer>> pairs = new ArrayList<>();
        for (int g = 0; g < now.size(); g++) {
            boolean paired = found[g] < before.size() && inCommon(now.get(g), before.get(found[g])) > 0;
            pairs.add(paired ? Optional.of(found[g]) : Optional.empty());
        }
        return new Comparison(pairs);
    }

    /** How many of a group of now were in the group it goes on from. */
    public static int inCommon(Set<StudentId> one, Set<StudentId> other) {
        return (int) one.stream().filter(other::contains).count();
    }

    /** Costs must not be negative; a place of its own costs as much as nobody in common. */
    private static void shift(double[] cost, int before) {
        double best = Arrays.stream(cost).limit(before).min().orElse(0);
        double largest = Math.max(0, -best);
        for (int place = 0; place < cost.length; place++) {
            cost[place] += largest;
        }
    }
}
