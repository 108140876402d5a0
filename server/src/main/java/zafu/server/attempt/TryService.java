package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.Feedback;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MyWorkApi.AnswerChecked;
import zafu.server.attempt.MyWorkApi.TryPage;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.task.TaskState;
import zafu.server.task.Tasks;
import zafu.server.task.Way;

/** Tries: begun, answered and handed in by the student they belong to. */
@Service
class TryService {
    private final CurrentPerson current;
    private final AttemptRepository attempts;
    private final TryMarker marker;
    private final OwnTries own;
    private final TryNews news;
    private final OutNow out;
    private final AnswerKeeper keeper;
    private final TryPages pages;
    private final MyWorkService work;
    private final Roster roster;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    TryService(
            CurrentPerson current,
            AttemptRepository attempts,
            TryMarker marker,
            OwnTries own,
            TryNews news,
            OutNow out,
            AnswerKeeper keeper,
            TryPages pages,
            MyWorkService work,
            Roster roster,
            ApplicationEventPublisher events,
            Clock clock) {
        this.current = current;
        this.attempts = attempts;
        this.marker = marker;
        this.own = own;
        this.news = news;
        this.out = out;
        this.keeper = keeper;
        this.pages = pages;
        this.work = work;
        this.roster = roster;
        this.events = events;
        this.clock = clock;
    }

    /** Begins a try, or finds the one that is running; the id either way. */
    @Transactional
    long start(long taskId) {
        StudentId student = new StudentId(current.studentId());
        Tasks.TaskForClass task = out.task(taskId);
        Tasks.Given given = task.given().get(student);
        boolean theirs = roster.classesOf(student.value()).stream().anyMatch(task.classes()::contains);
        if (given == null || !theirs || task.state() != TaskState.HANDED_OUT) {
            throw Refusal.notFound("task");
        }
        List<Attempt> before = attempts.findByTaskIdAndStudentIdOrderByNumber(taskId, student.value());
        Optional<Attempt> running = before.stream().filter(Attempt::isRunning).findFirst();
        if (running.isPresent()) {
            return running.get().id;
        }
        if (task.way() == Way.OFF_SCREEN) {
            throw Refusal.conflict("off-screen", inWords("everyone.this-is-done-away-from-the-screen"));
        }
        if (before.isEmpty()) {
            work.heldBackBy(student, taskId).ifPresent(first -> {
                throw Refusal.conflict("held-back", inWords("everyone.first-hand-in", "first", first));
            });
        }
        Attempt begun = begin(taskId, student, given, before.size());
        task.classes().forEach(each -> events.publishEvent(new TryChanged(each, taskId, student.value())));
        return begun.id;
    }

    private Attempt begin(long taskId, StudentId student, Tasks.Given given, int triesBefore) {
        Instant now = clock.instant();
        Terms.ForStudent terms = given.terms();
        if (!terms.isOpenAt(now)) {
            throw Refusal.conflict("not-open", inWords("everyone.this-is-not-open-yet-come-back-a"));
        }
        if (terms.isClosedAt(now)) {
            throw Refusal.conflict("closed", inWords("everyone.this-is-closed-now-ask-your"));
        }
        if (triesBefore >= terms.tries()) {
            throw Refusal.conflict("no-try-left", inWords("everyone.you-have-handed-this-in-already"));
        }
        Attempt begun = new Attempt();
        begun.taskId = taskId;
        begun.versionId = given.versionId();
        begun.studentId = student.value();
        begun.number = triesBefore + 1;
        begun.startedAt = now;
        begun.percentOfQuestions = given.aids().percentOfQuestions();
        begun.choicesLeft = given.aids().choicesLeft();
        begun.minutes =
                terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null;
        begun.closesAt = terms.closes().orElse(null);
        begun.breakMinutes = given.aids().breakMinutes();
        begun.take(begun.time());
        return attempts.saveAndFlush(begun);
    }

    @Transactional
    TryPage page(long tryId) {
        // Looked at before it is read: what was read already cannot wait for whoever is just handing it in.
        if (attempts.existsByIdAndHandedInAtIsNullAndEndsAtLessThanEqual(tryId, clock.instant())) {
            marker.handInOverdue(tryId);
        }
        Attempt mine = own.require(tryId);
        requireNotTakenBack(mine);
        return pages.of(mine, given(mine));
    }

    /** What was handed in stays to be seen. */
    private void requireNotTakenBack(Attempt mine) {
        if (mine.isRunning() && !keeper.isStillTheirs(mine)) {
            throw Refusal.conflict("taken-back", inWords("everyone.your-teacher-has-withdrawn-this"));
        }
    }

    /**
     * Says whether the answer that is kept is right, where the teacher lets students check while they work. Empty where a
     * person would have to say.
     */
    @Transactional(readOnly = true)
    AnswerChecked check(long tryId, long questionId) {
        Attempt mine = own.require(tryId);
        boolean mayCheck = out.task(mine.taskId).feedback() == Feedback.AS_THEY_GO && mine.isRunning();
        if (!mayCheck || !mine.kept(given(mine).questions()).contains(questionId)) {
            throw Refusal.notFound("question to check");
        }
        return pages.checked(tryId, questionId);
    }

    /** Handing in twice is the same as once. */
    @Transactional
    void handIn(long tryId) {
        Attempt mine = own.requireToChange(tryId);
        if (mine.isRunning()) {
            marker.handIn(mine, Attempt.HandedInBy.STUDENT, clock.instant());
            news.tellTeachers(mine);
        }
    }

    private Tasks.Given given(Attempt mine) {
        return out.requireGiven(mine);
    }
}
