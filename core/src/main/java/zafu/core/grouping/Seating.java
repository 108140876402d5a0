package zafu.core.grouping;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Finds some seating that keeps every rule, by trying the blocks in the order of how hard they are to place and going
 * back where one has no place left. Bounded by a count of tries, so that a hopeless question ends too.
 */
final class Seating {
    private static final int MOST_TRIES = 200_000;
    private final Blocks blocks;
    private final Room room;
    private final int[] order;
    private final int[] groupOf;
    private final int[] sizes;
    private final int[] sizeAfter;
    private int tries;

    private Seating(Blocks blocks, Room room) {
        this.blocks = blocks;
        this.room = room;
        order = IntStream.range(0, blocks.count())
                .boxed()
                .sorted((one, other) -> Integer.compare(hardness(other), hardness(one)))
                .mapToInt(Integer::intValue)
                .toArray();
        groupOf = new int[blocks.count()];
        Arrays.fill(groupOf, Blocks.FREE);
        sizes = new int[room.groups()];
        sizeAfter = new int[order.length + 1];
        for (int i = order.length - 1; i >= 0; i--) {
            sizeAfter[i] = sizeAfter[i + 1] + blocks.size(order[i]);
        }
    }

    private int hardness(int block) {
        int conflicts = 0;
        for (boolean apart : blocks.apart[block]) {
            conflicts += apart ? 1 : 0;
        }
        return (blocks.lockedTo[block] == Blocks.FREE ? 0 : 1_000_000) + blocks.size(block) * 1000 + conflicts;
    }

    /** The group of each block; empty when none was found. */
    static Optional<int[]> find(Blocks blocks, Room room) {
        Seating seating = new Seating(blocks, room);
        return seating.place(0) ? Optional.of(seating.groupOf) : Optional.empty();
    }

    private boolean place(int at) {
        if (at == order.length) {
            return IntStream.range(0, sizes.length).allMatch(g -> sizes[g] >= room.least()[g]);
        }
        if (++tries > MOST_TRIES || missing() > sizeAfter[at]) {
            return false;
        }
        int block = order[at];
        for (int group : emptiestFirst()) {
            if (fits(block, group)) {
                groupOf[block] = group;
                sizes[group] += blocks.size(block);
                if (place(at + 1)) {
                    return true;
                }
                sizes[group] -= blocks.size(block);
                groupOf[block] = Blocks.FREE;
            }
        }
        return false;
    }

    private int missing() {
        return IntStream.range(0, sizes.length)
                .map(g -> Math.max(0, room.least()[g] - sizes[g]))
                .sum();
    }

    private int[] emptiestFirst() {
        return IntStream.range(0, sizes.length)
                .boxed()
                .sorted((one, other) -> Integer.compare(lack(other), lack(one)))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    /** Groups that still miss students come first, then those with the most seats left. */
    private int lack(int group) {
        return Math.max(0, room.least()[group] - sizes[group]) * 10_000 + room.most()[group] - sizes[group];
    }

    private boolean fits(int block, int group) {
        if (sizes[group] + blocks.size(block) > room.most()[group]) {
            return false;
        }
        if (blocks.lockedTo[block] != Blocks.FREE && blocks.lockedTo[block] != group) {
            return false;
        }
        return IntStream.range(0, groupOf.length)
                .noneMatch(other -> groupOf[other] == group && blocks.apart[block][other]);
    }
}
