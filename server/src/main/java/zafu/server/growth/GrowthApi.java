package zafu.server.growth;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.growth.Advice;
import zafu.core.growth.GroupsApart;
import zafu.server.measure.Measures;

/** What {@link GrowthController} takes and gives. */
final class GrowthApi {
    private GrowthApi() {}

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
}
