package zafu.server.attempt;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.library.StudentPages.QuestionSheet;

/** How a task went, by question and by skill. */
@RestController
class TaskResultsController {
    private final TaskResults results;

    TaskResultsController(TaskResults results) {
        this.results = results;
    }

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
     * @param missed students who did not earn all points
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
            List<Long> missed) {}

    record Share(@Nullable Double share) {}

    /** @param given empty where nothing was answered */
    record WrongAnswer(String given, List<Long> students) {}

    /** @param missed students who earned less than the bar for "right" over all its questions, 80 % */
    record SkillResult(long id, String name, @Nullable Double share, List<Share> shares, List<Long> missed) {}

    @GetMapping("/api/tasks/{taskId}/results")
    ResultsShown results(@PathVariable long taskId, @RequestParam(required = false) @Nullable Long arrangementId) {
        return results.of(taskId, arrangementId);
    }
}
