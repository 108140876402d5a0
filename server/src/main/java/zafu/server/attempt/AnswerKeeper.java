package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.work.SavedAnswer;
import zafu.core.work.SavedAnswer.Becomes;
import zafu.server.attempt.MyWorkApi.AnswerNumber;
import zafu.server.attempt.MyWorkApi.Kept;
import zafu.server.attempt.MyWorkApi.KeptAs;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;
import zafu.server.task.TaskState;
import zafu.server.task.Tasks;

/**
 * Keeps what students give; when it returns, it is on the disk. Nothing that is sent is thrown away: what comes when the
 * try is over is kept apart, for a teacher to decide. Never does an older answer take the place of a newer one, in whatever
 * order the answers of two pages or devices come; one that is sent twice counts once. Rule 10.
 */
@Service
class AnswerKeeper {
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final LateAnswerRepository late;
    private final TryMarker marker;
    private final Library library;
    private final OutNow out;
    private final OwnTries own;
    private final TryNews news;
    private final Clock clock;

    AnswerKeeper(
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            LateAnswerRepository late,
            TryMarker marker,
            Library library,
            OutNow out,
            OwnTries own,
            TryNews news,
            Clock clock) {
        this.attempts = attempts;
        this.answers = answers;
        this.late = late;
        this.marker = marker;
        this.library = library;
        this.out = out;
        this.own = own;
        this.news = news;
        this.clock = clock;
    }

    /**
     * Something given.
     *
     * @param key by which it is known when it is sent again; made up here where the page names none
     * @param at when it was given, as the page says; now where it says nothing
     * @param number which copy of an answer it is; absent for one that takes the place of whatever was saved
     */
    record Giving(String given, @Nullable String key, @Nullable Instant at, @Nullable AnswerNumber number) {
        Giving withText(String text) {
            return new Giving(text, key, at, number);
        }

        Becomes onArrivalAfter(SavedAnswer saved) {
            return number == null ? Becomes.SAVED : saved.onArrivalOf(sent(number));
        }

        SavedBy savedAfter(SavedAnswer saved) {
            return SavedBy.of(number == null ? saved.byNoDevice() : saved.with(sent(number)));
        }

        private static SavedAnswer.Sent sent(AnswerNumber number) {
            return new SavedAnswer.Sent(number.over(), number.device(), number.given());
        }
    }

    @Transactional
    Kept answer(long tryId, long questionId, Giving sent) {
        Attempt mine = own.requireToChange(tryId);
        Instant now = clock.instant();
        if (!mine.kept(out.requireGiven(mine).questions()).contains(questionId)) {
            throw Refusal.notFound("question");
        }
        Library.Asked asked = library.questions(List.of(questionId)).get(questionId);
        Giving giving = sent.withText(asked.inPlaces(mine.partSecret, sent.given));
        Instant givenAt = believed(giving.at, mine, now);
        AttemptAnswer known =
                answers.findByAttemptIdAndQuestionId(tryId, questionId).orElse(null);
        Optional<LateAnswer.Reason> tooLate = tooLate(mine, now);
        if (tooLate.isPresent()) {
            boolean same = known != null && known.given.equals(giving.given);
            return same
                    ? new Kept(now, KeptAs.KEPT, known.saved.number, null)
                    : keepApart(mine, questionId, giving, givenAt, tooLate.get());
        }
        AttemptAnswer answer = known == null ? new AttemptAnswer() : known;
        SavedAnswer before = answer.saved.asSaved();
        Becomes becomes = giving.onArrivalAfter(before);
        if (becomes != Becomes.SAVED) {
            return notSaved(becomes, before, asked.inNames(mine.partSecret, answer.given), sent.given);
        }
        answer.attemptId = tryId;
        answer.questionId = questionId;
        answer.given = giving.given;
        answer.saved = giving.savedAfter(before);
        answer.givenAt = givenAt;
        answer.receivedAt = now;
        answers.save(answer);
        goOnWorking(mine, givenAt, now);
        news.tellOtherDevices(mine, answer.saved.device);
        return new Kept(now, KeptAs.KEPT, answer.saved.number, null);
    }

    /** What is saved stays; where another device saved something else, the student is asked which of the two it is to be. */
    private Kept notSaved(Becomes becomes, SavedAnswer saved, String text, String sent) {
        boolean differs = becomes == Becomes.CHANGED_ELSEWHERE && !text.equals(sent);
        KeptAs as = differs ? KeptAs.CHANGED_ELSEWHERE : becomes == Becomes.OVERTAKEN ? KeptAs.OVERTAKEN : KeptAs.KEPT;
        return new Kept(clock.instant(), as, saved.number(), differs ? text : null);
    }

