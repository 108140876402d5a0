package zafu.server.finding;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.choosing.LevelRange;
import zafu.core.grouping.GroupFigures;
import zafu.core.measure.CountingValue;
import zafu.core.measure.NumericScale;
import zafu.core.roster.StudentId;
import zafu.server.finding.FindApi.LevelShown;
import zafu.server.finding.FindApi.MeasureName;
import zafu.server.library.Catalogue;
import zafu.server.measure.Measures;
import zafu.server.roster.SchoolSettings;

/** Where students stand on the measure by which items are levelled, and which levels suit them. */
@Component
class LevelOfStudents {
    private final Measures measures;
    private final SchoolSettings school;

    LevelOfStudents(Measures measures, SchoolSettings school) {
        this.measures = measures;
        this.school = school;
    }

    /** Which measures items are levelled on, with how many; the one that levels most first. */
    static List<Long> measuresOf(Collection<Catalogue.Found> all) {
        Map<Long, Integer> counts = new TreeMap<>();
        all.forEach(each -> {
            if (each.entry().levelMeasureId() != null) {
                counts.merge(each.entry().levelMeasureId(), 1, Integer::sum);
            }
        });
        return counts.entrySet().stream()
                .sorted(Map.Entry.<Long, Integer>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** @return absent where no item has a level */
    @Nullable
    LevelShown of(List<Long> measureIds, @Nullable Long wanted, List<Long> students) {
        if (measureIds.isEmpty()) {
            return null;
        }
        long chosen = wanted != null && measureIds.contains(wanted) ? wanted : measureIds.get(0);
        Measures.MeasureCard measure = measures.card(chosen);
        NumericScale scale = measures.scale(chosen);
        List<Double> values = values(chosen, students);
        Optional<LevelRange> suggested = LevelRange.suggest(values, scale);
        GroupFigures figures = GroupFigures.of(values.size(), values);
        return new LevelShown(
                chosen,
                measure.name(),
                measure.lowest(),
                measure.highest(),
                LevelRange.step(scale),
                measure.levels(),
                values,
                figures.median().isPresent() ? figures.median().getAsDouble() : null,
                suggested.map(LevelRange::low).orElse(null),
                suggested.map(LevelRange::high).orElse(null),
                measureIds.stream()
                        .map(measures::card)
                        .map(each -> new MeasureName(each.id(), each.name()))
                        .toList());
    }

    private List<Double> values(long measureId, List<Long> students) {
        List<StudentId> ids = students.stream().map(StudentId::new).toList();
        return measures.counting(measureId, ids, school.today()).values().stream()
                .filter(CountingValue.Counts.class::isInstance)
                .map(each -> ((CountingValue.Counts) each).value())
                .sorted()
                .toList();
    }
}
