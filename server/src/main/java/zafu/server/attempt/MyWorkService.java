package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MyWorkController.Card;
import zafu.server.attempt.MyWorkController.When;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks;

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
        Map<Long, List<Attempt>> byTask = attempts.findByStudentIdOrderById(student.value()).stream()
                .collect(Collectors.groupingBy(each -> each.taskId));
        List<Card> cards = new ArrayList<>();
        for (long classId : roster.classesOf(student.value())) {
            for (Tasks.TaskForClass task : tasks.handedOut(classId)) {
                List<Attempt> tries = byTask.getOrDefault(task.taskId(), List.of());
                Tasks.Given given = task.given().get(student);
                if (given != null) {
                    cards.add(card(task.taskId(), given, tries));
                }
            }
        }
        cards.sort(Comparator.comparing(Card::when)
                .thenComparing(Card::due, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(Card::taskId));
        return new MyWorkController.MyWork(
                roster.student(student.value()).givenName(), school.local(clock.instant()), cards);
    }

    private Card card(long taskId, Tasks.Given given, List<Attempt> tries) {
        Terms.ForStudent terms = given.terms();
        Attempt last = tries.isEmpty() ? null : tries.get(tries.size() - 1);
        boolean running = last != null && last.isRunning();
        boolean triesLeft = tries.size() < terms.tries() && !terms.isClosedAt(clock.instant());
        return new Card(
                taskId,
                given.title(),
                when(terms, last),
                given.questions().size(),
                !given.texts().isEmpty(),
                terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null,
                school.local(terms.opens().orElse(null)),
                school.local(terms.due().orElse(null)),
                last == null ? null : last.id,
                running ? answers.findByAttemptId(last.id).size() : 0,
                last == null ? null : last.earned,
                last == null ? null : last.possible,
                last != null && !running && triesLeft);
    }

    private When when(Terms.ForStudent terms, @Nullable Attempt last) {
        Instant now = clock.instant();
        if (last != null) {
            return last.isRunning() && !last.isOverAt(now) ? When.GOING_ON : When.DONE;
        }
        if (!terms.isOpenAt(now)) {
            return When.LATER;
        }
        return terms.isClosedAt(now) ? When.MISSED : When.NOW;
    }
}
