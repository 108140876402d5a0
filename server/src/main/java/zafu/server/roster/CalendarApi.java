package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link CalendarController} takes and gives. */
final class CalendarApi {
    private CalendarApi() {}

    record SchoolYear(
            @NotNull @Size(min = 1, max = 12) List<@Valid TermEdit> terms,
            @NotNull @Size(max = 200) List<@Valid ClosedDayEdit> closedDays,
            @NotNull @Valid SchoolDay day) {}

    /** The times by which a school day is spoken of. */
    record SchoolDay(
            @NotNull LocalTime starts,
            @NotNull LocalTime lunchStarts,
            @NotNull LocalTime lunchEnds,
            @NotNull LocalTime ends) {}

    /** @param id absent for a new term */
    record TermEdit(
            @Nullable Long id,
            @NotBlank @Size(max = 100) String name,
            @NotNull LocalDate from,
            @NotNull LocalDate to) {}

    record ClosedDayEdit(@NotNull LocalDate day, @NotNull @Size(max = 200) String reason) {}
}
