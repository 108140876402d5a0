package zafu.server.progress;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.mark.Mark;

/** What {@link MarksController} takes and gives. */
final class MarksApi {
    private MarksApi() {}

    /** @param asOf the day at whose end the marks stood so */
    record MarksShown(LocalDate asOf, List<MarkColumn> categories, List<MarkRow> students) {}

    /** @param share of the whole weight, 0 to 1 */
    record MarkColumn(long id, String name, double share) {}

    /** @param categories one entry a category, without a value where nothing counts */
    record MarkRow(
            long id, String givenName, String familyName, @Nullable Double mark, List<CategoryShare> categories) {}

    record CategoryShare(@Nullable Double share) {}

    /** How one student's mark came about. */
    record MarkStory(
            long studentId,
            String givenName,
            @Nullable Double mark,
            LocalDate asOf,
            boolean missingIsZero,
            List<CategoryStory> categories) {}

    /** @param possible points over what counts; 0 where nothing does */
    record CategoryStory(String name, double share, double earned, double possible, List<PartStory> parts) {}

    /**
     * @param earned points that enter the mark, after what lateness took
     * @param number of the try that counts, absent where none does
     * @param percentOff what {@code daysLate} teaching days cost
     */
    record PartStory(
            long taskId,
            String taskName,
            Mark.Why why,
            double earned,
            double possible,
            @Nullable Integer number,
            int daysLate,
            int percentOff) {}

    enum MarksAs {
        CSV,
        XLSX,
        /** A OneRoster 1.2 bundle of categories, line items and results. */
        ONEROSTER
    }
}
