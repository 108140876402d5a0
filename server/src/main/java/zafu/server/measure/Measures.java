package zafu.server.measure;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.measure.CountingValue;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Observation;
import zafu.core.measure.Season;
import zafu.core.roster.StudentId;
import zafu.server.platform.Refusal;

/** Measures and observations, for the other features. Permission is theirs to check. */
@Service
public class Measures {
    private final MeasureRepository measures;
    private final MeasureCutRepository cuts;
    private final ObservationRepository observations;
    private final Clock clock;

    Measures(MeasureRepository measures, MeasureCutRepository cuts, ObservationRepository observations, Clock clock) {
        this.measures = measures;
        this.cuts = cuts;
        this.observations = observations;
        this.clock = clock;
    }

    /** @param standardError in the measure's unit */
    public record MeasureCard(
            long id,
            String name,
            String unit,
            double lowest,
            double highest,
            int decimals,
            boolean lowerIsBetter,
            @Nullable Double standardError) {}

    /** A measure to be made. */
    public record NewMeasure(String name, String unit, NumericScale scale, int shelfLifeDays) {}

    /** Where a band begins, and its name. */
    public record BandCut(double score, String name) {}

    public List<MeasureCard> all() {
        return measures.findAllByOrderById().stream().map(Measures::card).toList();
    }

    public MeasureCard card(long measureId) {
        return card(measure(measureId));
    }

    private static MeasureCard card(Measure measure) {
        return new MeasureCard(
                measure.id,
                measure.name,
                measure.unit,
                measure.lowest,
                measure.highest,
                measure.decimals,
                measure.lowerIsBetter,
                measure.standardError);
    }

    public NumericScale scale(long measureId) {
        return measure(measureId).scale();
    }

    public long create(NewMeasure wanted) {
        Measure made = new Measure();
        made.name = wanted.name();
        made.unit = wanted.unit();
        made.lowest = wanted.scale().lowest();
        made.highest = wanted.scale().highest();
        made.decimals = wanted.scale().decimals();
        made.lowerIsBetter = wanted.scale().lowerIsBetter();
        made.standardError = wanted.scale().standardError().isPresent()
                ? wanted.scale().standardError().getAsDouble()
                : null;
        made.shelfLifeDays = wanted.shelfLifeDays();
        return measures.save(made).id;
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
    public void record(long measureId, Map<StudentId, Observation> seen, @Nullable Long enteredBy) {
        List<ObservationRow> rows = new ArrayList<>();
        seen.forEach((student, observation) -> {
            ObservationRow row = new ObservationRow();
            row.measureId = measureId;
            row.studentId = student.value();
            row.takenOn = observation.takenOn();
            row.score = observation.value().isPresent() ? observation.value().getAsDouble() : null;
            row.reason = observation instanceof Observation.NotAssessed none ? none.reason() : null;
            row.enteredAt = clock.instant();
            row.enteredBy = enteredBy;
            rows.add(row);
        });
        observations.saveAll(rows);
    }

    /** The value that counts for each of these students, in their order. */
    public Map<StudentId, CountingValue> counting(long measureId, Collection<StudentId> students, LocalDate today) {
        int shelfLife = measure(measureId).shelfLifeDays;
        Map<StudentId, List<Observation>> seen = new LinkedHashMap<>();
        students.forEach(student -> seen.put(student, new ArrayList<>()));
        observations
                .findByMeasureIdAndStudentIdInOrderById(
                        measureId, students.stream().map(StudentId::value).toList())
                .forEach(row -> seen.get(new StudentId(row.studentId)).add(row.asObservation()));
        Map<StudentId, CountingValue> counting = new LinkedHashMap<>();
        seen.forEach((student, list) -> counting.put(student, CountingValue.latest(list, today, shelfLife)));
        return counting;
    }

    private Measure measure(long measureId) {
        return measures.findById(measureId).orElseThrow(() -> Refusal.notFound("measure"));
    }
}
