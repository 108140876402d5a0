package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.EasedTerms;
import zafu.core.schedule.TermPart;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.TaskTarget.Kind;

/** Eases tasks for some students by name: more days, another try. Each call is one step that can be taken back. */
@Service
public class TaskEasing {
    private final TaskLoader loader;
    private final TaskTargetRepository targets;
    private final TaskStore store;
    private final TaskSteps steps;
    private final ClassPermission permission;
    private final SchoolSettings school;
    private final Clock clock;

    TaskEasing(
            TaskLoader loader,
            TaskTargetRepository targets,
            TaskStore store,
            TaskSteps steps,
            ClassPermission permission,
            SchoolSettings school,
            Clock clock) {
        this.loader = loader;
        this.targets = targets;
        this.store = store;
        this.steps = steps;
        this.permission = permission;
        this.school = school;
        this.clock = clock;
    }

    /** A task as it is eased, with what is needed to work out terms. */
    private record Eased(Task task, ClassTasks loaded, TaskWithVersions one) {
        TaskVersion.Content contentFor(StudentId student) {
            return Optional.ofNullable(loaded.outcomes(one).get(student))
                    .flatMap(Outcome::given)
                    .flatMap(one::content)
                    .orElseThrow(() -> Refusal.notFound("student"));
        }
    }

    /**
     * Lets students hand in later.
     *
     * @param wanted student ids by task
     * @param days teaching days from the later of today and the day on which it is due
     * @return the id of the step
     */
    @Transactional
    public long extend(long classId, Map<Long, ? extends Collection<Long>> wanted, int days) {
        return ease(classId, "task.extended", wanted, (eased, student) -> {
            EasedTerms now = eased.loaded().easedFor(eased.one(), student, eased.contentFor(student));
            return extension(eased.task(), now.terms(), days);
        });
    }

    /** As {@link #extend(long, Map, int)}, for students of one task. */
    @Transactional
    public long extend(long taskId, List<Long> students, int days) {
        return extend(loader.require(taskId).classId, Map.of(taskId, students), days);
    }

    /**
     * Gives students one more try than they have begun.
     *
     * @param wanted student ids by task
     * @param due until when, on the school's clocks; absent to leave the dates as they are
     * @param versionId the version that they try now, of the one task wanted; absent for the same
     * @return the id of the step
     */
    @Transactional
    public long anotherTry(
            long classId,
            Map<Long, ? extends Collection<Long>> wanted,
            @Nullable LocalDateTime due,
            @Nullable Long versionId) {
        Instant until = school.moment(due);
        if (until != null && !until.isAfter(clock.instant())) {
            throw Refusal.unusableField("past", "due", inWords("task.another-attempt-is-due-at-a-time"));
        }
        return ease(classId, "task.another-try", wanted, (eased, student) -> {
            List<TriesSoFar.TrySoFar> before = eased.loaded().triesOf(eased.one(), student);
            if (before.isEmpty() || before.get(before.size() - 1).running()) {
                throw Refusal.conflict(
                        "not-handed-in",
                        inWords(
                                "task.has-not-handed-in-yet-there-is",
                                "who",
                                eased.loaded().students().get(student).givenName(),
                                "name",
                                eased.task().name));
            }
            Terms now = eased.loaded()
                    .easedFor(eased.one(), student, eased.contentFor(student))
                    .terms();
            if (versionId != null) {
                giveVersion(eased, versionId, student);
            }
            return oneMoreTry(eased.task(), now, before.size() + 1, until);
        });
    }

    /** How one student's terms are eased. */
    private interface Easing {
        TaskAdjustment of(Eased eased, StudentId student);
    }

    private long ease(long classId, String deed, Map<Long, ? extends Collection<Long>> wanted, Easing easing) {
        List<Task> tasks = wanted.keySet().stream().map(this::requireToChange).toList();
        Map<Task, TaskSnapshot> before = steps.before(tasks);
        for (Task task : tasks) {
            ClassTasks loaded = loader.only(task);
            Eased eased = new Eased(task, loaded, loaded.tasks().get(0));
            int place = eased.one().adjustments().size();
            for (long id : wanted.get(task.id)) {
                TaskAdjustment row = easing.of(eased, new StudentId(id));
                row.place = place++;
                store.add(row, List.of(TaskTarget.of(null, Kind.STUDENT, null, id)));
            }
        }
        return steps.taken(classId, deed, before);
    }

    private TaskAdjustment extension(Task task, Terms now, int days) {
        Instant due = now.due()
                .orElseThrow(() ->
                        Refusal.conflict("not-due", inWords("task.is-due-on-no-day-so-there-is", "name", task.name)));
        TaskAdjustment row = new TaskAdjustment();
        row.taskId = task.id;
        row.dueAt = later(due, days);
        row.closesAt = now.closes().map(closes -> later(closes, days)).orElse(null);
        row.sets = Parts.written(
                now.closes().isPresent() ? List.of(TermPart.DUE, TermPart.CLOSES) : List.of(TermPart.DUE));
        return row;
    }

    /** Where the task would be closed by then, it stays open for this student until the try is due. */
    private TaskAdjustment oneMoreTry(Task task, Terms now, int tries, @Nullable Instant until) {
        TaskAdjustment row = new TaskAdjustment();
        row.taskId = task.id;
        row.tries = tries;
        Set<TermPart> sets = EnumSet.of(TermPart.TRIES);
        if (until != null) {
            sets.add(TermPart.DUE);
            row.dueAt = until;
        }
        Instant needed = until == null ? clock.instant() : until;
        if (now.closes().isPresent() && !now.closes().get().isAfter(needed)) {
            sets.add(TermPart.CLOSES);
            row.closesAt = until;
        }
        row.sets = Parts.written(List.copyOf(sets));
        return row;
    }

    private void giveVersion(Eased eased, long versionId, StudentId student) {
        List<Long> ids =
                eased.one().versions().stream().map(version -> version.id).toList();
        if (!ids.contains(versionId)) {
            throw Refusal.notFound("version");
        }
        List<TaskTarget> byName = new ArrayList<>();
        targets.findByVersionIdInOrderById(ids).stream()
                .filter(target -> target.studentId != null && target.studentId == student.value())
                .filter(target ->
                        target.kind == Kind.STUDENT || target.kind == Kind.EXCEPT && target.versionId == versionId)
                .forEach(byName::add);
        targets.deleteAll(byName);
        targets.flush();
        targets.saveAndFlush(TaskTarget.of(versionId, Kind.STUDENT, null, student.value()));
    }

    private Instant later(Instant moment, int days) {
        LocalDateTime local = school.local(moment);
        LocalDate today = school.today();
        LocalDate from = local.toLocalDate().isAfter(today) ? local.toLocalDate() : today;
        LocalDate day = school.calendar()
                .plusTeachingDays(from, days)
                .orElseThrow(() -> Refusal.unusable("year-ends", inWords("task.the-school-year-ends-before-that")));
        return school.moment(day.atTime(local.toLocalTime()));
    }

    private Task requireToChange(long taskId) {
        Task task = loader.require(taskId);
        loader.classesOf(task).forEach(permission::requireChange);
        return task;
    }
}
