package zafu.server.attempt;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.attempt.MyWorkApi.HandedFile;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.task.Way;

/** What {@link MarkingController} takes and gives. */
final class MarkingApi {
    private MarkingApi() {}

    /**
     * @param works the last handed-in try of each student
     * @param toMark how many pieces wait, of these students alone
     * @param namesHidden whether the names are left out, and the works are in an order that says nothing
     * @param mayAccept whether the adult may let an answer count for all who gave it, in every class
     */
    record MarkingSheet(
            long taskId,
            String name,
            Way way,
            List<MarkedQuestion> questions,
            List<MarkedWork> works,
            int toMark,
            boolean namesHidden,
            boolean mayMark,
            boolean mayAccept) {}

    /**
     * @param guidance harmless HTML for whoever marks, may be empty
     * @param criteria by which it is marked, none where it is marked as a whole
     * @param accepted answers that a person let count for everybody
     */
    record MarkedQuestion(
            QuestionSheet sheet,
            int points,
            String guidance,
            List<MarkingCriterion> criteria,
            List<Accepted> accepted) {}

    record MarkingCriterion(String name, int points) {}

    record Accepted(String given, double points) {}

    /** @param wholeEarned points for the work as a whole, where a person gave some */
    record MarkedWork(
            long tryId,
            @Nullable Long studentId,
            String givenName,
            String familyName,
            int number,
            LocalDateTime handedInAt,
            boolean returned,
            int toMark,
            String written,
            List<HandedFile> files,
            @Nullable Double wholeEarned,
            @Nullable Double wholePossible,
            @Nullable Double earned,
            @Nullable Double possible,
            List<MarkedAnswer> answers) {}

    /**
     * @param given empty where nothing was answered
     * @param earned what counts; absent where a person must mark it
     * @param byHand whether a person gave these points
     * @param criteria points for each criterion, empty where they were not given so
     */
    record MarkedAnswer(
            long questionId,
            String given,
            @Nullable Double earned,
            boolean byHand,
            List<Double> criteria,
            String comment) {}

    /**
     * @param points absent for what it marks itself, or where they are given by criteria
     * @param criteria points for each criterion of the question, absent where points are given for the whole
     */
    record AnswerMark(
            @Nullable @DecimalMin("0") @DecimalMax("1000") Double points,
            @Nullable @Size(max = 12) List<@NotNull Double> criteria,
            @NotNull @Size(max = 4000) String comment) {}

    /** Both or neither; neither takes the points away. */
    record WholeMark(
            @Nullable @DecimalMin("0") @DecimalMax("1000") Double earned,
            @Nullable @DecimalMin("0.5") @DecimalMax("1000") Double possible) {}

    /** @param points absent to take back that the answer counts for everybody */
    record AcceptedForAll(
            long questionId,
            @NotBlank @Size(max = 2000) String given,
            @Nullable @DecimalMin("0") @DecimalMax("1000") Double points) {}

    record GivenBack(@NotNull @Size(min = 1, max = 400) List<Long> tries, boolean returned) {}

    record Phrase(@Nullable Long id, @NotBlank @Size(max = 400) String words) {}
}
