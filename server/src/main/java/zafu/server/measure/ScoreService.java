package zafu.server.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.measure.CountingValue;
import zafu.core.measure.Cuts;
import zafu.core.measure.Observation;
import zafu.core.measure.Season;
import zafu.server.access.ClassPermission;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Gathers the scores of a class in a fixed number of reads. */
@Service
class ScoreService {
    private static final String LOWEST_BAND = "well below";
    private final ClassPermission permission;
    private final MeasureRepository measures;
    private final MeasureCutRepository cuts;
    private final ObservationRepository observations;
    private final Measures cards;
    private final Roster roster;
    private final SchoolSettings school;

    ScoreService(
            ClassPermission permission,
            MeasureRepository measures,
            MeasureCutRepository cuts,
            ObservationRepository observations,
            Measures cards,
            Roster roster,
            SchoolSettings school) {
        this.permission = permission;
        this.measures = measures;
        this.cuts = cuts;
        this.observations = observations;
        this.cards = cards;
        this.roster = roster;
        this.school = school;
    }

    List<Measures.MeasureCard> measures() {
        return cards.all();
    }

    @Transactional(readOnly = true)
    ScoreController.Scores scores(long classId) {
        permission.requireSee(classId);
        LocalDate today = school.today();
        List<Long> students =
                roster.studentsOf(classId).stream().map(Roster.StudentName::id).toList();
        Map<Long, Map<Long, List<Observation>>> seen = new LinkedHashMap<>();
        observations.findByStudentIdInOrderById(students).forEach(row -> seen.computeIfAbsent(
                        row.studentId, id -> new LinkedHashMap<>())
                .computeIfAbsent(row.measureId, id -> new ArrayList<>())
                .add(row.asObservation()));
        Map<Long, List<MeasureCut>> bands =
                cuts.findByGradeAndSeasonOrderByScore(roster.gradeOf(classId), Season.of(today)).stream()
                        .collect(Collectors.groupingBy(cut -> cut.measureId));
        List<Measure> all = measures.findAllByOrderById();
        List<ScoreController.StudentScores> rows = students.stream()
                .map(id -> new ScoreController.StudentScores(
                        id, scoresOf(all, seen.getOrDefault(id, Map.of()), bands, today)))
                .toList();
        return new ScoreController.Scores(cards.all(), rows);
    }

    private static List<ScoreController.Score> scoresOf(
            List<Measure> all, Map<Long, List<Observation>> seen, Map<Long, List<MeasureCut>> bands, LocalDate today) {
        List<ScoreController.Score> scores = new ArrayList<>();
        for (Measure measure : all) {
            List<Observation> list = seen.getOrDefault(measure.id, List.of());
            if (CountingValue.latest(list, today, measure.shelfLifeDays) instanceof CountingValue.Counts counts) {
                String band = bandOf(counts.value(), measure, bands.getOrDefault(measure.id, List.of()));
                scores.add(new ScoreController.Score(
                        measure.id, counts.value(), counts.takenOn(), counts.stale(), band, history(list)));
            }
        }
        return scores;
    }

    private static List<Double> history(List<Observation> list) {
        return list.stream()
                .filter(each -> each.value().isPresent())
                .sorted(java.util.Comparator.comparing(Observation::takenOn))
                .map(each -> each.value().getAsDouble())
                .toList();
    }

    private static @Nullable String bandOf(double value, Measure measure, List<MeasureCut> cuts) {
        if (cuts.isEmpty()) {
            return null;
        }
        List<Double> scores = cuts.stream().map(cut -> cut.score).toList();
        int band = new Cuts(scores, measure.lowerIsBetter).bandOf(value);
        return band == 0 ? LOWEST_BAND : cuts.get(band - 1).name;
    }
}
