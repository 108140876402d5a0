package zafu.core.grouping;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * The search that all methods share: from a seating that keeps the rules it moves blocks and swaps them, at first also
 * to the worse, ever less so, and at last only to the better. Restarts from the best found. The same question and
 * seed walk the same way, and a count of steps ends it, never a clock.
 */
final class Search {
    private static final int RESTARTS = 4;
    private static final int STEPS_PER_BLOCK = 8_000;
    private static final int LEAST_STEPS = 60_000;
    private static final double COOLEST = 1e-5;
    private static final double SMALL = 1e-12;
    private final Blocks blocks;
    private final Room room;
    private final GroupCost cost;
    private final double[][] features;
    private final double[][] placeCost;
    private final SplittableRandom random;

    private int[] groupOf = new int[0];
    private int[] sizes = new int[0];
    private double[][] sums = new double[0][];
    private double[] groupCost = new double[0];
    private int[][] conflicts = new int[0][];

    /**
     * @param features of each block: sums over its members; all of one length
     * @param placeCost of each block in each group
     */
    Search(Blocks blocks, Room room, GroupCost cost, double[][] features, double[][] placeCost, long seed) {
        this.blocks = blocks;
        this.room = room;
        this.cost = cost;
        this.features = features;
        this.placeCost = placeCost;
        this.random = new SplittableRandom(seed);
    }

    /** The best seating found, with what it costs. */
    record Found(int[] groupOf, double cost) {}

    Found from(int[] start) {
        settle(start);
        Found best = new Found(start.clone(), total());
        if (blocks.count() < 2 || room.groups() < 2) {
            return best;
        }
        int steps = Math.max(LEAST_STEPS, STEPS_PER_BLOCK * blocks.count());
        for (int restart = 0; restart < RESTARTS; restart++) {
            anneal(steps, restart == 0 ? 1 : 0.3);
            descend();
            double now = total();
            if (now < best.cost - SMALL) {
                best = new Found(groupOf.clone(), now);
            } else {
                settle(best.groupOf);
            }
        }
        return best;
    }

    private void settle(int[] seating) {
        groupOf = seating.clone();
        sizes = new int[room.groups()];
        sums = new double[room.groups()][features.length == 0 ? 0 : features[0].length];
        conflicts = new int[blocks.count()][room.groups()];
        for (int b = 0; b < groupOf.length; b++) {
            sizes[groupOf[b]] += blocks.size(b);
            add(sums[groupOf[b]], features[b], 1);
            for (int c = 0; c < groupOf.length; c++) {
                conflicts[b][groupOf[c]] += blocks.apart[b][c] ? 1 : 0;
            }
        }
        groupCost = new double[room.groups()];
        Arrays.setAll(groupCost, g -> cost.of(sizes[g], sums[g]));
    }

    private double total() {
        double total = blocks.settled + Arrays.stream(groupCost).sum();
        for (int b = 0; b < groupOf.length; b++) {
            total += placeCost[b][groupOf[b]];
            for (Blocks.Tie tie : blocks.ties.get(b)) {
                boolean met = tie.together() == (groupOf[b] == groupOf[tie.other()]);
                // Every wish is tied to both of its blocks.
                total += met ? 0 : tie.weight() / 2;
            }
        }
        return total;
    }

    private void anneal(int steps, double heat) {
        double hottest = heat * typicalDifference();
        if (hottest <= 0) {
            return;
        }
        double cooling = Math.pow(COOLEST, 1.0 / steps);
        double temperature = hottest;
        for (int step = 0; step < steps; step++) {
            temperature *= cooling;
            Change change = randomChange();
            if (change != null) {
                double difference = difference(change);
                if (difference <= 0 || random.nextDouble() < Math.exp(-difference / temperature)) {
                    carryOut(change);
                }
            }
        }
    }

    private double typicalDifference() {
        double sum = 0;
        int counted = 0;
        for (int i = 0; i < 200; i++) {
            Change change = randomChange();
            if (change != null) {
                sum += Math.abs(difference(change));
                counted++;
            }
        }
        return counted == 0 ? 0 : sum / counted;
    }

    /** Block {@code one} goes to {@code to}; {@code other}, where there is one, comes back in its stead. */
    private record Change(int one, int to, int other) {}

    private @Nullable Change randomChange() {
        int one = random.nextInt(groupOf.length);
        if (random.nextInt(3) == 0) {
            return allowed(new Change(one, random.nextInt(room.groups()), Blocks.FREE));
        }
        int other = random.nextInt(groupOf.length);
        return allowed(new Change(one, groupOf[other], other));
    }

