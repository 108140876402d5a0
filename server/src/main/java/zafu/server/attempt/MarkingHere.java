package zafu.server.attempt;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.core.marking.TakenOut;

/** What people decided for everyone at one task: answers that count, and questions that no longer do. */
@Component
class MarkingHere {
    private final AcceptedAnswerRepository accepted;
    private final QuestionTakenOutRepository takenOut;

    MarkingHere(AcceptedAnswerRepository accepted, QuestionTakenOutRepository takenOut) {
        this.accepted = accepted;
        this.takenOut = takenOut;
    }

    AcceptedHere accepted(long taskId) {
        return AcceptedHere.of(accepted.findByTaskId(taskId));
    }

    /** By question. */
    Map<Long, TakenOut> takenOut(long taskId) {
        Map<Long, TakenOut> found = new LinkedHashMap<>();
        takenOut.findByTaskIdAndUndoneAtIsNullOrderById(taskId).forEach(each -> found.put(each.questionId, each.how));
        return found;
    }
}
