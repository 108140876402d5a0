package zafu.server.growth;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.growth.Advice;
import zafu.core.growth.GroupsApart;
import zafu.server.measure.Measures;

/** Growth of the students of a class on one measure. */
@RestController
class GrowthController {
    private final Growth growth;

    GrowthController(Growth growth) {
        this.growth = growth;
    }

    /**
     * @param groups of the arrangement, and last those in none of them
     * @param apart absent where fewer than two groups have a member with two dates
     * @param periods arrangements of the class, to see in which of them a value falls
     */
    record GrowthShown(
            Measures.MeasureCard measure,
            List<GroupGrowth> groups,
            @Nullable Apart apart,
            List<Period> periods,
            boolean mayChange) {}

    /** @param medians of the members' values, week by week */
    record GroupGrowth(
            @Nullable Long id,
            String name,
            @Nullable Integer look,
            List<StudentGrowth> students,
            List<GrowthPoint> medians) {}

    /**
     * @param points by date, oldest first; of two on one date the one entered later
     * @param perWeek slope of the least squares line in the measure's unit, absent with fewer than two dates
     * @param medianPerWeek the median slope beside it
     * @param trend where the line begins and ends
     * @param advice absent without an aim
     */
    record StudentGrowth(
            long id,
            String givenName,
            String familyName,
            List<GrowthPoint> points,
            @Nullable Double perWeek,
            @Nullable Double medianPerWeek,
            List<GrowthPoint> trend,
            @Nullable Aim aim,
            @Nullable Advice advice) {}

    record GrowthPoint(LocalDate date, double value) {}

    /**
     * @param from date of the first value; absent where there is none yet, as are baseline and perWeek
     * @param perWeek what the aim asks for
     */
    record Aim(
            double goal,
            LocalDate goalDate,
            @Nullable LocalDate from,
            @Nullable Double baseline,
            @Nullable Double perWeek) {}

    /** Distance from the lowest group median to the highest, by first values and by last. */
    record Apart(double before, double now, GroupsApart.Way way) {}

    record Period(long arrangementId, String name, LocalDate beginsOn, LocalDate endsOn) {}

    /** @param goal absent, with its date, for no aim */
    record AimOf(long studentId, @Nullable Double goal, @Nullable LocalDate goalDate) {}

    record AimsSet(long measureId, @NotNull @Size(min = 1, max = 400) List<@Valid AimOf> aims) {}

    @GetMapping("/api/classes/{classId}/growth")
    GrowthShown growth(
            @PathVariable long classId,
            @RequestParam long measureId,
            @RequestParam(required = false) @Nullable Long arrangementId) {
        return growth.of(classId, measureId, arrangementId);
    }

    /** Sets aims, and answers those that were there before; sent again, these take it back. */
    @PostMapping("/api/classes/{classId}/aims")
    AimsSet setAims(@PathVariable long classId, @Valid @RequestBody AimsSet wanted) {
        return growth.setAims(classId, wanted);
    }
}
