package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.TakenOut;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/**
 * Takes a question that turned out to be unfair out of the results of a task, for everyone, in one step that can be undone.
 * Rule 5a.
 */
@Service
class QuestionsTakenOut {
    private final TaskWork work;
    private final QuestionTakenOutRepository takenOut;
    private final MarkingAgain marking;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;

    QuestionsTakenOut(
            TaskWork work,
            QuestionTakenOutRepository takenOut,
            MarkingAgain marking,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock) {
        this.work = work;
        this.takenOut = takenOut;
        this.marking = marking;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional
    void takeOut(long taskId, long questionId, TakenOut how) {
        TaskWork.Seen seen = work.requireToChange(taskId);
        if (!work.askedIn(seen).contains(questionId)) {
            throw Refusal.notFound("question");
        }
        Instant now = clock.instant();
        end(taskId, questionId, now);
        QuestionTakenOut made = new QuestionTakenOut();
        made.taskId = taskId;
        made.questionId = questionId;
        made.how = how;
        made.madeAt = now;
        made.madeBy = current.adult().adultId();
        takenOut.saveAndFlush(made);
        audit.note(seen.classes().get(0), "question.taken-out", taskId, said(how));
        marking.all(taskId, now);
    }

    private static String said(TakenOut how) {
        return switch (how) {
            case FULL_POINTS -> inWords("attempt.full-points-for-everyone");
            case NOT_COUNTED -> inWords("attempt.not-counted");
        };
    }

    /** The question decides results again, as it was marked. */
    @Transactional
    void putBack(long taskId, long questionId) {
        TaskWork.Seen seen = work.requireToChange(taskId);
        if (end(taskId, questionId, clock.instant())) {
            audit.note(seen.classes().get(0), "question.counted-again", taskId, "");
            marking.all(taskId, null);
        }
    }

    private boolean end(long taskId, long questionId, Instant now) {
        boolean any = false;
        for (QuestionTakenOut each : takenOut.findByTaskIdAndUndoneAtIsNullOrderById(taskId)) {
            if (each.questionId == questionId) {
                each.undoneAt = now;
                any = true;
            }
        }
        takenOut.flush();
        return any;
    }
}
