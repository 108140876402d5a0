package zafu.core.bench;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What one change of a bench touches, so that it can be said whether two people touched the same.
 *
 * @param students ids of those whose groups or lock differ
 * @param groups ids of those that came, went, or are called, noted or led otherwise
 * @param order whether the groups stand otherwise, or are others
 */
public record BenchChanges(Set<Long> students, Set<Long> groups, boolean order) {
    public static BenchChanges between(BenchState before, BenchState after) {
        Set<Long> students = new LinkedHashSet<>(before.placed().keySet());
        students.addAll(after.placed().keySet());
        students.removeIf(student -> before.groupsOf(student).equals(after.groupsOf(student))
                && before.locked().contains(student) == after.locked().contains(student));
        Map<Long, BenchState.Group> then = byId(before);
        Map<Long, BenchState.Group> now = byId(after);
        Set<Long> groups = new LinkedHashSet<>(then.keySet());
        groups.addAll(now.keySet());
        groups.removeIf(group -> Objects.equals(then.get(group), now.get(group)));
        return new BenchChanges(students, groups, !List.copyOf(then.keySet()).equals(List.copyOf(now.keySet())));
    }

    private static Map<Long, BenchState.Group> byId(BenchState state) {
        return state.groups().stream()
                .collect(Collectors.toMap(BenchState.Group::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    /** What both touch. */
    public BenchChanges inCommon(BenchChanges other) {
        Set<Long> both = new LinkedHashSet<>(students);
        both.retainAll(other.students);
        Set<Long> bothGroups = new LinkedHashSet<>(groups);
        bothGroups.retainAll(other.groups);
        return new BenchChanges(both, bothGroups, order && other.order);
    }

    public boolean isEmpty() {
        return students.isEmpty() && groups.isEmpty() && !order;
    }
}
