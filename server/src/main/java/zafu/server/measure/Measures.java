package zafu.server.measure;

import java.text.NumberFormat;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.measure.Better;
import zafu.core.measure.CountingValue;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Observation;
import zafu.core.measure.Season;
import zafu.core.roster.StudentId;
import zafu.server.access.OwnOrShared;
import zafu.server.platform.Refusal;

/** Measures and observations, for the other features. Permission is theirs to check. */
@Service
public class Measures {
    /** Begins the source id of a measure that was made from the results of a task. */
    public static final String OF_A_TASK = "task-";

    private final MeasureRepository measures;
    private final MeasureCutRepository cuts;
    private final ObservationRepository observations;
    private final OwnOrShared sharing;
    private final Clock clock;

    Measures(
            MeasureRepository measures,
            MeasureCutRepository cuts,
            ObservationRepository observations,
            OwnOrShared sharing,
            Clock clock) {
        this.measures = measures;
        this.sharing = sharing;
        this.cuts = cuts;
        this.observations = observations;
        this.clock = clock;
    }

    /**
     * @param levels names of levels, lowest first, for which values are places from 0; empty for a numeric measure
     * @param standardError in the measure's unit
     * @param meanOf with MEAN: of how many values
     * @param classId whose own it is; absent where the whole school shares it
     */
    public record MeasureCard(
            long id,
            String name,
            String unit,
            double lowest,
            double highest,
            int decimals,
            boolean lowerIsBetter,
            @Nullable Double standardError,
            List<String> levels,
            String whichCounts,
            @Nullable Integer meanOf,
            int shelfLifeDays,
            boolean archived,
            @Nullable Long classId) {

        public Better better() {
            return Better.of(lowerIsBetter);
        }

        /** Whether it is for every class, or this one's own. */
        public boolean isFor(long asked) {
            return classId == null || classId == asked;
        }

        /** A value as a person reads it: the name of its level, or the number without its unit. */
        public String shown(double value, Locale locale) {
            int level = (int) Math.round(value);
            if (level >= 0 && level < levels.size()) {
                return levels.get(level);
            }
            NumberFormat format = NumberFormat.getInstance(locale);
            format.setGroupingUsed(false);
            format.setMaximumFractionDigits(Math.max(1, decimals));
            return format.format(value);
        }
    }

    /** A measure to be made; levels and class as in {@link MeasureCard}. */
    public record NewMeasure(
            String name,
            String unit,
            NumericScale scale,
            List<String> levels,
            int shelfLifeDays,
            String sourceId,
            @Nullable Long classId) {}

    /** Where a band begins, and its name. */
    public record BandCut(double score, String name) {}

    /** One observation to be noted. */
    public record ToNote(long studentId, Observation observation) {}

    /** Those in use that the signed-in adult sees, oldest first. */
    public List<MeasureCard> all() {
        Predicate<@Nullable Long> seen = sharing.seen();
        return measures.findAllByOrderById().stream()
                .filter(each -> !each.archived && seen.test(each.classId))
                .map(Measures::card)
                .toList();
    }

    /** Of these, the ones for a class: shared by the whole school, or its own. */
    public List<MeasureCard> ofClass(long classId) {
        return all().stream().filter(each -> each.isFor(classId)).toList();
    }

    /** Those in use that the whole school shares. */
    public List<MeasureCard> shared() {
        return all().stream().filter(each -> each.classId() == null).toList();
    }

    /** The measure of something that may be seen already; one that a person names is {@link #chosen}. */
    public MeasureCard card(long measureId) {
        return card(measure(measureId));
    }

    /** A measure that the signed-in adult named, which is "not here" where another class has it for itself. */
    public MeasureCard chosen(long measureId) {
        Measure found = measure(measureId);
        if (!sharing.seen().test(found.classId)) {
            throw Refusal.notFound("measure");
        }
        return card(found);
    }

    static MeasureCard card(Measure measure) {
        return new MeasureCard(
                measure.id,
                measure.name,
                measure.unit,
                measure.lowest,
                measure.highest,
                measure.decimals,
                measure.lowerIsBetter,
                measure.standardError,
                measure.levelNames(),
                measure.whichCounts.name(),
                measure.meanOf,
                measure.shelfLifeDays,
                measure.archived,
                measure.classId);
    }

    public NumericScale scale(long measureId) {
        return measure(measureId).scale();
    }

    /** Measures in use that the signed-in adult sees, by the id under which other systems know them. */
    public Map<String, MeasureCard> bySourceId() {
        Map<String, MeasureCard> found = new LinkedHashMap<>();
        Predicate<@Nullable Long> seen = sharing.seen();
        measures.findAllByOrderById().stream()
                .filter(each -> !each.archived && seen.test(each.classId))
                .forEach(each -> found.put(each.sourceId, card(each)));
        return found;
    }

