package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.roster.StudentId;
import zafu.server.access.CurrentPerson;

/** Makes the groups of one arrangement anew in another that has none. */
@Component
class BenchCopies {
    private final BenchStore store;
    private final CurrentPerson current;

    BenchCopies(BenchStore store, CurrentPerson current) {
        this.store = store;
        this.current = current;
    }

    /** The same groups and who leads them, with those students of the pool who are in them; without notes. */
    void copy(long from, long to, Pool pool) {
        Map<Long, Long> newIds = new LinkedHashMap<>();
        BenchState state = there(from, pool);
        List<BenchState.Group> groups = made(state, to, newIds).stream()
                .map(pair -> pair.made().ledBy(pair.from().leads()))
                .toList();
        write(to, state, groups, newIds, state.locked());
    }

    /** As {@link #copy}, for a class with adults of its own: nobody leads the groups yet, and nobody is locked. */
    void copyAfresh(long from, long to, Pool pool) {
        Map<Long, Long> newIds = new LinkedHashMap<>();
        BenchState state = there(from, pool);
        write(to, state, made(state, to, newIds).stream().map(Pair::made).toList(), newIds, Set.of());
    }

    private BenchState there(long from, Pool pool) {
        return store.read(from)
                .onlyWith(pool.students().stream().map(StudentId::value).collect(Collectors.toSet()));
    }

    private record Pair(BenchState.Group from, BenchState.Group made) {}

    private List<Pair> made(BenchState state, long to, Map<Long, Long> newIds) {
        List<Pair> pairs = new ArrayList<>();
        for (BenchState.Group group : state.groups()) {
            BenchState.Group made = store.newGroup(to, group.name(), group.look());
            newIds.put(group.id(), made.id());
            pairs.add(new Pair(group, made.called(group.name(), group.studentName())));
        }
        return pairs;
    }

    private void write(
            long to, BenchState from, List<BenchState.Group> groups, Map<Long, Long> newIds, Set<Long> locked) {
        Map<Long, Long> placed = new TreeMap<>();
        from.placed().forEach((student, group) -> placed.put(student, newIds.get(group)));
        Map<Long, Set<Long>> also = new TreeMap<>();
        from.also()
                .forEach((student, further) -> also.put(
                        student, further.stream().map(newIds::get).collect(Collectors.toCollection(TreeSet::new))));
        BenchState empty = new BenchState(List.of(), Map.of(), Set.of(), Map.of());
        store.write(
                to,
                empty,
                new BenchState(groups, placed, locked, also),
                current.adult().adultId());
    }
}
