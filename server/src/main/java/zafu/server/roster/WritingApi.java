package zafu.server.roster;

import jakarta.validation.constraints.NotNull;
import java.time.DayOfWeek;
import org.jspecify.annotations.Nullable;
import zafu.server.access.SchoolHours.Hours;

/** Shapes of how a school writes its days and times, and on what. */
final class WritingApi {
    private WritingApi() {}

    enum Paper {
        LETTER,
        A4
    }

    /**
     * @param paper absent for what printers have where the school is
     * @param hours absent for what the language of a page has
     */
    record Writing(@NotNull DayOfWeek weekStarts, @Nullable Paper paper, @Nullable Hours hours) {}
}
