package zafu.core.grouping;

import java.util.Arrays;
import java.util.LinkedList;
import java.util.List;
import java.util.Optional;

/**
 * The best contiguous split of sorted values into k runs of bounded size, found exactly by dynamic programming
 * over (runs used, values used). Rule 2, similar scores.
 *
 * <p>Best means: least cost; among costs equal to within 1e-9 of the least one, fewest equal scores parted; then
 * the most even sizes. The least cost is found first, so that "equal" can be judged against the whole cost and not
 * against a part of it. O(k · n · (largest − smallest)).
 */
final class ExactSplit {
    private static final double EQUAL_COST = 1e-9;

    private final double[] values;
    private final SquaredSpread spread;
    private final Sizes sizes;

    ExactSplit(double[] sortedValues, Sizes sizes) {
        this.values = sortedValues;
        this.spread = new SquaredSpread(sortedValues);
        this.sizes = sizes;
    }

    /** Empty when the sizes do not admit so many groups. */
    Optional<ContiguousSplit> into(int groups) {
        if (!sizes.admit(values.length, groups)) {
            return Optional.empty();
        }
        double tolerance = EQUAL_COST * leastCost(groups);
        return Optional.of(new TieBreakingTable(groups, tolerance).best());
    }

    double fitOf(double cost) {
        return spread.fitOf(cost);
    }

    private double leastCost(int groups) {
        int n = values.length;
        double[] before = new double[n + 1];
        Arrays.fill(before, Double.POSITIVE_INFINITY);
        before[0] = 0;
        for (int g = 1; g <= groups; g++) {
            double[] now = new double[n + 1];
            Arrays.fill(now, Double.POSITIVE_INFINITY);
            for (int end = g * sizes.smallest(); end <= n; end++) {
                for (int start = firstStart(end); start <= end - sizes.smallest(); start++) {
                    now[end] = Math.min(now[end], before[start] + spread.of(start, end));
                }
            }
            before = now;
        }
        return before[n];
    }

    private int firstStart(int end) {
        return Math.max(0, end - sizes.largest());
    }

    private boolean partsEqualScores(int start) {
        return start > 0 && values[start - 1] == values[start];
    }

    /** The same recursion once more, now keeping (cost, parted, evenness) and where each run began. */
    private final class TieBreakingTable {
        private final int groups;
        private final double tolerance;
        private final double[][] cost;
        private final int[][] parted;
        private final long[][] evenness;
        private final int[][] startOfLast;

        TieBreakingTable(int groups, double tolerance) {
            int n = values.length;
            this.groups = groups;
            this.tolerance = tolerance;
            cost = new double[groups + 1][n + 1];
            parted = new int[groups + 1][n + 1];
            evenness = new long[groups + 1][n + 1];
            startOfLast = new int[groups + 1][n + 1];
            for (double[] row : cost) {
                Arrays.fill(row, Double.POSITIVE_INFINITY);
            }
            cost[0][0] = 0;
            for (int g = 1; g <= groups; g++) {
                for (int end = g * sizes.smallest(); end <= n; end++) {
                    fill(g, end);
                }
            }
        }

        private void fill(int g, int end) {
            for (int start = firstStart(end); start <= end - sizes.smallest(); start++) {
                if (cost[g - 1][start] == Double.POSITIVE_INFINITY) {
                    continue;
                }
                double newCost = cost[g - 1][start] + spread.of(start, end);
                int newParted = parted[g - 1][start] + (partsEqualScores(start) ? 1 : 0);
                long newEvenness = evenness[g - 1][start] + (long) (end - start) * (end - start);
                if (beats(newCost, newParted, newEvenness, g, end)) {
                    cost[g][end] = newCost;
                    parted[g][end] = newParted;
                    evenness[g][end] = newEvenness;
                    startOfLast[g][end] = start;
                }
            }
        }

        private boolean beats(double newCost, int newParted, long newEvenness, int g, int end) {
            double difference = newCost - cost[g][end];
            if (Math.abs(difference) > tolerance) {
                return difference < 0;
            }
            if (newParted != parted[g][end]) {
                return newParted < parted[g][end];
            }
            return newEvenness < evenness[g][end];
        }

        ContiguousSplit best() {
            List<Integer> runs = new LinkedList<>();
            int end = values.length;
            for (int g = groups; g >= 1; g--) {
                int start = startOfLast[g][end];
                runs.add(0, end - start);
                end = start;
            }
            return new ContiguousSplit(runs, cost[groups][values.length], parted[groups][values.length]);
        }
    }
}
