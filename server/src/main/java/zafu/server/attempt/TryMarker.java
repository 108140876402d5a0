package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.AttemptResult;
import zafu.core.marking.CountedQuestion;
import zafu.core.marking.Points;
import zafu.core.marking.TakenOut;
import zafu.core.skill.SkillId;
import zafu.server.library.AnswerText;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.Skills;
import zafu.server.task.Way;

/** Hands a try in and marks it, from what the server has. */
@Component
class TryMarker {
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final MarkingHere here;
    private final OutNow out;
    private final QuestionsOfAttempt questions;
    private final Skills skills;
    private final SchoolSettings school;
    private final Clock clock;

    TryMarker(
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            MarkingHere here,
            OutNow out,
            QuestionsOfAttempt questions,
            Skills skills,
            SchoolSettings school,
            Clock clock) {
        this.attempts = attempts;
        this.answers = answers;
        this.here = here;
        this.out = out;
        this.questions = questions;
        this.skills = skills;
        this.school = school;
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
        attempt.handedInAt = at;
        attempt.handedInBy = by;
        mark(attempt);
    }

    /** Gives work back, so that the student sees how it went, or not any more; it need not be marked then. */
    void giveBack(Attempt attempt, boolean returned, long adultId) {
        attempt.returnedAt = returned ? clock.instant() : null;
        attempt.returnedBy = returned ? adultId : null;
        mark(attempt);
    }

    /** Adds up what a handed-in try comes to, by what marks itself and by what people gave. */
    void mark(Attempt attempt) {
        Map<Long, AttemptAnswer> given = new LinkedHashMap<>();
        answers.findByAttemptId(attempt.id).forEach(answer -> given.put(answer.questionId, answer));
        AcceptedHere accepted = here.accepted(attempt.taskId);
        Map<Long, TakenOut> takenOut = here.takenOut(attempt.taskId);
        List<CountedQuestion> counted = new ArrayList<>();
        for (Library.Asked asked : questionsOf(attempt).values()) {
            AttemptAnswer answer = given.get(asked.id());
            OptionalDouble points = answer == null ? OptionalDouble.of(0) : earned(asked, answer, accepted);
            if (answer != null) {
                answer.earned = points.isPresent() ? points.getAsDouble() : null;
            }
            counted.add(new CountedQuestion(
                    asked.points(),
                    points,
                    Optional.ofNullable(asked.skillId()).map(SkillId::new),
                    Optional.ofNullable(takenOut.get(asked.id()))));
        }
        answers.saveAll(given.values());
        keep(attempt, AttemptResult.of(counted, whole(attempt)));
    }

    private AttemptResult.Whole whole(Attempt attempt) {
        if (attempt.givenEarned != null && attempt.givenPossible != null) {
            return new AttemptResult.Whole.Given(new Points(attempt.givenEarned, attempt.givenPossible));
        }
        boolean waits = out.task(attempt.taskId).way() == Way.HAND_IN && attempt.returnedAt == null;
        return waits ? new AttemptResult.Whole.Waits() : new AttemptResult.Whole.NotMarked();
    }

    private void keep(Attempt attempt, AttemptResult result) {
        attempt.earned = result.points().map(Points::earned).orElse(null);
        attempt.possible = result.points().map(Points::possible).orElse(null);
        attempt.toMark = result.toMark();
        attempts.save(attempt);
        Map<Long, Double> evidence = new LinkedHashMap<>();
        result.evidence().forEach((skill, share) -> evidence.put(skill.value(), share));
        LocalDate on = LocalDate.ofInstant(attempt.handedInAt, school.zone());
        skills.recordTry(attempt.id, attempt.studentId, on, evidence);
    }

    /** What the answer earns now; empty where a person must say. */
    static OptionalDouble earned(Library.Asked asked, AttemptAnswer answer, AcceptedHere accepted) {
        return CountedQuestion.earned(
                asked.points(),
                answer.givenPoints == null ? OptionalDouble.empty() : OptionalDouble.of(answer.givenPoints),
                accepted.points(asked, answer.given),
                asked.question().share(AnswerText.read(asked.kind(), answer.given)));
    }

    Map<Long, Library.Asked> questionsOf(Attempt attempt) {
        return out.given(attempt)
                .map(version -> questions.of(attempt, attempt.kept(version.questions())))
                .orElse(Map.of());
    }
}
