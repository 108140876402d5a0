package zafu.core.grouping;

import java.util.Arrays;

/** Who sits where while a search goes on, and what an exchange would change, told at once from sums that are kept. */
final class Seats {
    private final Blocks blocks;
    private final Room room;
    private final GroupCost cost;
    private final double[][] features;
    private final double[][] placeCost;

    private int[] groupOf = new int[0];
    private int[] sizes = new int[0];
    private double[][] sums = new double[0][];
    private double[] groupCost = new double[0];
    /** How many blocks of a group must be apart from a block. */
    private int[][] conflicts = new int[0][];

    private int[][] members = new int[0][];
    private int[] memberCount = new int[0];
    private int[] placeInGroup = new int[0];

    /**
     * @param features of each block: sums over its members; all of one length
     * @param placeCost of each block in each group
     */
    Seats(Blocks blocks, Room room, GroupCost cost, double[][] features, double[][] placeCost) {
        this.blocks = blocks;
        this.room = room;
        this.cost = cost;
        this.features = features;
        this.placeCost = placeCost;
    }

    void settle(int[] seating) {
        int count = seating.length;
        groupOf = seating.clone();
        sizes = new int[room.groups()];
        sums = new double[room.groups()][count == 0 ? 0 : features[0].length];
        conflicts = new int[count][room.groups()];
        members = new int[room.groups()][count];
        memberCount = new int[room.groups()];
        placeInGroup = new int[count];
        for (int b = 0; b < count; b++) {
            sizes[groupOf[b]] += blocks.size(b);
            add(sums[groupOf[b]], features[b], 1);
            enter(b, groupOf[b]);
            for (int c = 0; c < count; c++) {
                conflicts[b][groupOf[c]] += blocks.apart[b][c] ? 1 : 0;
            }
        }
        groupCost = new double[room.groups()];
        Arrays.setAll(groupCost, g -> cost.of(sizes[g], sums[g]));
    }

    int[] seating() {
        return groupOf.clone();
    }

    int count() {
        return groupOf.length;
    }

    int groups() {
        return room.groups();
    }

    int groupOf(int block) {
        return groupOf[block];
    }

    int membersOf(int group) {
        return memberCount[group];
    }

    int member(int group, int place) {
        return members[group][place];
    }

    int sizeOf(int block) {
        return blocks.size(block);
    }

    boolean isFree(int block) {
        return blocks.lockedTo[block] == Blocks.FREE;
    }

    double total() {
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

    /** How many students too many would be in the first group after the exchange (below 0: too few), and so in the other. */
    int excess(Exchange wanted) {
        int moved = size(wanted.out()) - size(wanted.back());
        int tooFewLeft = room.least()[wanted.from()] - (sizes[wanted.from()] - moved);
        int tooManyThere = sizes[wanted.to()] + moved - room.most()[wanted.to()];
        if (tooFewLeft > 0 || tooManyThere > 0) {
            return -Math.max(tooFewLeft, tooManyThere);
        }
        int tooManyLeft = sizes[wanted.from()] - moved - room.most()[wanted.from()];
        int tooFewThere = room.least()[wanted.to()] - (sizes[wanted.to()] + moved);
        return Math.max(0, Math.max(tooManyLeft, tooFewThere));
    }

    /** Whether rules and room let it happen. */
    boolean allows(Exchange wanted) {
        return wanted.from() != wanted.to()
                && excess(wanted) == 0
                && mayGo(wanted.out(), wanted.to(), wanted.back())
                && mayGo(wanted.back(), wanted.from(), wanted.out());
    }

    private boolean mayGo(int[] going, int to, int[] leavingThere) {
        for (int block : going) {
            if (blocks.lockedTo[block] != Blocks.FREE) {
                return false;
            }
            int stay = conflicts[block][to];
            for (int other : leavingThere) {
                stay -= blocks.apart[block][other] ? 1 : 0;
            }
            if (stay > 0) {
                return false;
            }
        }
        return true;
    }

    /** By how much it would make the whole dearer; below 0 where cheaper. */
    double difference(Exchange change) {
        int from = change.from();
        int to = change.to();
        double[] ofFrom = sums[from].clone();
        double[] ofTo = sums[to].clone();
        double difference = 0;
        for (int block : change.out()) {
            add(ofFrom, features[block], -1);
            add(ofTo, features[block], 1);
            difference += placeCost[block][to] - placeCost[block][from] + wishes(block, from, to, change);
        }
        for (int block : change.back()) {
            add(ofFrom, features[block], 1);
            add(ofTo, features[block], -1);
            difference += placeCost[block][from] - placeCost[block][to] + wishes(block, to, from, change);
        }
        int moved = size(change.out()) - size(change.back());
        return difference
                + cost.of(sizes[from] - moved, ofFrom)
                - groupCost[from]
                + cost.of(sizes[to] + moved, ofTo)
                - groupCost[to];
    }

    /** Those who move as well stay as far from each other as they were: together, or in these two groups. */
    private double wishes(int block, int from, int to, Exchange change) {
        double difference = 0;
        for (Blocks.Tie tie : blocks.ties.get(block)) {
            if (!contains(change.out(), tie.other()) && !contains(change.back(), tie.other())) {
                boolean before = groupOf[tie.other()] == from;
                boolean after = groupOf[tie.other()] == to;
                if (before != after) {
                    difference += tie.together() == after ? -tie.weight() : tie.weight();
                }
            }
        }
        return difference;
    }

    void carryOut(Exchange change) {
        for (int block : change.out()) {
            move(block, change.from(), change.to());
        }
        for (int block : change.back()) {
            move(block, change.to(), change.from());
        }
        groupCost[change.from()] = cost.of(sizes[change.from()], sums[change.from()]);
        groupCost[change.to()] = cost.of(sizes[change.to()], sums[change.to()]);
    }

    private void move(int block, int from, int to) {
        leave(block, from);
        enter(block, to);
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

    private void enter(int block, int group) {
        placeInGroup[block] = memberCount[group];
        members[group][memberCount[group]++] = block;
    }

    private void leave(int block, int group) {
        int last = members[group][--memberCount[group]];
        members[group][placeInGroup[block]] = last;
        placeInGroup[last] = placeInGroup[block];
    }

    private int size(int[] several) {
        int size = 0;
        for (int block : several) {
            size += blocks.size(block);
        }
        return size;
    }

    private static boolean contains(int[] several, int one) {
        for (int each : several) {
            if (each == one) {
                return true;
            }
        }
        return false;
    }

    private static void add(double[] to, double[] what, int sign) {
        for (int i = 0; i < to.length; i++) {
            to[i] += sign * what[i];
        }
    }
}
