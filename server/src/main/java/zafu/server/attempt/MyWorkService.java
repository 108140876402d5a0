package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.targeting.DoneFirst;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MyWorkController.Card;
import zafu.server.attempt.MyWorkController.When;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Aids;
import zafu.server.task.Tasks;
import zafu.server.task.Way;

/** What a student has to do, is doing and has done, over all their classes. */
@Service
class MyWorkService {
    private final CurrentPerson current;
    private final Roster roster;
    private final Tasks tasks;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final SchoolSettings school;
    private final Clock clock;

    MyWorkService(
            CurrentPerson current,
            Roster roster,
            Tasks tasks,
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            SchoolSettings school,
            Clock clock) {
        this.current = current;
        this.roster = roster;
        this.tasks = tasks;
        this.attempts = attempts;
        this.answers = answers;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    MyWorkController.MyWork mine() {
        StudentId student = new StudentId(current.studentId());
        return of(student, roster.classesOf(student.value()), clock.instant(), null);
    }

    /** A task as it stands for the student. */
    private record Own(Tasks.TaskForClass task, Tasks.Given given, List<Attempt> tries) {
        @Nullable
        Attempt last() {
            return tries.isEmpty() ? null : tries.get(tries.size() - 1);
        }

        DoneFirst.Standing standing(Instant now) {
            boolean open = given.terms().isOpenAt(now) && !given.terms().isClosedAt(now);
            boolean handedIn = tries.stream().anyMatch(each -> !each.isRunning());
            return new DoneFirst.Standing(task.taskId(), task.doneFirst(), open, handedIn);
        }
    }

    /**
     * What a student has to do at a moment, which may lie ahead.
     *
     * @param classes whose tasks are shown
     * @param asIfOut a task that is shown as if it were handed out
     */
    MyWorkController.MyWork of(
            StudentId student, List<Long> classes, Instant now, Tasks.@Nullable TaskForClass asIfOut) {
        Map<Long, Own> own = ownTasks(student, classes, now, asIfOut);
        List<DoneFirst.Standing> standings =
                own.values().stream().map(each -> each.standing(now)).toList();
        List<Card> cards = new ArrayList<>();
        own.values().forEach(each -> {
            String first = DoneFirst.holdingBack(each.standing(now), standings)
                    .map(id -> own.get(id).given().title())
                    .orElse(null);
            cards.add(card(each, now, first));
        });
        cards.sort(Comparator.comparing(Card::when)
                .thenComparing(card -> card.after() != null)
                .thenComparing(Card::due, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(Card::taskId));
        return new MyWorkController.MyWork(roster.student(student.value()).givenName(), school.local(now), cards);
    }

    /** The title of what has to be done before this task, if anything. */
    Optional<String> heldBackBy(StudentId student, long taskId) {
        Instant now = clock.instant();
        Map<Long, Own> own = ownTasks(student, roster.classesOf(student.value()), now, null);
        Own task = own.get(taskId);
        if (task == null) {
            return Optional.empty();
        }
        return DoneFirst.holdingBack(
                        task.standing(now),
                        own.values().stream().map(each -> each.standing(now)).toList())
                .map(id -> own.get(id).given().title());
    }

    private Map<Long, Own> ownTasks(
            StudentId student, List<Long> classes, Instant now, Tasks.@Nullable TaskForClass asIfOut) {
        Map<Long, List<Attempt>> byTask = attempts.findByStudentIdOrderById(student.value()).stream()
                .collect(Collectors.groupingBy(each -> each.taskId));
        LocalDate day = LocalDate.ofInstant(now, school.zone());
        List<Tasks.TaskForClass> out = new ArrayList<>();
        classes.forEach(classId -> out.addAll(tasks.handedOut(classId, day)));
        if (asIfOut != null) {
            out.add(asIfOut);
        }
        Map<Long, Own> own = new LinkedHashMap<>();
        for (Tasks.TaskForClass task : out) {
            Tasks.Given given = task.given().get(student);
            if (given != null) {
                own.putIfAbsent(task.taskId(), new Own(task, given, byTask.getOrDefault(task.taskId(), List.of())));
            }
        }
        return own;
    }

    private Card card(Own own, Instant now, @Nullable String after) {
        Tasks.Given given = own.given();
        Terms.ForStudent terms = given.terms();
        Attempt last = own.last();
        boolean running = last != null && last.isRunning();
        boolean triesLeft = own.tries().size() < terms.tries() && !terms.isClosedAt(now);
        boolean onScreen = own.task().way() != Way.OFF_SCREEN;
        return new Card(
                own.task().taskId(),
                given.title(),
                when(terms, last, now),
                own.task().way(),
                onScreen ? "" : given.instructions(),
                Aids.kept(given.questions(), given.aids().percentOfQuestions()).size(),
                !given.texts().isEmpty(),
                terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null,
                school.local(terms.opens().orElse(null)),
                school.local(terms.due().orElse(null)),
                last == null ? null : last.id,
                running ? answers.findByAttemptId(last.id).size() : 0,
                last == null ? null : last.earned,
                last == null ? null : last.possible,
                onScreen && last != null && !running && triesLeft,
                last == null ? after : null);
    }

    private static When when(Terms.ForStudent terms, @Nullable Attempt last, Instant now) {
        if (last != null) {
            return last.isRunning() && !last.isOverAt(now) ? When.GOING_ON : When.DONE;
        }
        if (!terms.isOpenAt(now)) {
            return When.LATER;
        }
        return terms.isClosedAt(now) ? When.MISSED : When.NOW;
    }
}
