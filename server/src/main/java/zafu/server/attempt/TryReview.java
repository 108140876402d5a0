package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.TryReviewApi.AnswerShown;
import zafu.server.attempt.TryReviewApi.LateShown;
import zafu.server.attempt.TryReviewApi.Remark;
import zafu.server.attempt.TryReviewApi.TryForTeacher;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks;

/** One try as a teacher sees it: what was answered, what came late and waits for a decision, what the teacher says. */
@Service
class TryReview {
    private final AttemptAccess access;
    private final AttemptAnswerRepository answers;
    private final AttemptRepository attempts;
    private final LateAnswerRepository late;
    private final HandedWork handed;
    private final TryMarker marker;
    private final OutNow out;
    private final Library library;
    private final QuestionsOfAttempt keys;
    private final People people;
    private final TryNews news;
    private final Clock clock;

    TryReview(
            AttemptAccess access,
            AttemptAnswerRepository answers,
            AttemptRepository attempts,
            LateAnswerRepository late,
            HandedWork handed,
            TryMarker marker,
            OutNow out,
            Library library,
            QuestionsOfAttempt keys,
            People people,
            TryNews news,
            Clock clock) {
        this.access = access;
        this.answers = answers;
        this.attempts = attempts;
        this.late = late;
        this.handed = handed;
        this.marker = marker;
        this.out = out;
        this.library = library;
        this.keys = keys;
        this.people = people;
        this.news = news;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    TryForTeacher of(long tryId) {
        Attempt attempt = access.requireToSee(tryId);
        Instant now = clock.instant();
        Map<Long, AttemptAnswer> given = new LinkedHashMap<>();
        answers.findByAttemptId(tryId).forEach(each -> given.put(each.questionId, each));
        List<Long> asked = out.given(attempt)
                .map(Tasks.Given::questions)
                .map(attempt::kept)
                .orElse(List.of());
        Map<Long, Library.Asked> questions = keys.of(attempt, asked);
        Roster.StudentName student = people.roster.student(attempt.studentId);
        return new TryForTeacher(
                tryId,
                student.givenName(),
                student.familyName(),
                out.task(attempt.taskId).name(),
                attempt.number,
                attempt.isRunning(),
                TryClocks.shown(attempt, now),
                access.mayChange(attempt),
                attempt.written,
                handed.of(tryId),
                asked.stream()
                        .map(questions::get)
                        .filter(Objects::nonNull)
                        .map(each -> shown(each, given.get(each.id())))
                        .toList(),
                late.findByAttemptIdInOrderById(List.of(tryId)).stream()
                        .map(each -> shown(each, asked))
                        .toList(),
                attempt.remark,
                attempt.returnedAt != null,
                people.school.local(attempt.handedInAt),
                attempt.earned,
                attempt.possible);
    }

    private static AnswerShown shown(Library.Asked asked, @Nullable AttemptAnswer answer) {
        return new AnswerShown(
                asked.id(), asked.sheet(), answer == null ? null : answer.given, answer == null ? null : answer.earned);
    }

    private LateShown shown(LateAnswer each, List<Long> asked) {
        int place = each.questionId == null ? -1 : asked.indexOf(each.questionId);
        String by = Optional.ofNullable(each.decidedBy)
                .map(adult -> people.adults.displayNames(List.of(adult)).get(adult))
                .orElse(null);
        return new LateShown(
                each.id,
                place < 0 ? null : place + 1,
                each.questionId,
                each.given,
                people.school.local(each.givenAt),
                people.school.local(each.receivedAt),
                each.reason,
                each.inTime,
                each.decision,
                by,
                people.school.local(each.decidedAt));
    }

    /** A word to the student, and whether the work is given back with it, so that they see how it went. */
    @Transactional
    void remark(long tryId, Remark wanted) {
        Attempt attempt = access.requireToChange(tryId);
        if (wanted.returned() && attempt.isRunning()) {
            throw Refusal.conflict("still-running", inWords("attempt.the-student-is-still-working-at-it-2"));
        }
        attempt.remark = wanted.text().strip();
        if (wanted.returned() != (attempt.returnedAt != null)) {
            marker.giveBack(attempt, wanted.returned(), people.current.adult().adultId());
        }
        attempts.save(attempt);
        people.audit.note(
                access.classOf(attempt),
                "try.remark",
                attempt.studentId,
                attempt.remark,
                Set.of(AuditSubject.task(attempt.taskId)));
        news.tellAll(attempt);
    }

    /**
     * Lets what came late count, or not; nothing where it is to be decided anew. What it takes the place of is kept, so
     * that the decision can be taken back.
     */
    @Transactional
    long decide(long lateId, LateAnswer.@Nullable Decision decision) {
        LateAnswer which = late.findById(lateId).orElseThrow(() -> Refusal.notFound("answer"));
        Attempt attempt = access.requireToChange(which.attemptId);
        if (which.decision == decision) {
            return attempt.id;
        }
        if (which.decision == LateAnswer.Decision.ACCEPTED) {
            put(attempt, which.questionId, which.insteadOf);
        }
        if (decision == LateAnswer.Decision.ACCEPTED) {
            which.insteadOf = now(attempt, which.questionId);
            put(attempt, which.questionId, which.given);
        }
        which.decision = decision;
        which.decidedAt = decision == null ? null : clock.instant();
        which.decidedBy = decision == null ? null : people.current.adult().adultId();
        late.save(which);
        if (!attempt.isRunning()) {
            marker.mark(attempt);
        }
        String what = decision == null
                ? "late-answer.undecided"
                : "late-answer." + decision.name().toLowerCase();
        people.audit.note(
                access.classOf(attempt),
                what,
                attempt.studentId,
                which.given,
                Set.of(AuditSubject.task(attempt.taskId)));
        news.tellAll(attempt);
        return attempt.id;
    }

    private @Nullable String now(Attempt attempt, @Nullable Long questionId) {
        return questionId == null
                ? attempt.written
                : answers.findByAttemptIdAndQuestionId(attempt.id, questionId)
                        .map(each -> each.given)
                        .orElse(null);
    }

    private void put(Attempt attempt, @Nullable Long questionId, @Nullable String given) {
        if (questionId == null) {
            attempt.written = given == null ? "" : given;
            attempt.writtenSaved = SavedBy.of(attempt.writtenSaved.asSaved().byNoDevice());
            attempts.save(attempt);
            return;
        }
        Optional<AttemptAnswer> known = answers.findByAttemptIdAndQuestionId(attempt.id, questionId);
        if (given == null) {
            known.ifPresent(answers::delete);
            answers.flush();
            return;
        }
        AttemptAnswer answer = known.orElseGet(AttemptAnswer::new);
        answer.attemptId = attempt.id;
        answer.questionId = questionId;
        answer.given = given;
        answer.saved = SavedBy.of(answer.saved.asSaved().byNoDevice());
        answer.receivedAt = clock.instant();
        answers.saveAndFlush(answer);
    }

    /** Who and where: what a review names people and times by. */
    @Component
    static class People {
        final Roster roster;
        final SchoolSettings school;
        final AdultAccounts adults;
        final AuditTrail audit;
        final CurrentPerson current;

        People(Roster roster, SchoolSettings school, AdultAccounts adults, AuditTrail audit, CurrentPerson current) {
            this.roster = roster;
            this.school = school;
            this.adults = adults;
            this.audit = audit;
            this.current = current;
        }
    }
}
