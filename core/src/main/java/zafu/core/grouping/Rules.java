package zafu.core.grouping;

import java.util.List;
import java.util.Map;
import java.util.Set;
import zafu.core.roster.StudentId;

/**
 * What holds whatever the method: locks, keep-together sets and keep-apart pairs must, wishes are weighed. Students
 * whom a method does not place are passed over. Rule 2, common to every method.
 *
 * @param locked students who stay, with the place of their group from 0
 * @param together sets whose members are in one group
 * @param apart pairs whose two are in different groups
 * @param wishes pairs that would rather, or rather not, be together
 */
public record Rules(
        Map<StudentId, Integer> locked, List<Set<StudentId>> together, List<Pair> apart, List<Wish> wishes) {
    public static final Rules NONE = new Rules(Map.of(), List.of(), List.of(), List.of());

    public Rules {
        locked = Map.copyOf(locked);
        together = together.stream().map(Set::copyOf).toList();
        apart = List.copyOf(apart);
        wishes = List.copyOf(wishes);
    }

    /** Two students. */
    public record Pair(StudentId one, StudentId other) {
        public Pair {
            if (one.equals(other)) {
                throw new IllegalArgumentException("a pair needs two students, not " + one + " twice");
            }
        }
    }

    /**
     * @param together whether the two would rather be in one group, or rather not
     * @param weight what it costs when unmet, in the unit of the method's cost
     */
    public record Wish(Pair pair, boolean together, double weight) {}

    public boolean isEmpty() {
        return locked.isEmpty() && together.isEmpty() && apart.isEmpty() && wishes.isEmpty();
    }

    /** Without what is only wished. */
    Rules strict() {
        return new Rules(locked, together, apart, List.of());
    }
}
