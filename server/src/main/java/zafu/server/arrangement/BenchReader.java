package zafu.server.arrangement;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.grouping.CloseToLine;
import zafu.core.grouping.CutPlacement;
import zafu.core.grouping.FitCurve;
import zafu.core.grouping.GroupFigures;
import zafu.core.grouping.Scored;
import zafu.core.measure.CountingValue;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedsForWork;
import zafu.core.need.WorkKind;
import zafu.core.roster.StudentId;
import zafu.core.schedule.TimeLimit.TimeNeeds;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.measure.Measures;
import zafu.server.need.Needs;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Puts together what the bench shows, in a fixed number of reads. */
@Component
class BenchReader {
    private final BenchStore store;
    private final BenchStepRepository steps;
    private final Questions questions;
    private final Measures measures;
    private final Roster roster;
    private final Needs needs;
    private final SchoolSettings school;
    private final AdultAccounts adults;
    private final ClassPermission permission;
    private final BenchWatch watch;
    private final BenchAdvice advice;

    BenchReader(
            BenchStore store,
            BenchStepRepository steps,
            Questions questions,
            Measures measures,
            Roster roster,
            Needs needs,
            SchoolSettings school,
            AdultAccounts adults,
            ClassPermission permission,
            BenchWatch watch,
            BenchAdvice advice) {
        this.store = store;
        this.steps = steps;
        this.questions = questions;
        this.measures = measures;
        this.roster = roster;
        this.needs = needs;
        this.school = school;
        this.adults = adults;
        this.permission = permission;
        this.watch = watch;
        this.advice = advice;
    }

    BenchView view(Arrangement of) {
        Long measureId = of.measureId;
        if (measureId == null) {
            throw Refusal.conflict("no-measure", "This arrangement has no measure to show students by.");
        }
        Measures.MeasureCard measure = measures.card(measureId);
        BenchState state = store.read(of.id);
        Map<StudentId, CountingValue> values = questions.values(of.classId, measureId);
        Line line = new Line(state, values, measure);
        FitCurve fit = FitCurve.of(line.allValues(), of.sizes());
        Optional<BenchStep> last = steps.findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(of.id);
        long lastId = last.map(step -> step.id).orElse(0L);
        boolean canRedo = steps.findFirstByArrangementIdAndUndoneTrueAndIdGreaterThanOrderById(of.id, lastId)
                .isPresent();
        return new BenchView(
                of.id,
                of.classId,
                of.name,
                of.subject,
                of.beginsOn,
                of.endsOn,
                measure,
                of.method,
                of.smallest,
                of.largest,
                state.groups().stream().map(group -> shown(group, state, line)).toList(),
                students(of, state, line),
                line.cuts(),
                measures.cutsOf(measureId, roster.gradeOf(of.classId), school.today()),
                fit.fit().entrySet().stream()
                        .map(point -> new BenchView.FitPoint(point.getKey(), point.getValue()))
                        .toList(),
                fit.suggested().isPresent() ? fit.suggested().getAsInt() : null,
                last.isPresent(),
                canRedo,
                last.map(this::shown).orElse(null),
                permission.maySeeNeeds(of.classId) ? watch.rules(of.classId, state) : null,
                watch.imbalances(of.classId, state),
                advice.of(of, state, values, measure));
    }

    private BenchView.LastStep shown(BenchStep step) {
        String by = adults.displayNames(List.of(step.adultId)).getOrDefault(step.adultId, "");
        return new BenchView.LastStep(step.kind, step.takenAt, by);
    }

