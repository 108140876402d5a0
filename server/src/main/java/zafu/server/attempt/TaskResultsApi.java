package zafu.server.attempt;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.TakenOut;
import zafu.server.library.StudentPages.QuestionSheet;

/** What {@link TaskResultsController} takes and gives. */
final class TaskResultsApi {
    private TaskResultsApi() {}

    /**
     * @param items of the library that its questions are from
     * @param groups of the arrangement that have somebody who handed in, and last those in none of them
     */
    record ResultsShown(
            long taskId,
            String name,
            List<Long> items,
            List<ResultGroup> groups,
            List<QuestionResult> questions,
            List<SkillResult> skills) {}

    /**
     * @param id absent for those in no group
     * @param handedIn of {@code covered} students that it was given to
     * @param minutes median time from the start to handing in
     */
    record ResultGroup(
            @Nullable Long id,
            String name,
            @Nullable Integer look,
            int handedIn,
            int covered,
            @Nullable Double minutes) {}

    /**
     * @param shares of all points earned, one entry a group, without a value where nobody was asked
     * @param wrong what was answered and is not right, most frequent first
     * @param missed students who did not earn all points; none of a question that was taken out
     * @param takenOut how it no longer decides a result, where that is so
     */
    record QuestionResult(
            QuestionSheet sheet,
            @Nullable Long skillId,
            @Nullable String skill,
            @Nullable Double share,
            List<Share> shares,
            int asked,
            int toMark,
            List<WrongAnswer> wrong,
            List<Long> missed,
            @Nullable TakenOut takenOut) {}

    record Share(@Nullable Double share) {}

    /** @param given empty where nothing was answered */
    record WrongAnswer(String given, List<Long> students) {}

    /** @param missed students who earned less than the bar for "right" over all its questions, 80 % */
    record SkillResult(long id, String name, @Nullable Double share, List<Share> shares, List<Long> missed) {}

    record TakeOut(@NotNull TakenOut how) {}
}
