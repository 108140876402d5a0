package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import zafu.core.roster.StudentId;

/** The students of a question gathered into blocks that move as one, with what the rules say of the blocks. */
final class Blocks {
    static final int FREE = -1;
    private final List<StudentId> students;
    private final int[] blockOf;
    final int[][] members;
    final int[] lockedTo;
    final boolean[][] apart;
    final List<List<Tie>> ties;
    /** What wishes inside one block cost whatever is done. */
    final double settled;

    /** A wish seen from one block: toward another one. */
    record Tie(int other, boolean together, double weight) {}

    Blocks(List<StudentId> students, Rules rules) {
        this.students = students;
        Map<StudentId, Integer> placeOf = new HashMap<>();
        for (int i = 0; i < students.size(); i++) {
            placeOf.put(students.get(i), i);
        }
        blockOf = gathered(placeOf, rules.together());
        int count = Arrays.stream(blockOf).max().orElse(-1) + 1;
        members = members(count);
        lockedTo = locks(placeOf, rules, count);
        apart = conflicts(placeOf, rules, count);
        ties = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            ties.add(new ArrayList<>());
        }
        settled = tie(placeOf, rules);
    }

    private int[][] members(int count) {
        return IntStream.range(0, count)
                .mapToObj(block -> IntStream.range(0, blockOf.length)
                        .filter(i -> blockOf[i] == block)
                        .toArray())
                .toArray(int[][]::new);
    }

    private int[] locks(Map<StudentId, Integer> placeOf, Rules rules, int count) {
        int[] locks = new int[count];
        Arrays.fill(locks, FREE);
        rules.locked().forEach((student, group) -> {
            if (placeOf.containsKey(student)) {
                locks[blockOf[placeOf.get(student)]] = group;
            }
        });
        return locks;
    }

    private boolean[][] conflicts(Map<StudentId, Integer> placeOf, Rules rules, int count) {
        boolean[][] conflicts = new boolean[count][count];
        for (Rules.Pair pair : rules.apart()) {
            if (placeOf.containsKey(pair.one()) && placeOf.containsKey(pair.other())) {
                int one = blockOf[placeOf.get(pair.one())];
                int other = blockOf[placeOf.get(pair.other())];
                conflicts[one][other] = true;
                conflicts[other][one] = true;
            }
        }
        return conflicts;
    }

    /** Ties the blocks by the wishes between them, and answers what the wishes within one cost. */
    private double tie(Map<StudentId, Integer> placeOf, Rules rules) {
        double within = 0;
        for (Rules.Wish wish : rules.wishes()) {
            Integer one = placeOf.get(wish.pair().one());
            Integer other = placeOf.get(wish.pair().other());
            if (one == null || other == null) {
                continue;
            }
            if (blockOf[one] == blockOf[other]) {
                within += wish.together() ? 0 : wish.weight();
            } else {
                ties.get(blockOf[one]).add(new Tie(blockOf[other], wish.together(), wish.weight()));
                ties.get(blockOf[other]).add(new Tie(blockOf[one], wish.together(), wish.weight()));
            }
        }
        return within;
    }

    private static int[] gathered(Map<StudentId, Integer> placeOf, List<Set<StudentId>> together) {
        int[] leader = new int[placeOf.size()];
        Arrays.setAll(leader, i -> i);
        for (Set<StudentId> set : together) {
            int[] there = set.stream()
                    .filter(placeOf::containsKey)
                    .mapToInt(placeOf::get)
                    .toArray();
            for (int i = 1; i < there.length; i++) {
                int from = leader[there[i]];
                int to = leader[there[0]];
                for (int j = 0; j < leader.length; j++) {
                    leader[j] = leader[j] == from ? to : leader[j];
                }
            }
        }
        Set<Integer> leaders = new LinkedHashSet<>();
        Arrays.stream(leader).forEach(leaders::add);
        List<Integer> order = new ArrayList<>(leaders);
        return Arrays.stream(leader).map(order::indexOf).toArray();
    }

    int count() {
        return members.length;
    }

    int size(int block) {
        return members[block].length;
    }

    int students() {
        return students.size();
    }

    /** Groups of students from the group of each block; members in the order in which they were asked for. */
    List<List<StudentId>> groups(int[] groupOfBlock, int groups) {
        List<List<StudentId>> dealt = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            dealt.add(new ArrayList<>());
        }
        for (int i = 0; i < blockOf.length; i++) {
            dealt.get(groupOfBlock[blockOf[i]]).add(students.get(i));
        }
        return dealt;
    }

    /** The group of each block, where the students of each block are all in one; else empty. */
    Optional<int[]> from(int[] groupOfStudent) {
        int[] found = new int[count()];
        Arrays.fill(found, FREE);
        for (int i = 0; i < blockOf.length; i++) {
            int block = blockOf[i];
            if (found[block] != FREE && found[block] != groupOfStudent[i]) {
                return Optional.empty();
            }
            found[block] = groupOfStudent[i];
        }
        return Optional.of(found);
    }

    /** Whether this seating keeps every rule and the room. */
    boolean keeps(int[] groupOfBlock, Room room) {
        int[] sizes = new int[room.groups()];
        for (int b = 0; b < count(); b++) {
            sizes[groupOfBlock[b]] += size(b);
            if (lockedTo[b] != FREE && lockedTo[b] != groupOfBlock[b]) {
                return false;
            }
            for (int c = 0; c < b; c++) {
                if (apart[b][c] && groupOfBlock[b] == groupOfBlock[c]) {
                    return false;
                }
            }
        }
        for (int g = 0; g < sizes.length; g++) {
            if (sizes[g] < room.least()[g] || sizes[g] > room.most()[g]) {
                return false;
            }
        }
        return true;
    }
}
