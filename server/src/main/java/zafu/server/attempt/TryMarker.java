package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.Question;
import zafu.server.library.AnswerText;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.Skills;

/** Hands a try in and marks it, from what the server has. */
@Component
class TryMarker {
    private static final long NO_SKILL = -1;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final OutNow out;
    private final Library library;
    private final Skills skills;
    private final SchoolSettings school;
    private final Clock clock;

    TryMarker(
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            OutNow out,
            Library library,
            Skills skills,
            SchoolSettings school,
            Clock clock) {
        this.attempts = attempts;
        this.answers = answers;
        this.out = out;
        this.library = library;
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
        Map<Long, AttemptAnswer> given = new LinkedHashMap<>();
        answers.findByAttemptId(attempt.id).forEach(answer -> given.put(answer.questionId, answer));
        int earned = 0;
        int possible = 0;
        Map<Long, Points> bySkill = new LinkedHashMap<>();
        for (Library.Asked asked : questionsOf(attempt).values()) {
            AttemptAnswer answer = given.get(asked.id());
            OptionalInt points = answer == null ? OptionalInt.of(0) : earned(asked, answer.given);
            if (points.isPresent()) {
                possible += asked.points();
                earned += points.getAsInt();
                bySkill.merge(
                        asked.skillId() == null ? NO_SKILL : asked.skillId(),
                        new Points(points.getAsInt(), asked.points()),
                        Points::plus);
                if (answer != null) {
                    answer.earned = points.getAsInt();
                }
            }
        }
        answers.saveAll(given.values());
        attempt.handedInAt = at;
        attempt.handedInBy = by;
        // Where nothing marks itself there is no result, which is not the same as none of nothing.
        attempt.earned = possible == 0 ? null : earned;
        attempt.possible = possible == 0 ? null : possible;
        attempts.save(attempt);
        noteSkills(attempt, at, bySkill);
    }

    /** Points of several questions. */
    private record Points(int earned, int possible) {
        Points plus(Points other) {
            return new Points(earned + other.earned, possible + other.possible);
        }
    }

    /** Empty where a person must mark it. */
    private static OptionalInt earned(Library.Asked asked, String given) {
        OptionalDouble share = asked.question().share(AnswerText.read(asked.kind(), given));
        return share.isEmpty()
                ? OptionalInt.empty()
                : OptionalInt.of(Question.earned(asked.points(), share.getAsDouble()));
    }

    private void noteSkills(Attempt attempt, Instant at, Map<Long, Points> bySkill) {
        Map<Long, Double> fractions = new LinkedHashMap<>();
        bySkill.forEach((skill, points) -> {
            if (skill != NO_SKILL && points.possible() > 0) {
                fractions.put(skill, (double) points.earned() / points.possible());
            }
        });
        if (!fractions.isEmpty()) {
            skills.recordTry(attempt.id, attempt.studentId, LocalDate.ofInstant(at, school.zone()), fractions);
        }
    }

    private Map<Long, Library.Asked> questionsOf(Attempt attempt) {
        return out.given(attempt)
                .map(version -> library.questions(attempt.kept(version.questions())))
                .orElse(Map.of());
    }
}