    /** The name, or with the lowest number after it under which no measure is known, one that was put away neither. */
    public String freeName(String wanted) {
        Set<String> taken = measures.findAllByOrderById().stream()
                .map(each -> each.name.toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
        String name = wanted;
        for (int number = 2; taken.contains(name.toLowerCase(Locale.ROOT)); number++) {
            name = wanted + " (" + number + ")";
        }
        return name;
    }

    /** Makes a measure; one of that name and class that was put away is taken out again, with the scale that is wanted. */
    public long create(NewMeasure wanted) {
        Measure made = measures.findAllByOrderById().stream()
                .filter(each -> each.archived
                        && Objects.equals(each.classId, wanted.classId())
                        && (each.name.equalsIgnoreCase(wanted.name()) || each.sourceId.equals(wanted.sourceId())))
                .findFirst()
                .orElseGet(Measure::new);
        made.archived = false;
        made.classId = wanted.classId();
        made.name = wanted.name();
        made.unit = wanted.unit();
        made.lowest = wanted.scale().lowest();
        made.highest = wanted.scale().highest();
        made.decimals = wanted.scale().decimals();
        made.lowerIsBetter = wanted.scale().better() == Better.LOWER;
        made.standardError = wanted.scale().standardError().isPresent()
                ? wanted.scale().standardError().getAsDouble()
                : null;
        made.levels = String.join("\n", wanted.levels());
        made.shelfLifeDays = wanted.shelfLifeDays();
        if (made.id == null) {
            made.sourceId = wanted.sourceId();
        }
        return measures.save(made).id;
    }

    /** Puts a measure away, or takes it out again; its values stay. */
    public void archive(long measureId, boolean away) {
        Measure found = measure(measureId);
        found.archived = away;
        measures.save(found);
    }

    public void addCut(long measureId, int grade, Season season, BandCut cut) {
        MeasureCut made = new MeasureCut();
        made.measureId = measureId;
        made.grade = grade;
        made.season = season;
        made.score = cut.score();
        made.name = cut.name();
        cuts.save(made);
    }

    public List<BandCut> cutsOf(long measureId, int grade, LocalDate on) {
        return cuts.findByMeasureIdAndGradeAndSeasonOrderByScore(measureId, grade, Season.of(on)).stream()
                .map(cut -> new BandCut(cut.score, cut.name))
                .toList();
    }

    /** Notes many observations at once. */
    public void record(long measureId, Collection<ToNote> seen, @Nullable Long runId, @Nullable Long enteredBy) {
        List<ObservationRow> rows = new ArrayList<>();
        for (ToNote each : seen) {
            Observation observation = each.observation();
            ObservationRow row = new ObservationRow();
            row.measureId = measureId;
            row.studentId = each.studentId();
            row.takenOn = observation.takenOn();
            row.score = observation.value().isPresent() ? observation.value().getAsDouble() : null;
            row.reason = observation instanceof Observation.NotAssessed none ? none.reason() : null;
            row.enteredAt = clock.instant();
            row.enteredBy = enteredBy;
            row.runId = runId;
            rows.add(row);
        }
        observations.saveAll(rows);
    }

    /** Takes back all observations that an import brought. */
    public void removeRun(long runId, @Nullable Long by) {
        observations.removeRun(runId, clock.instant(), by);
    }

    /** Whether anything was ever measured of any of these students. */
    public boolean hasAny(Collection<StudentId> students) {
        return observations.existsByStudentIdInAndRemovedAtIsNull(
                students.stream().map(StudentId::value).toList());
    }

    /** All that was noted of these students by student and measure, in the order of entry. */
    public Map<Long, Map<Long, List<Observation>>> noted(Collection<Long> students) {
        Map<Long, Map<Long, List<Observation>>> found = new LinkedHashMap<>();
        observations.seen(students.toArray(Long[]::new)).stream().map(Seen::of).forEach(row -> found.computeIfAbsent(
                        row.studentId(), id -> new LinkedHashMap<>())
                .computeIfAbsent(row.measureId(), id -> new ArrayList<>())
                .add(row.asObservation()));
        return found;
    }

    /** The value that counts for each of these students, in their order. */
    public Map<StudentId, CountingValue> counting(long measureId, Collection<StudentId> students, LocalDate today) {
        return counting(
                measureId,
                students,
                observations.findByMeasureIdAndStudentIdInAndRemovedAtIsNullOrderById(measureId, ids(students)),
                today);
    }

    /** The values that counted for these students at a moment, by what had been entered and not taken back then. */
    public Map<StudentId, CountingValue> countedAt(
            long measureId, Collection<StudentId> students, Instant moment, LocalDate today) {
        List<ObservationRow> rows = observations
                .findByMeasureIdAndStudentIdInAndEnteredAtLessThanEqualOrderById(measureId, ids(students), moment)
                .stream()
                .filter(row -> row.removedAt == null || row.removedAt.isAfter(moment))
                .toList();
        return counting(measureId, students, rows, today);
    }

    private static List<Long> ids(Collection<StudentId> students) {
        return students.stream().map(StudentId::value).toList();
    }

    private Map<StudentId, CountingValue> counting(
            long measureId, Collection<StudentId> students, List<ObservationRow> rows, LocalDate today) {
        CountingValue.Counting how = measure(measureId).counting();
        Map<StudentId, List<Observation>> seen = new LinkedHashMap<>();
        students.forEach(student -> seen.put(student, new ArrayList<>()));
        rows.forEach(row -> seen.get(new StudentId(row.studentId)).add(row.asObservation()));
        Map<StudentId, CountingValue> counting = new LinkedHashMap<>();
        seen.forEach((student, list) -> counting.put(student, CountingValue.of(list, how, today)));
        return counting;
    }

    private Measure measure(long measureId) {
        return measures.findById(measureId).orElseThrow(() -> Refusal.notFound("measure"));
    }
}
