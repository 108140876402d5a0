package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.Rubric;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MarkingApi.AcceptedForAll;
import zafu.server.attempt.MarkingApi.AnswerMark;
import zafu.server.attempt.MarkingApi.GivenBack;
import zafu.server.attempt.MarkingApi.WholeMark;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;

/** Points and words that people give. Each change leaves a line of who and when; giving the same again changes nothing. */
@Service
class HandMarks {
    private final AttemptAccess access;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final AcceptedAnswerRepository accepted;
    private final TaskWork work;
    private final TryMarker marker;
    private final Library library;
    private final TryNews news;
    private final AuditTrail audit;
    private final CurrentPerson current;
    private final Clock clock;

    HandMarks(
            AttemptAccess access,
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            AcceptedAnswerRepository accepted,
            TaskWork work,
            TryMarker marker,
            Library library,
            TryNews news,
            AuditTrail audit,
            CurrentPerson current,
            Clock clock) {
        this.access = access;
        this.attempts = attempts;
        this.answers = answers;
        this.accepted = accepted;
        this.work = work;
        this.marker = marker;
        this.library = library;
        this.news = news;
        this.audit = audit;
        this.current = current;
        this.clock = clock;
    }

    @Transactional
    void answer(long tryId, long questionId, AnswerMark wanted) {
        Attempt attempt = requireHandedIn(tryId);
        Library.Asked asked = marker.questionsOf(attempt).get(questionId);
        if (asked == null) {
            throw Refusal.notFound("question");
        }
        AttemptAnswer answer =
                answers.findByAttemptIdAndQuestionId(tryId, questionId).orElseGet(AttemptAnswer::new);
        if (answer.id == null) {
            answer.attemptId = tryId;
            answer.questionId = questionId;
            answer.receivedAt = clock.instant();
        }
        answer.givenPoints = points(asked, wanted);
        answer.byCriterion = wanted.criteria() == null
                ? ""
                : wanted.criteria().stream().map(String::valueOf).collect(Collectors.joining(" "));
        answer.comment = wanted.comment().strip();
        answer.markedBy = current.adult().adultId();
        answer.markedAt = clock.instant();
        answers.saveAndFlush(answer);
        marked(attempt, "mark.answer", "question " + questionId + ": " + answer.givenPoints);
    }

    private static @Nullable Double points(Library.Asked asked, AnswerMark wanted) {
        if (wanted.criteria() == null) {
            return wanted.points();
        }
        Rubric rubric = asked.body().rubric();
        if (!rubric.admits(wanted.criteria())) {
            throw Refusal.unusableField(
                    "not-by-these-criteria", "criteria", inWords("attempt.these-points-do-not-fit-the"));
        }
        return rubric.earned(wanted.criteria(), asked.points());
    }

    @Transactional
    void whole(long tryId, WholeMark wanted) {
        if ((wanted.earned() == null) != (wanted.possible() == null)) {
            throw Refusal.unusableField(
                    "half-a-mark", "possible", inWords("attempt.points-need-both-numbers-how-many"));
        }
        Attempt attempt = requireHandedIn(tryId);
        attempt.givenEarned = wanted.earned();
        attempt.givenPossible = wanted.possible();
        attempt.markedBy = current.adult().adultId();
        attempt.markedAt = clock.instant();
        marked(
                attempt,
                "mark.whole",
                keptWords("attempt.of", "earned", wanted.earned(), "possible", wanted.possible()));
    }

    @Transactional
    void accept(long taskId, AcceptedForAll wanted) {
        TaskWork.Seen seen = work.requireToChange(taskId);
        Library.Asked asked = library.questions(List.of(wanted.questionId())).get(wanted.questionId());
        if (asked == null) {
            throw Refusal.notFound("question");
        }
        accepted.deleteAll(accepted.findByTaskId(taskId).stream()
                .filter(each -> each.questionId == wanted.questionId()
                        && AcceptedHere.isSame(asked.kind(), each.given, wanted.given()))
                .toList());
        if (wanted.points() != null) {
            AcceptedAnswer made = new AcceptedAnswer();
            made.taskId = taskId;
            made.questionId = wanted.questionId();
            made.given = wanted.given();
            made.points = wanted.points();
            made.adultId = current.adult().adultId();
            made.acceptedAt = clock.instant();
            accepted.save(made);
        }
        accepted.flush();
        audit.note(seen.classes().get(0), "mark.accepted-for-all", taskId, wanted.given() + ": " + wanted.points());
        remark(taskId, asked, wanted.given());
    }

    /** Marks every handed-in try anew whose answer is meant, in whatever class. */
    private void remark(long taskId, Library.Asked asked, String given) {
        List<Attempt> done = attempts.findByTaskIdInOrderById(List.of(taskId)).stream()
                .filter(each -> !each.isRunning())
                .toList();
        Map<Long, AttemptAnswer> byTry = answers
                .findByAttemptIdIn(done.stream().map(each -> each.id).toList())
                .stream()
                .filter(each -> each.questionId == asked.id())
                .collect(Collectors.toMap(each -> each.attemptId, each -> each));
        for (Attempt each : done) {
            AttemptAnswer answer = byTry.get(each.id);
            if (answer != null && AcceptedHere.isSame(asked.kind(), given, answer.given)) {
                marker.mark(each);
                news.tellAll(each);
            }
        }
    }

    @Transactional
    void giveBack(long taskId, GivenBack wanted) {
        work.requireToMark(taskId);
        for (long tryId : wanted.tries()) {
            Attempt attempt = requireHandedIn(tryId);
            if (attempt.taskId != taskId) {
                throw Refusal.notFound("try");
            }
            marker.giveBack(attempt, wanted.returned(), current.adult().adultId());
            tell(attempt, wanted.returned() ? "mark.given-back" : "mark.not-given-back", "");
        }
    }

    private Attempt requireHandedIn(long tryId) {
        Attempt attempt = access.requireToMark(tryId);
        if (attempt.isRunning()) {
            throw Refusal.conflict("still-running", inWords("attempt.the-student-is-still-working-at-it"));
        }
        return attempt;
    }

    private void marked(Attempt attempt, String what, String details) {
        marker.mark(attempt);
        tell(attempt, what, details);
    }

    private void tell(Attempt attempt, String what, String details) {
        audit.note(
                access.classOf(attempt), what, attempt.studentId, details, Set.of(AuditSubject.task(attempt.taskId)));
        news.tellAll(attempt);
    }
}
