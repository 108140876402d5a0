package zafu.server.attempt;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.attempt.MyWorkApi.HandedFile;
import zafu.server.attempt.MyWorkApi.TryClock;
import zafu.server.library.StudentPages.QuestionSheet;

/** What {@link TryReviewController} takes and gives. */
final class TryReviewApi {
    private TryReviewApi() {}

    /**
     * @param number which try at this task it is, from 1
     * @param late what came when nothing could be kept any more
     * @param returned whether it was given back, with the remark
     */
    record TryForTeacher(
            long id,
            String givenName,
            String familyName,
            String taskName,
            int number,
            boolean running,
            TryClock clock,
            boolean mayChange,
            String written,
            List<HandedFile> files,
            List<AnswerShown> answers,
            List<LateShown> late,
            String remark,
            boolean returned,
            @Nullable LocalDateTime handedInAt,
            @Nullable Double earned,
            @Nullable Double possible) {}

    /** @param given absent where nothing was answered */
    record AnswerShown(long questionId, QuestionSheet sheet, @Nullable String given, @Nullable Double earned) {}

    /**
     * @param question its number in the try, from 1; absent for what was written as a whole
     * @param inTime the student's page says that it was given before the try was over
     * @param decision absent until a teacher has decided
     */
    record LateShown(
            long id,
            @Nullable Integer question,
            @Nullable Long questionId,
            String given,
            LocalDateTime givenAt,
            LocalDateTime receivedAt,
            LateAnswer.Reason reason,
            boolean inTime,
            LateAnswer.@Nullable Decision decision,
            @Nullable String decidedBy,
            @Nullable LocalDateTime decidedAt) {}

    /** @param minutes below 0 takes back what was added before */
    record MinutesAdded(@Min(-600) @Max(600) int minutes) {}

    record Remark(@NotNull @Size(max = 4000) String text, boolean returned) {}

    /** @param decision absent to leave it open again */
    record LateDecided(LateAnswer.@Nullable Decision decision) {}
}