    private static BenchView.BenchGroup shown(BenchState.Group group, BenchState state, Line line) {
        GroupFigures figures = GroupFigures.of(state.membersOf(group.id()).size(), line.plainValues(group.id()));
        return new BenchView.BenchGroup(
                group.id(),
                group.name(),
                group.look(),
                group.note(),
                figures.size(),
                orNull(figures.median()),
                orNull(figures.lowest()),
                orNull(figures.highest()));
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private List<BenchView.BenchStudent> students(Arrangement of, BenchState state, Line line) {
        Map<StudentId, Roster.StudentName> names = roster.byId(of.classId);
        boolean needsToo = permission.maySeeNeeds(of.classId);
        Map<StudentId, List<Accommodation>> granted = needs.granted(names.keySet());
        LocalDate today = school.today();
        Accommodation.Work work = new Accommodation.Work(WorkKind.QUIZ, of.subject);
        Set<StudentId> close = line.closeToLine();
        List<BenchView.BenchStudent> shown = new ArrayList<>();
        names.forEach((id, name) -> {
            Optional<Long> group = state.groupOf(id.value());
            CountingValue value = line.value(id);
            CountingValue.Counts counts = value instanceof CountingValue.Counts found ? found : null;
            shown.add(new BenchView.BenchStudent(
                    id.value(),
                    name.givenName(),
                    name.familyName(),
                    group.orElse(null),
                    state.locked().contains(id.value()),
                    counts == null ? null : counts.value(),
                    counts == null ? null : counts.takenOn(),
                    counts != null && counts.stale(),
                    close.contains(id),
                    group.isPresent() ? null : reason(value),
                    !needsToo
                            ? null
                            : timeNeed(NeedsForWork.of(granted.getOrDefault(id, List.of()), work, today)
                                    .time())));
        });
        return shown;
    }

    private static BenchView.NotPlaced reason(CountingValue value) {
        if (value instanceof CountingValue.NeverAssessed) {
            return BenchView.NotPlaced.NOT_ASSESSED;
        }
        return value instanceof CountingValue.NoObservation
                ? BenchView.NotPlaced.NO_SCORE
                : BenchView.NotPlaced.BY_HAND;
    }

    private static @Nullable String timeNeed(TimeNeeds needs) {
        if (needs.untimed()) {
            return "untimed";
        }
        return needs.factors().isEmpty()
                ? null
                : needs.factors().get(0).stripTrailingZeros().toPlainString() + "×";
    }

    /** The score line: the groups with their values, on the footing "larger is better". */
    private static final class Line {
        private final BenchState state;
        private final Map<StudentId, CountingValue> values;
        private final Measures.MeasureCard measure;
        private final double sign;

        Line(BenchState state, Map<StudentId, CountingValue> values, Measures.MeasureCard measure) {
            this.state = state;
            this.values = values;
            this.measure = measure;
            this.sign = measure.lowerIsBetter() ? -1 : 1;
        }

        CountingValue value(StudentId student) {
            return values.getOrDefault(student, new CountingValue.NoObservation());
        }

        double[] allValues() {
            return values.values().stream()
                    .filter(CountingValue.Counts.class::isInstance)
                    .mapToDouble(value -> ((CountingValue.Counts) value).value())
                    .toArray();
        }

        List<Double> plainValues(long groupId) {
            return scored(groupId).stream().map(each -> sign * each.value()).toList();
        }

        List<Scored> scored(long groupId) {
            return state.membersOf(groupId).stream()
                    .map(StudentId::new)
                    .filter(student -> value(student) instanceof CountingValue.Counts)
                    .map(student -> new Scored(student, sign * ((CountingValue.Counts) value(student)).value()))
                    .toList();
        }

        List<BenchView.CutShown> cuts() {
            List<BenchView.CutShown> cuts = new ArrayList<>();
            for (int i = 1; i < state.groups().size(); i++) {
                long lower = state.groups().get(i - 1).id();
                long upper = state.groups().get(i).id();
                CutPlacement.between(better(upper), better(lower))
                        .ifPresent(cut -> cuts.add(new BenchView.CutShown(lower, upper, sign * cut)));
            }
            return cuts;
        }

        private List<Double> better(long groupId) {
            return scored(groupId).stream().map(Scored::value).toList();
        }

        Set<StudentId> closeToLine() {
            Double error = measure.standardError();
            List<List<Scored>> bestFirst = new ArrayList<>();
            state.groups().forEach(group -> bestFirst.add(0, scored(group.id())));
            return error == null ? Set.of() : CloseToLine.of(bestFirst, error);
        }
    }
}
