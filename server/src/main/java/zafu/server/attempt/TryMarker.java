package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.Question;
import zafu.server.library.AnswerText;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.Skills;
import zafu.server.task.Way;

/** Hands a try in and marks it, from what the server has. */
@Component
class TryMarker {
    private static final long NO_SKILL = -1;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final AcceptedAnswerRepository acceptedAnswers;
    private final OutNow out;
    private final QuestionsOfAttempt questions;
    private final Skills skills;
    private final SchoolSettings school;
    private final Clock clock;

    TryMarker(
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            AcceptedAnswerRepository acceptedAnswers,
            OutNow out,
            QuestionsOfAttempt questions,
            Skills skills,
            SchoolSettings school,
            Clock clock) {
        this.attempts = attempts;
        this.answers = answers;
        this.acceptedAnswers = acceptedAnswers;
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
        AcceptedHere accepted = AcceptedHere.of(acceptedAnswers.findByTaskId(attempt.taskId));
        Points all = Points.NONE;
        int toMark = 0;
        Map<Long, Points> bySkill = new LinkedHashMap<>();
        for (Library.Asked asked : questionsOf(attempt).values()) {
            AttemptAnswer answer = given.get(asked.id());
            OptionalDouble points = answer == null ? OptionalDouble.of(0) : earned(asked, answer, accepted);
            if (answer != null) {
                answer.earned = points.isPresent() ? points.getAsDouble() : null;
            }
            if (points.isEmpty()) {
                toMark++;
                continue;
            }
            Points here = new Points(points.getAsDouble(), asked.points());
            all = all.plus(here);
            bySkill.merge(asked.skillId() == null ? NO_SKILL : asked.skillId(), here, Points::plus);
        }
        answers.saveAll(given.values());
        if (attempt.givenEarned != null && attempt.givenPossible != null) {
            all = all.plus(new Points(attempt.givenEarned, attempt.givenPossible));
        } else if (out.task(attempt.taskId).way() == Way.HAND_IN && attempt.returnedAt == null) {
            toMark++;
        }
        // Where nothing is marked there is no result, which is not the same as none of nothing.
        attempt.earned = all.possible() == 0 ? null : all.earned();
        attempt.possible = all.possible() == 0 ? null : all.possible();
        attempt.toMark = toMark;
        attempts.save(attempt);
        noteSkills(attempt, attempt.handedInAt, bySkill);
    }

    /** Points of several questions. */
    private record Points(double earned, double possible) {
        static final Points NONE = new Points(0, 0);

        Points plus(Points other) {
            return new Points(earned + other.earned, possible + other.possible);
        }
    }

    /** What a person gave, for this student or for everybody with this answer, else by itself; empty where a person must. */
    static OptionalDouble earned(Library.Asked asked, AttemptAnswer answer, AcceptedHere accepted) {
        if (answer.givenPoints != null) {
            return OptionalDouble.of(answer.givenPoints);
        }
        OptionalDouble forAll = accepted.points(asked, answer.given);
        if (forAll.isPresent()) {
            return forAll;
        }
        OptionalDouble share = asked.question().share(AnswerText.read(asked.kind(), answer.given));
        return share.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Question.earned(asked.points(), share.getAsDouble()));
    }

    private void noteSkills(Attempt attempt, Instant at, Map<Long, Points> bySkill) {
        Map<Long, Double> fractions = new LinkedHashMap<>();
        bySkill.forEach((skill, points) -> {
            if (skill != NO_SKILL && points.possible() > 0) {
                fractions.put(skill, points.earned() / points.possible());
            }
        });
        if (!fractions.isEmpty()) {
            skills.recordTry(attempt.id, attempt.studentId, LocalDate.ofInstant(at, school.zone()), fractions);
        }
    }

    Map<Long, Library.Asked> questionsOf(Attempt attempt) {
        return out.given(attempt)
                .map(version -> questions.of(attempt, attempt.kept(version.questions())))
                .orElse(Map.of());
    }
}
