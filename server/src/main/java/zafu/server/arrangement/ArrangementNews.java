package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import zafu.core.bench.BenchState;
import zafu.core.grouping.Regrouping;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.roster.Roster;

/** What of the arrangements of a class needs a person: new scores that suggest a move, and students in no group. */
@Service
public class ArrangementNews {
    private final ArrangementRepository arrangements;
    private final BenchStore store;
    private final BenchAdvice advice;
    private final ScoreLines lines;
    private final Pools pools;
    private final ClassPermission permission;
    private final CurrentPerson current;

    ArrangementNews(
            ArrangementRepository arrangements,
            BenchStore store,
            BenchAdvice advice,
            ScoreLines lines,
            Pools pools,
            ClassPermission permission,
            CurrentPerson current) {
        this.arrangements = arrangements;
        this.store = store;
        this.advice = advice;
        this.lines = lines;
        this.pools = pools;
        this.permission = permission;
        this.current = current;
    }

    /**
     * What one arrangement asks for.
     *
     * @param revision of its bench, to be named with a step
     * @param measure its name
     * @param moves up and down only; watching needs nobody today
     * @param notPlaced given names of those in no group, where some students are in one
     */
    public record ForArrangement(
            long id, String name, long revision, String measure, List<Move> moves, List<String> notPlaced) {}

    /**
     * A move that a new score suggests.
     *
     * @param before the value when the groups were cut
     */
    public record Move(
            long studentId,
            String givenName,
            long toGroupId,
            String from,
            String to,
            boolean up,
            double before,
            double now) {}

    /** Of those that the adult may change, each that has something. */
    public List<ForArrangement> of(long classId) {
        List<ForArrangement> news = new ArrayList<>();
        List<Long> mine = permission.changeable();
        Optional<Long> me = current.anyAdultId();
        for (Arrangement each : arrangements.inUse(List.of(classId))) {
            if (each.measureId != null && each.isSeenBy(me) && mine.containsAll(pools.classesOf(each))) {
                ForArrangement found = of(each);
                if (!found.moves().isEmpty() || !found.notPlaced().isEmpty()) {
                    news.add(found);
                }
            }
        }
        return news;
    }

    private ForArrangement of(Arrangement arrangement) {
        Pool pool = pools.of(arrangement);
        BenchState state = store.read(arrangement.id);
        ScoreLines.Line line = lines.of(arrangement, pool);
        List<Move> moves = line.kind() == ScoreLines.Kind.MEASURE
                ? advice.of(arrangement, state, line.values(), line.scale()).stream()
                        .flatMap(each -> move(each, state, pool).stream())
                        .toList()
                : List.of();
        List<String> notPlaced = state.placed().isEmpty()
                ? List.of()
                : pool.names().values().stream()
                        .filter(each -> state.groupOf(each.id()).isEmpty())
                        .map(Roster.StudentName::givenName)
                        .toList();
        return new ForArrangement(
                arrangement.id,
                arrangement.name,
                arrangement.revision,
                line.scale().name(),
                moves,
                notPlaced);
    }

    private static Optional<Move> move(BenchView.Advised advised, BenchState state, Pool pool) {
        if (advised.toGroupId() == null) {
            return Optional.empty();
        }
        BenchState.Group from = state.group(state.groupOf(advised.id()).orElseThrow());
        BenchState.Group to = state.group(advised.toGroupId());
        return Optional.of(new Move(
                advised.id(),
                pool.names().get(new StudentId(advised.id())).givenName(),
                to.id(),
                from.name(),
                to.name(),
                advised.advice() == Regrouping.Advice.MOVE_UP,
                advised.before(),
                advised.now()));
    }
}
