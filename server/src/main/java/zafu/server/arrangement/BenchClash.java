package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchChanges;
import zafu.core.bench.BenchState;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/**
 * Two people at one bench. What one does to students or groups that the other has touched since is refused with a word
 * of who did what, so that neither undoes the other unseen; what does not meet passes.
 */
@Component
class BenchClash {
    private static final int NAMED = 4;
    private final BenchStepRepository steps;
    private final Pools pools;
    private final AdultAccounts adults;
    private final CurrentPerson current;
    private final BenchStates kept;

    BenchClash(BenchStepRepository steps, Pools pools, AdultAccounts adults, CurrentPerson current, BenchStates kept) {
        this.steps = steps;
        this.pools = pools;
        this.adults = adults;
        this.current = current;
        this.kept = kept;
    }

    void refuse(Arrangement arrangement, @Nullable Long seen, BenchChanges wanted) {
        if (seen == null || seen >= arrangement.revision) {
            return;
        }
        for (BenchStep step : steps.findByArrangementIdAndRevisionGreaterThanAndChangedByNotOrderByRevision(
                arrangement.id, seen, current.adult().adultId())) {
            BenchState now = kept.read(step.undone ? step.stateBefore : step.stateAfter);
            BenchState then = kept.read(step.undone ? step.stateAfter : step.stateBefore);
            BenchChanges both = BenchChanges.between(then, now).inCommon(wanted);
            if (!both.isEmpty()) {
                String who = adults.displayNames(List.of(step.changedBy))
                        .getOrDefault(step.changedBy, inWords("everyone.somebody"));
                throw Refusal.conflict(
                        "clash",
                        inWords("arrangement.meanwhile", "who", who, "did", what(both, now, pools.of(arrangement))));
            }
        }
    }

    private static String what(BenchChanges both, BenchState now, Pool pool) {
        if (!both.students().isEmpty()) {
            return both.students().size() == 1
                    ? placed(both.students().iterator().next(), now, pool)
                    : inWords("arrangement.moved", "names", names(both.students(), pool.names()));
        }
        return both.groups().isEmpty()
                ? inWords("arrangement.changed-which-groups-there-are")
                : inWords(
                        "arrangement.changed",
                        "group",
                        now.groups().stream()
                                .filter(group -> both.groups().contains(group.id()))
                                .map(BenchState.Group::name)
                                .findFirst()
                                .orElseGet(() -> inWords("arrangement.a-group-that-is-gone-now")));
    }

    private static String placed(long student, BenchState now, Pool pool) {
        String name = names(List.of(student), pool.names());
        return now.groupOf(student)
                .map(group -> inWords(
                        "arrangement.put-into",
                        "name",
                        name,
                        "group",
                        now.group(group).name()))
                .orElse(inWords("arrangement.took-out-of-the-groups", "name", name));
    }

    private static String names(Collection<Long> students, Map<StudentId, Roster.StudentName> names) {
        String first = students.stream()
                .limit(NAMED)
                .map(StudentId::new)
                .filter(names::containsKey)
                .map(each -> names.get(each).givenName())
                .collect(Collectors.joining(", "));
        return students.size() > NAMED
                ? inWords("arrangement.and-more", "names", first, "more", (students.size() - NAMED))
                : first;
    }
}
