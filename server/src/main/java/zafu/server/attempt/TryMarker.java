package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.Answer;
import zafu.core.roster.StudentId;
import zafu.server.library.Library;
import zafu.server.library.QuestionKind;
import zafu.server.platform.Refusal;
import zafu.server.task.Tasks;

/** Hands a try in and marks it, from what the server has. */
@Component
class TryMarker {
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final Tasks tasks;
    private final Library library;
    private final Clock clock;

    TryMarker(AttemptRepository attempts, AttemptAnswerRepository answers, Tasks tasks, Library library, Clock clock) {
        this.attempts = attempts;
        this.answers = answers;
        this.tasks = tasks;
        this.library = library;
        this.clock = clock;
    }

    /** Hands in a try whose time is over, at the moment its time was over. */
    @Transactional
    Attempt handInOverdue(long tryId) {
        Attempt over = attempts.findToChange(tryId).orElseThrow(() -> Refusal.notFound("try"));
        Instant end = over.endsAt;
        if (over.isRunning() && end != null && over.isOverAt(clock.instant())) {
            handIn(over, Attempt.HandedInBy.TIME, end);
        }
        return over;
    }

    void handIn(Attempt attempt, Attempt.HandedInBy by, Instant at) {
        Map<Long, AttemptAnswer> given = new LinkedHashMap<>();
        answers.findByAttemptId(attempt.id).forEach(answer -> given.put(answer.questionId, answer));
        int earned = 0;
        int possible = 0;
        for (Library.Asked asked : questionsOf(attempt).values()) {
            possible += asked.points();
            AttemptAnswer answer = given.get(asked.id());
            if (answer != null) {
                answer.earned = asked.question().isRight(asAnswer(asked.kind(), answer.given)) ? asked.points() : 0;
                earned += answer.earned;
            }
        }
        answers.saveAll(given.values());
        attempt.handedInAt = at;
        attempt.handedInBy = by;
        attempt.earned = earned;
        attempt.possible = possible;
        attempts.save(attempt);
    }

    private Map<Long, Library.Asked> questionsOf(Attempt attempt) {
        return tasks.version(attempt.taskId, attempt.versionId, new StudentId(attempt.studentId))
                .map(version -> library.questions(version.questions()))
                .orElse(Map.of());
    }

    private static Answer asAnswer(QuestionKind kind, String given) {
        return switch (kind) {
            case SINGLE_CHOICE ->
                given.matches("\\d{1,4}") ? new Answer.Chosen(Integer.parseInt(given)) : new Answer.Typed(given);
            case NUMERIC, SHORT_ANSWER -> new Answer.Typed(given);
        };
    }
}
