package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Groups by score that are as alike within as a number of moves allows. Groups keep their order by score; who is in no group yet moves
 * in any case. Exact, by dynamic programming over groups, students placed and moves. Rule 2, fewest moves.
 *
 * @param valuesHighestFirst better the larger
 * @param groupNow of each student, from 0, the highest; empty where they are in none
 * @param groups how many there are to be
 */
public record FewestMoves(List<Double> valuesHighestFirst, List<OptionalInt> groupNow, int groups, Sizes sizes) {
    public FewestMoves {
        valuesHighestFirst = List.copyOf(valuesHighestFirst);
        groupNow = List.copyOf(groupNow);
        if (valuesHighestFirst.size() != groupNow.size()) {
            throw new IllegalArgumentException(
                    valuesHighestFirst.size() + " values and " + groupNow.size() + " groups of them");
        }
    }

    /**
     * What so many moves can reach.
     *
     * @param spread sum of squares about the groups' means, in the unit of the values squared
     * @param sizes of the groups, the highest first
     */
    public record Reached(int moves, double spread, List<Integer> sizes) {}

    /** The least spread that 0, 1, …, n moves or fewer can reach; empty where no division by score is that near. */
    public List<OptionalDouble> leastSpreadByMoves() {
        return byMoves().stream()
                .map(each ->
                        each.map(reached -> OptionalDouble.of(reached.spread())).orElse(OptionalDouble.empty()))
                .toList();
    }

    /** Those numbers of moves that reach more than one move less: all that is worth choosing from. */
    public List<Reached> worthChoosing() {
        List<Reached> worth = new ArrayList<>();
        for (Optional<Reached> each : byMoves()) {
            each.filter(reached -> worth.isEmpty()
                            || reached.spread() < worth.get(worth.size() - 1).spread() * (1 - 1e-9))
                    .ifPresent(worth::add);
        }
        return worth;
    }

    private List<Optional<Reached>> byMoves() {
        int n = valuesHighestFirst.size();
        SquaredSpread spread = new SquaredSpread(
                valuesHighestFirst.stream().mapToDouble(Double::doubleValue).toArray());
        // least[placed][moves]: with the groups so far. Which size the last of them has, to find the way back.
        double[][] least = new double[n + 1][n + 1];
        int[][][] size = new int[groups + 1][n + 1][n + 1];
        fill(least);
        least[0][0] = 0;
        for (int group = 0; group < groups; group++) {
            int[] stays = staysUpTo(group);
            double[][] next = new double[n + 1][n + 1];
            fill(next);
            for (int placed = 0; placed <= n; placed++) {
                int most = Math.min(sizes.largest(), n - placed);
                for (int taken = sizes.smallest(); taken <= most; taken++) {
                    int to = placed + taken;
                    int moved = taken - (stays[to] - stays[placed]);
                    double cost = spread.of(placed, to);
                    for (int moves = 0; moves + moved <= n; moves++) {
                        double sum = least[placed][moves] + cost;
                        if (sum < next[to][moves + moved]) {
                            next[to][moves + moved] = sum;
                            size[group + 1][to][moves + moved] = taken;
                        }
                    }
                }
            }
            least = next;
        }
        return best(least[n], size);
    }

    private static void fill(double[][] rows) {
        for (double[] row : rows) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
    }

    /** How many of the first students are in this group now. */
    private int[] staysUpTo(int group) {
        int[] stays = new int[groupNow.size() + 1];
        for (int i = 0; i < groupNow.size(); i++) {
            boolean stay = groupNow.get(i).isPresent() && groupNow.get(i).getAsInt() == group;
            stays[i + 1] = stays[i] + (stay ? 1 : 0);
        }
        return stays;
    }

    private List<Optional<Reached>> best(double[] leastByExactly, int[][][] size) {
        List<Optional<Reached>> best = new ArrayList<>();
        Optional<Reached> soFar = Optional.empty();
        for (int moves = 0; moves < leastByExactly.length; moves++) {
            double spread = leastByExactly[moves];
            if (spread < soFar.map(Reached::spread).orElse(Double.POSITIVE_INFINITY)) {
                soFar = Optional.of(new Reached(moves, spread, sizesOf(size, moves)));
            }
            best.add(soFar);
        }
        return best;
    }

    private List<Integer> sizesOf(int[][][] size, int moves) {
        List<Integer> found = new ArrayList<>();
        int placed = valuesHighestFirst.size();
        int left = moves;
        for (int group = groups; group > 0; group--) {
            int taken = size[group][placed][left];
            int[] stays = staysUpTo(group - 1);
            found.add(0, taken);
            left -= taken - (stays[placed] - stays[placed - taken]);
            placed -= taken;
        }
        return found;
    }
}