    private @Nullable Change allowed(Change change) {
        int from = groupOf[change.one];
        int to = change.to;
        if (from == to || blocks.lockedTo[change.one] != Blocks.FREE) {
            return null;
        }
        int leaving = blocks.size(change.one);
        int coming = 0;
        int between = 0;
        if (change.other != Blocks.FREE) {
            if (blocks.lockedTo[change.other] != Blocks.FREE) {
                return null;
            }
            between = blocks.apart[change.one][change.other] ? 1 : 0;
            coming = blocks.size(change.other);
            if (conflicts[change.other][from] != between) {
                return null;
            }
        }
        boolean fits = conflicts[change.one][to] == between
                && within(from, sizes[from] - leaving + coming)
                && within(to, sizes[to] + leaving - coming);
        return fits ? change : null;
    }

    private boolean within(int group, int size) {
        return size >= room.least()[group] && size <= room.most()[group];
    }

    private double difference(Change change) {
        int from = groupOf[change.one];
        int to = change.to;
        double[] ofFrom = sums[from].clone();
        double[] ofTo = sums[to].clone();
        int moved = blocks.size(change.one);
        add(ofFrom, features[change.one], -1);
        add(ofTo, features[change.one], 1);
        double difference = placeCost[change.one][to] - placeCost[change.one][from];
        if (change.other != Blocks.FREE) {
            moved -= blocks.size(change.other);
            add(ofFrom, features[change.other], 1);
            add(ofTo, features[change.other], -1);
            difference += placeCost[change.other][from] - placeCost[change.other][to];
        }
        difference += cost.of(sizes[from] - moved, ofFrom) - groupCost[from];
        difference += cost.of(sizes[to] + moved, ofTo) - groupCost[to];
        return difference + wishes(change, from);
    }

    private double wishes(Change change, int from) {
        double difference = 0;
        for (Blocks.Tie tie : blocks.ties.get(change.one)) {
            if (tie.other() != change.other) {
                difference += turned(tie, groupOf[tie.other()] == from, groupOf[tie.other()] == change.to);
            }
        }
        if (change.other != Blocks.FREE) {
            for (Blocks.Tie tie : blocks.ties.get(change.other)) {
                if (tie.other() != change.one) {
                    difference += turned(tie, groupOf[tie.other()] == change.to, groupOf[tie.other()] == from);
                }
            }
        }
        return difference;
    }

    private static double turned(Blocks.Tie tie, boolean before, boolean after) {
        return before == after ? 0 : (tie.together() == after ? -tie.weight() : tie.weight());
    }

    private void carryOut(Change change) {
        int from = groupOf[change.one];
        move(change.one, from, change.to);
        if (change.other != Blocks.FREE) {
            move(change.other, change.to, from);
        }
        groupCost[from] = cost.of(sizes[from], sums[from]);
        groupCost[change.to] = cost.of(sizes[change.to], sums[change.to]);
    }

    private void move(int block, int from, int to) {
        groupOf[block] = to;
        sizes[from] -= blocks.size(block);
        sizes[to] += blocks.size(block);
        add(sums[from], features[block], -1);
        add(sums[to], features[block], 1);
        for (int c = 0; c < groupOf.length; c++) {
            if (blocks.apart[block][c]) {
                conflicts[c][from]--;
                conflicts[c][to]++;
            }
        }
    }

    /** Takes whatever makes it better until nothing does. */
    private void descend() {
        // Sums that were moved about a million times are worked out afresh, so that rounding does not decide.
        settle(groupOf);
        boolean better = true;
        while (better) {
            better = false;
            for (int one = 0; one < groupOf.length; one++) {
                for (int to = 0; to < room.groups(); to++) {
                    better |= takeIfBetter(new Change(one, to, Blocks.FREE));
                }
                for (int other = one + 1; other < groupOf.length; other++) {
                    better |= takeIfBetter(new Change(one, groupOf[other], other));
                }
            }
        }
    }

    private boolean takeIfBetter(Change wanted) {
        Change change = allowed(wanted);
        if (change == null || difference(change) >= -SMALL) {
            return false;
        }
        carryOut(change);
        return true;
    }

    private static void add(double[] to, double[] what, int sign) {
        for (int i = 0; i < to.length; i++) {
            to[i] += sign * what[i];
        }
    }
}
