package zafu.server.arrangement;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.grouping.FitCurve;
import zafu.core.grouping.GroupFigures;
import zafu.core.measure.CountingValue;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedsForWork;
import zafu.core.need.WorkKind;
import zafu.core.roster.StudentId;
import zafu.core.schedule.TimeLimit.TimeNeeds;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.measure.Bands;
import zafu.server.measure.Measures;
import zafu.server.need.Needs;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Puts together what the bench shows, in a fixed number of reads. */
@Component
class BenchReader {
    private final BenchStore store;
    private final BenchStepRepository steps;
    private final ScoreLines lines;
    private final Pools pools;
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
            ScoreLines lines,
            Pools pools,
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
        this.lines = lines;
        this.pools = pools;
        this.measures = measures;
        this.roster = roster;
        this.needs = needs;
        this.school = school;
        this.adults = adults;
        this.permission = permission;
        this.watch = watch;
        this.advice = advice;
    }

    /** Everything read for one bench. */
    private record Read(
            Arrangement of,
            Pool pool,
            BenchState state,
            ScoreLines.Line shown,
            BenchLine line,
            List<Measures.BandCut> bands,
            boolean needsToo,
            Map<StudentId, List<Accommodation>> granted) {}

    BenchView view(Arrangement of) {
        Read read = read(of);
        BenchState state = read.state();
        FitCurve fit = FitCurve.of(read.line().allValues(), of.sizes());
        Optional<BenchStep> last = steps.findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(of.id);
        long lastId = last.map(step -> step.id).orElse(0L);
        boolean canRedo = steps.findFirstByArrangementIdAndUndoneTrueAndIdGreaterThanOrderById(of.id, lastId)
                .isPresent();
        boolean ofMeasure = read.shown().kind() == ScoreLines.Kind.MEASURE;
        List<Roster.KnownStudent> known = roster.known(read.pool().classIds());
        return new BenchView(
                of.id,
                of.classId,
                of.name,
                of.subject,
                of.beginsOn,
                of.endsOn,
                read.shown().scale(),
                of.method,
                of.smallest,
                of.largest,
                state.groups().stream().map(group -> shown(group, read)).toList(),
                students(read),
                read.line().cuts(),
                read.bands(),
                fit.fit().entrySet().stream()
                        .map(point -> new BenchView.FitPoint(point.getKey(), point.getValue()))
                        .toList(),
                fit.suggested().isPresent() ? fit.suggested().getAsInt() : null,
                last.isPresent(),
                canRedo,
                last.map(this::shown).orElse(null),
                read.needsToo() ? watch.rules(read.pool(), state) : null,
                watch.imbalances(known, state, of.watchedTags()),
                ofMeasure
                        ? advice.of(
                                of, state, read.shown().values(), read.shown().scale())
                        : List.of(),
                read.shown().kind(),
                of.secondMeasureId,
                details(of, read.pool()),
                adults(read.pool()),
                known.stream()
                        .flatMap(each -> each.tags().stream())
                        .distinct()
                        .sorted()
                        .toList(),
                of.revision);
    }

    private Read read(Arrangement of) {
        Pool pool = pools.of(of);
        BenchState state = store.read(of.id);
        ScoreLines.Line line = lines.of(of, pool);
        return new Read(
                of,
                pool,
                state,
                line,
                new BenchLine(state, line),
                line.kind() == ScoreLines.Kind.MEASURE
                        ? measures.cutsOf(line.scale().id(), roster.gradeOf(of.classId), school.today())
                        : List.of(),
                pools.maySeeNeeds(pool),
                needs.granted(pool.students()));
    }

    private static BenchView.Details details(Arrangement of, Pool pool) {
        return new BenchView.Details(
                of.purpose,
                of.description,
                of.note,
                of.overlap,
                pool.classIds(),
                of.watchedTags().orElse(null),
                of.sight,
                of.version);
    }

    private List<BenchView.AdultName> adults(Pool pool) {
        Set<Long> ids = new LinkedHashSet<>();
        permission.adultsOf(pool.classIds()).values().forEach(of -> ids.addAll(of.keySet()));
        return adults.displayNames(ids).entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(each -> new BenchView.AdultName(each.getKey(), each.getValue()))
                .toList();
    }

    private BenchView.LastStep shown(BenchStep step) {
        String by = adults.displayNames(List.of(step.adultId)).getOrDefault(step.adultId, "");
        return new BenchView.LastStep(step.kind, step.takenAt, by);
    }

    private BenchView.BenchGroup shown(BenchState.Group group, Read read) {
        List<Long> members = read.state().membersOf(group.id());
        List<Double> values = read.line().plainValues(group.id());
        GroupFigures figures = GroupFigures.of(members.size(), values);
        return new BenchView.BenchGroup(
                group.id(),
                group.name(),
                group.look(),
                group.note(),
                group.studentName(),
                List.copyOf(group.leads()),
                figures.size(),
                orNull(figures.median()),
                orNull(figures.mean()),
                orNull(figures.deviation()),
                orNull(figures.lowest()),
                orNull(figures.highest()),
                bands(values, read),
                read.needsToo()
                        ? (int) members.stream()
                                .filter(each -> hasNeeds(read.granted().getOrDefault(new StudentId(each), List.of())))
                                .count()
                        : null);
    }

    private boolean hasNeeds(List<Accommodation> granted) {
        return granted.stream().anyMatch(each -> each.isInForceOn(school.today()));
    }

    private static List<BenchView.BandCount> bands(List<Double> values, Read read) {
        if (read.bands().isEmpty()) {
            return List.of();
        }
        Bands bands = new Bands(read.bands(), read.shown().scale().better());
        Map<Integer, Long> counts =
                values.stream().collect(Collectors.groupingBy(bands::of, TreeMap::new, Collectors.counting()));
        return counts.entrySet().stream()
                .map(each -> new BenchView.BandCount(
                        bands.nameOf(each.getKey()).orElse(null),
                        each.getValue().intValue()))
                .toList();
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private List<BenchView.BenchStudent> students(Read read) {
        Map<Long, String> homes = homes(read.pool());
        LocalDate today = school.today();
        Accommodation.Work work = new Accommodation.Work(WorkKind.QUIZ, read.of().subject);
        Set<StudentId> close = read.line().closeToLine();
        List<BenchView.BenchStudent> shown = new ArrayList<>();
        read.pool().names().forEach((id, name) -> {
            List<Long> groups = read.state().groupsOf(id.value());
            CountingValue value = read.line().value(id);
            CountingValue.Counts counts = value instanceof CountingValue.Counts found ? found : null;
            List<Accommodation> granted = read.granted().getOrDefault(id, List.of());
            shown.add(new BenchView.BenchStudent(
                    id.value(),
                    name.givenName(),
                    name.familyName(),
                    groups.isEmpty() ? null : groups.get(0),
                    groups.isEmpty() ? List.of() : groups.subList(1, groups.size()),
                    homes.get(id.value()),
                    read.state().locked().contains(id.value()),
                    counts == null ? null : counts.value(),
                    counts == null ? null : counts.takenOn(),
                    counts != null && counts.stale(),
                    close.contains(id),
                    groups.isEmpty() ? reason(value) : null,
                    read.needsToo()
                            ? timeNeed(NeedsForWork.of(granted, work, today).time())
                            : null));
        });
        return shown;
    }

    /** The class of each student by name, where there are several classes. */
    private Map<Long, String> homes(Pool pool) {
        Map<Long, String> homes = new LinkedHashMap<>();
        if (pool.classIds().size() > 1) {
            roster.membersOf(pool.classIds()).forEach((classId, members) -> {
                String name = roster.nameOf(classId);
                members.forEach(member -> homes.merge(member, name, (one, other) -> one + ", " + other));
            });
        }
        return homes;
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
}
