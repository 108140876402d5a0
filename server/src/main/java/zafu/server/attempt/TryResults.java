package zafu.server.attempt;

import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.marking.Feedback;
import zafu.core.schedule.Terms;
import zafu.server.access.AdultAccounts;
import zafu.server.attempt.MyWorkApi.CameLate;
import zafu.server.attempt.MyWorkApi.ResultWaits;

/** What a student is told of what they handed in: the result once it is time, what the teacher says, what came late. */
@Component
class TryResults {
    private final LateAnswerRepository late;
    private final AdultAccounts adults;
    private final Clock clock;

    TryResults(LateAnswerRepository late, AdultAccounts adults, Clock clock) {
        this.late = late;
        this.adults = adults;
        this.clock = clock;
    }

    /** Why the result is not shown yet; nothing where it is, or where the try goes on. */
    @Nullable
    ResultWaits waits(Attempt attempt, Feedback feedback, Terms.ForStudent terms) {
        boolean returned = attempt.returnedAt != null;
        if (attempt.isRunning() || feedback.isOpenAt(clock.instant(), terms.due(), returned)) {
            return null;
        }
        return feedback == Feedback.AFTER_DUE ? ResultWaits.FOR_DUE_TIME : ResultWaits.FOR_TEACHER;
    }

    /** The teacher's words, once the work is given back. */
    String remark(Attempt attempt) {
        return attempt.returnedAt == null ? "" : attempt.remark;
    }

    @Nullable
    String remarkBy(Attempt attempt) {
        Long by = attempt.returnedBy;
        return by == null || remark(attempt).isEmpty() ? null : nameOf(by);
    }

    String nameOf(long adultId) {
        return adults.displayNames(List.of(adultId)).getOrDefault(adultId, "");
    }

    CameLate cameLate(long tryId) {
        List<LateAnswer> all = late.findByAttemptIdInOrderById(List.of(tryId));
        return new CameLate(
                count(all, null), count(all, LateAnswer.Decision.ACCEPTED), count(all, LateAnswer.Decision.DECLINED));
    }

    private static int count(List<LateAnswer> all, LateAnswer.@Nullable Decision decision) {
        return (int) all.stream().filter(each -> each.decision == decision).count();
    }
}
