package zafu.server.students;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Support;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.ScoresNow;
import zafu.server.need.Needs.NeedMark;

/** What {@link StudentsController} takes and gives. */
final class StudentsApi {
    private StudentsApi() {}

    /**
     * @param total how many there are before narrowing
     * @param measures those on which anybody here has a value
     * @param choices what can be narrowed by, over all before narrowing
     */
    record StudentsShown(
            List<StudentShown> students,
            int total,
            List<MeasureCard> measures,
            List<ArrangementShown> arrangements,
            Choices choices,
            boolean needsShown) {}

    /**
     * @param needs what is in force today; absent for adults who may not see it
     * @param groupIds present groups over all arrangements
     */
    record StudentShown(
            long id,
            String givenName,
            String familyName,
            int grade,
            String homeClass,
            String studentNumber,
            String language,
            List<String> tags,
            List<Long> classIds,
            List<ScoresNow.Score> scores,
            @Nullable List<NeedMark> needs,
            List<Long> groupIds,
            @Nullable Instant lastHere,
            boolean hasCode,
            boolean archived) {}

    record ArrangementShown(long id, long classId, String name, List<GroupShown> groups) {}

    record GroupShown(long id, String name, int look) {}

    record Choices(
            List<Integer> grades,
            List<String> homes,
            List<String> tags,
            List<Support> needs,
            List<BandChoice> bands,
            int neverHere,
            int archived) {}

    record BandChoice(long measureId, List<String> names) {}

    /** @param query the narrowing as the screen's address has it */
    record SavedShown(long id, String name, String query) {}

    record SaveAsked(@NotBlank @Size(max = 80) String name, @NotNull @Size(max = 2000) String query) {}
}
