package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.bench.BenchChanges;
import zafu.core.bench.BenchState;
import zafu.core.grouping.Comparison;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.arrangement.BenchHistoryApi.Compared;
import zafu.server.arrangement.BenchHistoryApi.ComparedStudent;
import zafu.server.arrangement.BenchHistoryApi.FormerGroup;
import zafu.server.arrangement.BenchHistoryApi.HistoryStep;
import zafu.server.arrangement.BenchHistoryApi.MovedStudent;
import zafu.server.platform.Refusal;

/** What happened on a bench, by whom and when, and how a bench differs from an earlier one. */
@Service
class BenchHistory {
    private final ArrangementRepository arrangements;
    private final BenchStepRepository steps;
    private final BenchStore store;
    private final Pools pools;
    private final AdultAccounts adults;
    private final BenchStates kept;

    BenchHistory(
            ArrangementRepository arrangements,
            BenchStepRepository steps,
            BenchStore store,
            Pools pools,
            AdultAccounts adults,
            BenchStates kept) {
        this.arrangements = arrangements;
        this.steps = steps;
        this.store = store;
        this.pools = pools;
        this.adults = adults;
        this.kept = kept;
    }

    /** The newest 200 steps, the newest first. */
    @Transactional(readOnly = true)
    List<HistoryStep> of(long arrangementId) {
        Arrangement arrangement = require(arrangementId);
        Pool pool = pools.of(arrangement);
        List<BenchStep> newest = steps.findTop200ByArrangementIdOrderByIdDesc(arrangement.id);
        Set<Long> who = newest.stream().map(step -> step.adultId).collect(Collectors.toSet());
        Map<Long, String> names = adults.displayNames(who);
        return newest.stream()
                .map(step -> shown(step, names.getOrDefault(step.adultId, ""), pool))
                .toList();
    }

    private HistoryStep shown(BenchStep step, String by, Pool pool) {
        BenchState before = kept.read(step.stateBefore);
        BenchState after = kept.read(step.stateAfter);
        List<MovedStudent> moved = new ArrayList<>();
        for (long student : BenchChanges.between(before, after).students()) {
            StudentId id = new StudentId(student);
            if (pool.names().containsKey(id) && !before.groupsOf(student).equals(after.groupsOf(student))) {
                moved.add(new MovedStudent(
                        pool.names().get(id).givenName(), names(student, before), names(student, after)));
            }
        }
        return new HistoryStep(step.id, step.kind, step.takenAt, by, step.undone, moved);
    }

    private static List<String> names(long student, BenchState in) {
        return in.groupsOf(student).stream()
                .map(group -> in.group(group).name())
                .toList();
    }

    /**
     * The bench as it is beside another arrangement, or beside itself after an earlier step.
     *
     * @param other the arrangement, or absent for the same
     * @param stepId the step, or absent for the other arrangement as it is
     */
    @Transactional(readOnly = true)
    Compared compare(long arrangementId, @Nullable Long other, @Nullable Long stepId) {
        Arrangement arrangement = require(arrangementId);
        Arrangement then = require(other == null ? arrangementId : other);
        BenchState now = store.read(arrangementId);
        BenchState before = stepId == null
                ? store.read(then.id)
                : kept.read(steps.findByIdAndArrangementId(stepId, then.id)
                        .orElseThrow(() -> Refusal.notFound("step"))
                        .stateAfter);
        List<Optional<Integer>> pairs = then.id.equals(arrangement.id)
                ? pairsById(before, now)
                : Comparison.of(sets(before), sets(now)).pairs();
        return compared(pools.of(arrangement), before, now, pairs);
    }

    private static List<Optional<Integer>> pairsById(BenchState before, BenchState now) {
        List<Long> then = before.groups().stream().map(BenchState.Group::id).toList();
        return now.groups().stream()
                .map(group -> Optional.of(then.indexOf(group.id())).filter(place -> place >= 0))
                .toList();
    }

    private static List<Set<StudentId>> sets(BenchState state) {
        return state.groups().stream()
                .map(group ->
                        state.membersOf(group.id()).stream().map(StudentId::new).collect(Collectors.toSet()))
                .toList();
    }

    private static Compared compared(Pool pool, BenchState before, BenchState now, List<Optional<Integer>> pairs) {
        List<FormerGroup> groups = new ArrayList<>();
        for (int g = 0; g < now.groups().size(); g++) {
            groups.add(new FormerGroup(
                    now.groups().get(g).id(),
                    pairs.get(g).map(place -> before.groups().get(place).name()).orElse(null)));
        }
        List<ComparedStudent> students = new ArrayList<>();
        pool.students().forEach(student -> {
            Set<Long> goesOn = new LinkedHashSet<>();
            for (int g = 0; g < now.groups().size(); g++) {
                if (now.groupsOf(student.value()).contains(now.groups().get(g).id())) {
                    goesOn.add(pairs.get(g)
                            .map(place -> before.groups().get(place).id())
                            .orElse(-1L));
                }
            }
            boolean moved = !goesOn.equals(new LinkedHashSet<>(before.groupsOf(student.value())));
            students.add(new ComparedStudent(student.value(), names(student.value(), before), moved));
        });
        return new Compared(groups, students);
    }

    private Arrangement require(long arrangementId) {
        Arrangement found = arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        pools.requireSee(found);
        return found;
    }
}
