package zafu.server.measure;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.measure.LevelScale;
import zafu.server.access.AuditTrail;
import zafu.server.access.OwnOrShared;
import zafu.server.platform.Refusal;

/** Defines measures and their benchmarks. */
@Service
class MeasureService {
    private final MeasureRepository measures;
    private final MeasureCutRepository cuts;
    private final ObservationRepository observations;
    private final OwnOrShared sharing;
    private final AuditTrail audit;

    MeasureService(
            MeasureRepository measures,
            MeasureCutRepository cuts,
            ObservationRepository observations,
            OwnOrShared sharing,
            AuditTrail audit) {
        this.measures = measures;
        this.cuts = cuts;
        this.observations = observations;
        this.sharing = sharing;
        this.audit = audit;
    }

    List<Measures.MeasureCard> all() {
        Predicate<@Nullable Long> seen = sharing.seen();
        return measures.findAllByOrderById().stream()
                .filter(each -> seen.test(each.classId))
                .map(Measures::card)
                .toList();
    }

    @Transactional
    long create(MeasureApi.MeasureEdit wanted) {
        sharing.requireMayKeep(wanted.classId());
        Measure made = new Measure();
        set(made, wanted);
        long id = measures.save(made).id;
        audit.note(null, "measure.made", id, wanted.toString());
        return id;
    }

    @Transactional
    void change(long measureId, MeasureApi.MeasureEdit wanted) {
        Measure found = seen(measureId);
        sharing.requireMayKeep(found.classId, wanted.classId());
        requireValuesStillFit(found, wanted);
        set(found, wanted);
        measures.save(found);
        audit.note(null, "measure.changed", measureId, wanted.toString());
    }

    /** A narrower scale would leave values behind that it cannot hold. */
    private void requireValuesStillFit(Measure found, MeasureApi.MeasureEdit wanted) {
        double lowest = wanted.levels().isEmpty() ? wanted.lowest() : 0;
        double highest =
                wanted.levels().isEmpty() ? wanted.highest() : wanted.levels().size() - 1;
        long outside = observations.countByMeasureIdAndRemovedAtIsNullAndScoreLessThan(found.id, lowest)
                + observations.countByMeasureIdAndRemovedAtIsNullAndScoreGreaterThan(found.id, highest);
        if (outside > 0) {
            throw Refusal.conflict(
                    "values-outside",
                    inWords("measure.scores-outside-the-new-scale", "count", outside, "name", found.name));
        }
    }

    private void set(Measure measure, MeasureApi.MeasureEdit wanted) {
        String name = wanted.name().strip();
        boolean taken = measures.findAllByOrderById().stream()
                .filter(each -> !each.id.equals(measure.id))
                .anyMatch(each -> each.name.equalsIgnoreCase(name) && meet(each.classId, wanted.classId()));
        if (taken) {
            throw Refusal.unusableField(
                    "name-taken", "name", inWords("measure.there-is-a-measure-already", "name", name));
        }
        measure.name = name;
        measure.unit = wanted.unit().strip();
        setScale(measure, wanted);
        measure.standardError = wanted.standardError();
        measure.whichCounts = wanted.whichCounts();
        measure.meanOf = wanted.whichCounts() == Measure.Which.MEAN ? wanted.meanOf() : null;
        measure.shelfLifeDays = wanted.shelfLifeDays();
        measure.archived = wanted.archived();
        measure.classId = wanted.classId();
    }

    /** Whether some class has both: names have to differ there alone. */
    private static boolean meet(@Nullable Long one, @Nullable Long other) {
        return one == null || other == null || one.equals(other);
    }

    private Measure seen(long measureId) {
        return measures.findById(measureId)
                .filter(each -> sharing.seen().test(each.classId))
                .orElseThrow(() -> Refusal.notFound("measure"));
    }

    private static void setScale(Measure measure, MeasureApi.MeasureEdit wanted) {
        if (!wanted.levels().isEmpty()) {
            LevelScale scale = levels(wanted.levels());
            measure.levels = String.join("\n", scale.levels());
            measure.lowest = 0;
            measure.highest = scale.levels().size() - 1;
            measure.decimals = 0;
            measure.lowerIsBetter = false;
            return;
        }
        if (!(wanted.lowest() < wanted.highest())) {
            throw Refusal.unusableField(
                    "scale-empty",
                    "highest",
                    inWords("measure.the-largest-value-must-lie-above", "lowest", wanted.lowest()));
        }
        measure.levels = "";
        measure.lowest = wanted.lowest();
        measure.highest = wanted.highest();
        measure.decimals = wanted.decimals();
        measure.lowerIsBetter = wanted.lowerIsBetter();
    }

    private static LevelScale levels(List<String> names) {
        try {
            return new LevelScale(names);
        } catch (IllegalArgumentException impossible) {
            throw Refusal.unusableField(
                    "levels-cannot-be", "levels", inWords("measure.a-scale-of-levels-needs-at-least"));
        }
    }

    List<MeasureApi.CutsShown> cuts(long measureId) {
        seen(measureId);
        Map<String, List<MeasureCut>> bySet = new LinkedHashMap<>();
        cuts.findByMeasureIdOrderByGradeAscSeasonAscScoreAsc(measureId)
                .forEach(cut -> bySet.computeIfAbsent(cut.grade + "/" + cut.season, key -> new ArrayList<>())
                        .add(cut));
        return bySet.values().stream()
                .map(set -> new MeasureApi.CutsShown(
                        set.get(0).grade,
                        set.get(0).season,
                        set.stream()
                                .map(cut -> new MeasureApi.CutEdit(cut.score, cut.name))
                                .toList()))
                .toList();
    }

    @Transactional
    void setCuts(long measureId, MeasureApi.CutsShown wanted) {
        Measure measure = seen(measureId);
        sharing.requireMayKeep(measure.classId);
        double before = Double.NEGATIVE_INFINITY;
        for (MeasureApi.CutEdit cut : wanted.cuts()) {
            if (cut.score() <= before || cut.score() < measure.lowest || cut.score() > measure.highest) {
                throw Refusal.unusableField(
                        "cuts-must-ascend",
                        "cuts",
                        inWords(
                                "measure.benchmarks-ascend-within-to-at",
                                "lowest",
                                measure.lowest,
                                "highest",
                                measure.highest,
                                "name",
                                cut.name(),
                                "score",
                                cut.score()));
            }
            before = cut.score();
        }
        cuts.deleteByMeasureIdAndGradeAndSeason(measureId, wanted.grade(), wanted.season());
        cuts.flush();
        wanted.cuts().forEach(cut -> {
            MeasureCut made = new MeasureCut();
            made.measureId = measureId;
            made.grade = wanted.grade();
            made.season = wanted.season();
            made.score = cut.score();
            made.name = cut.name().strip();
            cuts.save(made);
        });
        audit.note(null, "measure.cuts-set", measureId, wanted.toString());
    }
}
