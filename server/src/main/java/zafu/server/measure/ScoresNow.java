package zafu.server.measure;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.measure.CountingValue;
import zafu.core.measure.Observation;
import zafu.core.measure.Season;

/** What counts of many students on all measures, with bands, in three reads however many they are. */
@Service
public class ScoresNow {
    /** What lies under the lowest cut has no cut to name it. */
    public static String lowestBand() {
        return inWords("measure.well-below");
    }

    private final MeasureRepository measures;
    private final MeasureCutRepository cuts;
    private final Measures noted;

    ScoresNow(MeasureRepository measures, MeasureCutRepository cuts, Measures noted) {
        this.measures = measures;
        this.cuts = cuts;
        this.noted = noted;
    }

    /**
     * @param band place of the band from 0, absent where the measure has no cuts for this grade and season
     * @param history values by day, oldest first
     */
    public record Score(
            long measureId,
            double value,
            LocalDate takenOn,
            boolean stale,
            @Nullable Integer band,
            @Nullable String bandName,
            List<Double> history) {}

    /** Scores by student, then measure. */
    public Map<Long, Map<Long, Score>> of(Map<Long, Integer> gradeByStudent, LocalDate today) {
        Map<Long, Map<Long, List<Observation>>> seen = noted.noted(gradeByStudent.keySet());
        List<Measure> inUse = measures.findAllByOrderById().stream()
                .filter(each -> !each.archived)
                .toList();
        Map<String, List<MeasureCut>> bands = bands(today);
        Map<Long, Map<Long, Score>> found = new LinkedHashMap<>();
        gradeByStudent.forEach((student, grade) -> {
            Map<Long, Score> own = new LinkedHashMap<>();
            for (Measure measure : inUse) {
                List<Observation> list = seen.getOrDefault(student, Map.of()).getOrDefault(measure.id, List.of());
                if (CountingValue.of(list, measure.counting(), today) instanceof CountingValue.Counts counts) {
                    List<MeasureCut> cutsOfGrade = bands.getOrDefault(measure.id + "/" + grade, List.of());
                    own.put(measure.id, score(measure, counts, cutsOfGrade, list));
                }
            }
            found.put(student, own);
        });
        return found;
    }

    /** Names of the bands of each measure in this season, lowest first, over all grades. */
    public Map<Long, List<String>> bandNames(LocalDate today) {
        Map<Long, List<String>> names = new LinkedHashMap<>();
        bands(today).values().forEach(cuts -> {
            List<String> own = new ArrayList<>(List.of(lowestBand()));
            cuts.forEach(cut -> own.add(cut.name));
            names.merge(cuts.get(0).measureId, own, (a, b) -> a.size() >= b.size() ? a : b);
        });
        return names;
    }

    private Map<String, List<MeasureCut>> bands(LocalDate today) {
        return cuts.findBySeasonOrderByScore(Season.of(today)).stream()
                .collect(Collectors.groupingBy(cut -> cut.measureId + "/" + cut.grade));
    }

    private static Score score(
            Measure measure, CountingValue.Counts counts, List<MeasureCut> cuts, List<Observation> list) {
        Bands bands = new Bands(
                cuts.stream()
                        .map(cut -> new Measures.BandCut(cut.score, cut.name))
                        .toList(),
                measure.better());
        Integer band = cuts.isEmpty() ? null : (Integer) bands.of(counts.value());
        return new Score(
                measure.id,
                counts.value(),
                counts.takenOn(),
                counts.stale(),
                band,
                band == null ? null : bands.nameOf(band).orElse(lowestBand()),
                history(list));
    }

    private static List<Double> history(List<Observation> list) {
        return list.stream()
                .filter(each -> each.value().isPresent())
                .sorted(Comparator.comparing(Observation::takenOn))
                .map(each -> each.value().getAsDouble())
                .toList();
    }
}
