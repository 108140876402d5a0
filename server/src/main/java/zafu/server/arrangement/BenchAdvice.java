package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.grouping.CutPlacement;
import zafu.core.grouping.Regrouping;
import zafu.core.measure.Better;
import zafu.core.measure.CountingValue;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.BenchView.Advised;
import zafu.server.measure.Measures;
import zafu.server.roster.SchoolSettings;

/**
 * What new scores say of the groups. The cuts are those that lay between the groups when they were last cut, by the
 * values of then; who was moved by hand since is judged by where they are now.
 */
@Component
class BenchAdvice {
    private static final Set<BenchCommand.Kind> CUTTING =
            EnumSet.of(BenchCommand.Kind.TAKE_PROPOSAL, BenchCommand.Kind.MOVE_CUT);
    private static final Set<Method> BY_SCORE = EnumSet.of(Method.SIMILAR, Method.BANDS, Method.SAME_SIZE);
    private final BenchStepRepository steps;
    private final Measures measures;
    private final SchoolSettings school;
    private final BenchStates kept;

    BenchAdvice(BenchStepRepository steps, Measures measures, SchoolSettings school, BenchStates kept) {
        this.steps = steps;
        this.measures = measures;
        this.school = school;
        this.kept = kept;
    }

    List<Advised> of(
            Arrangement of, BenchState now, Map<StudentId, CountingValue> values, Measures.MeasureCard measure) {
        Optional<BenchStep> cutting =
                steps.findFirstByArrangementIdAndUndoneFalseAndKindInOrderByIdDesc(of.id, CUTTING);
        if (!BY_SCORE.contains(of.method) || cutting.isEmpty()) {
            return List.of();
        }
        BenchState then = kept.read(cutting.get().stateAfter);
        Map<StudentId, CountingValue> before =
                measures.countedAt(measure.id(), values.keySet(), cutting.get().takenAt, school.today());
        Better better = measure.better();
        List<Long> order = then.groups().stream().map(BenchState.Group::id).toList();
        Optional<List<Double>> cuts = cuts(then, before, better);
        if (cuts.isEmpty()
                || !order.equals(now.groups().stream().map(BenchState.Group::id).toList())) {
            return List.of();
        }
        double error = measure.standardError() == null ? 0 : measure.standardError();
        Regrouping regrouping = new Regrouping(cuts.get(), error);
        List<Advised> advised = new ArrayList<>();
        values.forEach((student, value) -> {
            Optional<Long> group = now.groupOf(student.value());
            if (group.isPresent()
                    && !now.locked().contains(student.value())
                    && value instanceof CountingValue.Counts counts
                    && before.get(student) instanceof CountingValue.Counts old
                    && old.value() != counts.value()) {
                int place = order.indexOf(group.get());
                Regrouping.Advice says = regrouping.of(order.size() - 1 - place, better.rising(counts.value()));
                if (says != Regrouping.Advice.STAY) {
                    advised.add(new Advised(
                            student.value(), says, target(order, place, says), old.value(), counts.value()));
                }
            }
        });
        return advised;
    }

    private static @Nullable Long target(List<Long> order, int place, Regrouping.Advice advice) {
        return switch (advice) {
            case MOVE_UP -> order.get(place + 1);
            case MOVE_DOWN -> order.get(place - 1);
            case WATCH, STAY -> null;
        };
    }

    /** Highest first; empty where two neighbours overlap, so that no cut parted them. */
    private static Optional<List<Double>> cuts(BenchState then, Map<StudentId, CountingValue> before, Better better) {
        List<List<Double>> lowestFirst = then.groups().stream()
                .map(group -> then.membersOf(group.id()).stream()
                        .map(id -> before.get(new StudentId(id)))
                        .filter(CountingValue.Counts.class::isInstance)
                        .map(value -> better.rising(((CountingValue.Counts) value).value()))
                        .toList())
                .toList();
        List<Optional<Double>> cuts = IntStream.iterate(lowestFirst.size() - 1, i -> i > 0, i -> i - 1)
                .mapToObj(i -> CutPlacement.between(lowestFirst.get(i), lowestFirst.get(i - 1)))
                .toList();
        return cuts.stream().allMatch(Optional::isPresent)
                ? Optional.of(cuts.stream().map(Optional::orElseThrow).toList())
                : Optional.empty();
    }
}