    /** What is written as a whole. */
    @Transactional
    Kept written(long tryId, Giving giving) {
        Attempt mine = own.requireToChange(tryId);
        Instant now = clock.instant();
        Instant givenAt = believed(giving.at, mine, now);
        Optional<LateAnswer.Reason> tooLate = tooLate(mine, now);
        if (tooLate.isPresent()) {
            return mine.written.equals(giving.given)
                    ? new Kept(now, KeptAs.KEPT, mine.writtenSaved.number, null)
                    : keepApart(mine, null, giving, givenAt, tooLate.get());
        }
        SavedAnswer before = mine.writtenSaved.asSaved();
        Becomes becomes = giving.onArrivalAfter(before);
        if (becomes != Becomes.SAVED) {
            return notSaved(becomes, before, mine.written, giving.given);
        }
        mine.written = giving.given;
        mine.writtenSaved = giving.savedAfter(before);
        mine.writtenGivenAt = givenAt;
        goOnWorking(mine, givenAt, now);
        news.tellOtherDevices(mine, mine.writtenSaved.device);
        return new Kept(now, KeptAs.KEPT, mine.writtenSaved.number, null);
    }

    /** Which questions the student wants to look at again. */
    @Transactional
    long flag(long tryId, List<Long> questions) {
        Attempt mine = own.requireToChange(tryId);
        if (mine.isRunning()) {
            mine.flagged = Flags.written(questions);
            mine.flagsNumber++;
            attempts.save(mine);
        }
        return mine.flagsNumber;
    }

    /** Nothing for now: it is a running try of a task that is still the student's. */
    private Optional<LateAnswer.Reason> tooLate(Attempt mine, Instant now) {
        if (!mine.isRunning()) {
            boolean byStudent = mine.handedInBy == Attempt.HandedInBy.STUDENT;
            return Optional.of(byStudent ? LateAnswer.Reason.HANDED_IN : LateAnswer.Reason.AFTER_END);
        }
        if (mine.isOverAt(now)) {
            marker.handIn(mine, Attempt.HandedInBy.TIME, mine.endsAt);
            return Optional.of(LateAnswer.Reason.AFTER_END);
        }
        return isStillTheirs(mine) ? Optional.empty() : Optional.of(LateAnswer.Reason.TAKEN_BACK);
    }

    /** A try that goes on ends where its task is taken back from the student. */
    boolean isStillTheirs(Attempt running) {
        Tasks.TaskForClass task = out.task(running.taskId);
        Tasks.Given now = task.given().get(new StudentId(running.studentId));
        return task.state() == TaskState.HANDED_OUT && now != null && now.versionId() == running.versionId;
    }

    private Kept keepApart(
            Attempt mine, @Nullable Long questionId, Giving giving, Instant givenAt, LateAnswer.Reason reason) {
        String key = giving.key == null ? UUID.randomUUID().toString() : giving.key;
        Instant end = mine.handedInAt == null ? mine.endsAt : mine.handedInAt;
        if (!late.existsByAttemptIdAndAnswerKey(mine.id, key)) {
            LateAnswer kept = new LateAnswer();
            kept.attemptId = mine.id;
            kept.questionId = questionId;
            kept.answerKey = key;
            kept.given = giving.given;
            kept.givenAt = givenAt;
            kept.receivedAt = clock.instant();
            kept.reason = reason;
            kept.inTime = reason != LateAnswer.Reason.TAKEN_BACK && end != null && !givenAt.isAfter(end);
            late.save(kept);
            news.tellTeachers(mine);
        }
        return new Kept(clock.instant(), KeptAs.valueOf(reason.name()), 0, null);
    }

    /** Who gives something is not on a break any more, unless it was given before the break and came late. */
    private void goOnWorking(Attempt mine, Instant givenAt, Instant now) {
        Instant since = mine.breakSince;
        if (since != null && givenAt.isAfter(since)) {
            mine.take(mine.time().resumedAt(now));
        }
        attempts.save(mine);
        news.tellTeachers(mine);
    }

    /** A page may say that something was given earlier than it came, but not before the try began. */
    private static Instant believed(@Nullable Instant said, Attempt mine, Instant now) {
        if (said == null || said.isAfter(now)) {
            return now;
        }
        return said.isBefore(mine.startedAt) ? mine.startedAt : said;
    }
}
