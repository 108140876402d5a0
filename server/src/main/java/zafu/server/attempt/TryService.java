package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MyWorkController.QuestionPage;
import zafu.server.attempt.MyWorkController.TryPage;
import zafu.server.library.Library;
import zafu.server.library.QuestionKind;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.task.TaskState;
import zafu.server.task.Tasks;

/** Tries: begun, answered and handed in by the student they belong to. */
@Service
class TryService {
    private final CurrentPerson current;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final TryMarker marker;
    private final Tasks tasks;
    private final Library library;
    private final Roster roster;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    TryService(
            CurrentPerson current,
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            TryMarker marker,
            Tasks tasks,
            Library library,
            Roster roster,
            ApplicationEventPublisher events,
            Clock clock) {
        this.current = current;
        this.attempts = attempts;
        this.answers = answers;
        this.marker = marker;
        this.tasks = tasks;
        this.library = library;
        this.roster = roster;
        this.events = events;
        this.clock = clock;
    }

    /** Begins a try, or finds the one that is running; the id either way. */
    @Transactional
    long start(long taskId) {
        StudentId student = new StudentId(current.studentId());
        Tasks.TaskForClass task = tasks.task(taskId);
        Tasks.Given given = task.given().get(student);
        boolean theirs = roster.classesOf(student.value()).contains(task.classId());
        if (given == null || !theirs || task.state() != TaskState.HANDED_OUT) {
            throw Refusal.notFound("task");
        }
        List<Attempt> before = attempts.findByTaskIdAndStudentIdOrderByNumber(taskId, student.value());
        Optional<Attempt> running = before.stream().filter(Attempt::isRunning).findFirst();
        if (running.isPresent()) {
            return running.get().id;
        }
        Attempt begun = begin(taskId, student, given, before.size());
        events.publishEvent(new TryChanged(task.classId(), taskId, student.value()));
        return begun.id;
    }

    private Attempt begin(long taskId, StudentId student, Tasks.Given given, int triesBefore) {
        Instant now = clock.instant();
        Terms.ForStudent terms = given.terms();
        if (!terms.isOpenAt(now)) {
            throw Refusal.conflict("not-open", "This is not open yet. Come back a little later.");
        }
        if (terms.isClosedAt(now)) {
            throw Refusal.conflict("closed", "This is closed now. Ask your teacher if you still want to do it.");
        }
        if (triesBefore >= terms.tries()) {
            throw Refusal.conflict("no-try-left", "You have handed this in already.");
        }
        Attempt begun = new Attempt();
        begun.taskId = taskId;
        begun.versionId = given.versionId();
        begun.studentId = student.value();
        begun.number = triesBefore + 1;
        begun.startedAt = now;
        begun.endsAt = terms.endOfTryStartedAt(now).orElse(null);
        begun.minutes =
                terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null;
        return attempts.saveAndFlush(begun);
    }

    @Transactional
    TryPage page(long tryId) {
        Attempt mine = requireMine(attempts.findById(tryId));
        if (mine.isRunning() && mine.isOverAt(clock.instant())) {
            mine = marker.handInOverdue(tryId);
        }
        Tasks.Given given = given(mine);
        Map<Long, AttemptAnswer> byQuestion = answers.findByAttemptId(tryId).stream()
                .collect(Collectors.toMap(answer -> answer.questionId, answer -> answer));
        // What was handed in goes on saying what it said then, whatever was corrected since.
        Map<Long, Library.Asked> questions = library.questions(given.questions(), mine.handedInAt);
        Map<Long, ItemPage> texts = library.pages(given.texts(), mine.handedInAt);
        boolean handedIn = !mine.isRunning();
        return new TryPage(
                mine.id,
                given.title(),
                given.texts().stream().map(texts::get).filter(Objects::nonNull).toList(),
                given.questions().stream()
                        .map(id -> shown(questions.get(id), byQuestion.get(id), handedIn))
                        .toList(),
                mine.minutes,
                mine.startedAt,
                mine.endsAt,
                clock.instant(),
                handedIn,
                mine.handedInBy == Attempt.HandedInBy.TIME,
                mine.earned,
                mine.possible);
    }

    private static QuestionPage shown(Library.Asked asked, @Nullable AttemptAnswer answer, boolean handedIn) {
        Integer earned = answer == null ? null : answer.earned;
        boolean waits = asked.kind() == QuestionKind.LONG_ANSWER && answer != null && earned == null;
        if (!handedIn || waits) {
            return new QuestionPage(asked.id(), asked.sheet(), answer == null ? null : answer.given, null, null);
        }
        int points = earned == null ? 0 : earned;
        String feedback = Library.feedback(asked, points == asked.points());
        return new QuestionPage(
                asked.id(),
                asked.sheet(),
                answer == null ? null : answer.given,
                points,
                feedback.isEmpty() ? null : feedback);
    }

    /** Keeps an answer; when it returns, the answer is on the disk. Giving the same answer again changes nothing. */
    @Transactional
    Instant answer(long tryId, long questionId, String given) {
        Attempt mine = requireMine(attempts.findToChange(tryId));
        Instant now = clock.instant();
        if (!mine.isRunning() || mine.isOverAt(now)) {
            throw Refusal.conflict("try-over", "This is handed in already; the answer came too late.");
        }
        if (!given(mine).questions().contains(questionId)) {
            throw Refusal.notFound("question");
        }
        AttemptAnswer answer =
                answers.findByAttemptIdAndQuestionId(tryId, questionId).orElseGet(AttemptAnswer::new);
        answer.attemptId = tryId;
        answer.questionId = questionId;
        answer.given = given;
        answer.receivedAt = now;
        answers.save(answer);
        tellTeachers(mine);
        return now;
    }

    /** Handing in twice is the same as once. */
    @Transactional
    void handIn(long tryId) {
        Attempt mine = requireMine(attempts.findToChange(tryId));
        if (mine.isRunning()) {
            marker.handIn(mine, Attempt.HandedInBy.STUDENT, clock.instant());
            tellTeachers(mine);
        }
    }

    private void tellTeachers(Attempt mine) {
        roster.classesOf(mine.studentId)
                .forEach(classId -> events.publishEvent(new TryChanged(classId, mine.taskId, mine.studentId)));
    }

    private Tasks.Given given(Attempt mine) {
        return tasks.version(mine.taskId, mine.versionId, new StudentId(mine.studentId))
                .orElseThrow(() -> Refusal.notFound("task"));
    }

    private Attempt requireMine(Optional<Attempt> found) {
        long student = current.studentId();
        return found.filter(each -> each.studentId == student).orElseThrow(() -> Refusal.notFound("try"));
    }
}
