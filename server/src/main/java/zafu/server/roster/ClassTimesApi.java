package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;

/** What {@link ClassTimesController} takes and gives. */
public final class ClassTimesApi {
    private ClassTimesApi() {}

    /** @param minutesPerDay from how many minutes of work a day is called too full */
    record Times(@Min(10) @Max(600) int minutesPerDay, @NotNull @Size(max = 60) List<@Valid Meeting> meetings) {}

    /** @param name what the lesson is called, may be empty */
    public record Meeting(
            @NotNull DayOfWeek weekday,
            @NotNull LocalTime at,
            @Min(5) @Max(600) int minutes,
            @NotNull @Size(max = 60) String name) {}
}
