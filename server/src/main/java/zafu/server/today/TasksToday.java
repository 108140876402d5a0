package zafu.server.today;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.work.Where;
import zafu.server.mark.WorkOfClass;
import zafu.server.roster.Roster.StudentName;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.PlannedTasks.Bar;
import zafu.server.task.PlannedTasks.Planned;
import zafu.server.task.TaskState;
import zafu.server.task.Tasks.TaskForClass;
import zafu.server.today.TodayApi.Draft;
import zafu.server.today.TodayApi.Late;
import zafu.server.today.TodayApi.Moment;
import zafu.server.today.TodayApi.Overdue;
import zafu.server.today.TodayApi.Soon;
import zafu.server.today.TodayApi.TaskConflict;

/** Tasks of a class that need a person today. */
@Component
class TasksToday {
    private static final int DRAFT_IS_OLD_AFTER_DAYS = 3;
    private final SchoolSettings school;
    private final Clock clock;

    TasksToday(SchoolSettings school, Clock clock) {
        this.school = school;
        this.clock = clock;
    }

    /** Drafts that should be out by tomorrow, and those that were forgotten; what opens first is first. */
    List<Draft> drafts(List<Planned> plan) {
        LocalDate today = school.today();
        LocalDate tomorrow = nextTeachingDay(today);
        return plan.stream()
                .filter(task -> task.state() == TaskState.DRAFT)
                .map(task -> new Draft(
                        task.taskId(),
                        task.name(),
                        opens(task).map(school::local).orElse(null),
                        school.local(task.createdAt()).toLocalDate(),
                        task.covered().size()))
                .filter(draft -> opensBy(draft.opens(), tomorrow)
                        || draft.made().plusDays(DRAFT_IS_OLD_AFTER_DAYS).isBefore(today))
                .sorted(Comparator.comparing(Draft::opens, Comparator.nullsLast(Comparator.naturalOrder())))
                .toList();
    }

    private static boolean opensBy(@Nullable LocalDateTime opens, LocalDate day) {
        return opens != null && !opens.toLocalDate().isAfter(day);
    }

    private LocalDate nextTeachingDay(LocalDate today) {
        return school.calendar().plusTeachingDays(today, 1).orElse(today.plusDays(1));
    }

    private static Optional<Instant> opens(Planned task) {
        return task.bars().stream().flatMap(bar -> bar.opens().stream()).min(Comparator.naturalOrder());
    }

    List<TaskConflict> conflicts(List<Planned> plan, Map<StudentId, StudentName> names) {
        return plan.stream()
                .filter(task -> !task.conflicts().isEmpty())
                .map(task -> new TaskConflict(task.taskId(), task.name(), task.state(), named(task.conflicts(), names)))
                .toList();
    }

    private static List<String> named(Set<StudentId> students, Map<StudentId, StudentName> names) {
        return students.stream()
                .map(names::get)
                .filter(Objects::nonNull)
                .map(StudentName::givenName)
                .toList();
    }

    List<Overdue> overdue(WorkOfClass work, Map<StudentId, StudentName> names) {
        Instant now = clock.instant();
        List<Overdue> found = new ArrayList<>();
        for (TaskForClass task : work.work().tasks()) {
            List<Late> late = task.given().keySet().stream()
                    .filter(student -> work.standing(task, student, now).where() == Where.OVERDUE)
                    .map(student -> new Late(student.value(), names.get(student).givenName()))
                    .toList();
            if (!late.isEmpty()) {
                found.add(new Overdue(task.taskId(), task.name(), late));
            }
        }
        return found;
    }

    /** Who has nothing to do that is open, or opens, in the rest of this week; nobody where no one has anything. */
    List<String> idle(WorkOfClass work, Map<StudentId, StudentName> names) {
        LocalDate today = school.today();
        LocalDate last = school.week().lastDay(today);
        Instant now = clock.instant();
        Instant weekEnds = last.plusDays(1).atStartOfDay(school.zone()).toInstant();
        Instant dayBegins = today.atStartOfDay(school.zone()).toInstant();
        Set<StudentId> busy = new LinkedHashSet<>();
        work.work().tasks().forEach(task -> task.given().forEach((student, given) -> {
            Where where = work.standing(task, student, now).where();
            boolean past = given.terms().due().filter(dayBegins::isAfter).isPresent();
            boolean comes = where == Where.NOT_OPEN_YET && given.terms().isOpenAt(weekEnds);
            if (comes || where.isToDo() && !past) {
                busy.add(student);
            }
        }));
        if (busy.isEmpty()) {
            return List.of();
        }
        return names.entrySet().stream()
                .filter(each -> !busy.contains(each.getKey()))
                .map(each -> each.getValue().givenName())
                .toList();
    }

    /** What opens or falls due from now to the end of the next teaching day. */
    List<Soon> soon(List<Planned> plan) {
        LocalDate today = school.today();
        SchoolCalendar calendar = school.calendar();
        LocalDate until = calendar.plusTeachingDays(today, 1).orElse(today);
        LocalDateTime now = school.local(clock.instant());
        List<Soon> soon = new ArrayList<>();
        for (Planned task : plan) {
            if (task.state() == TaskState.HANDED_OUT) {
                task.bars().forEach(bar -> addSoon(soon, task, bar, now, until));
            }
        }
        soon.sort(Comparator.comparing(Soon::at).thenComparing(Soon::id));
        return soon.stream().distinct().toList();
    }

    private void addSoon(List<Soon> soon, Planned task, Bar bar, LocalDateTime now, LocalDate until) {
        add(soon, task, bar, Moment.OPENS, bar.opens(), now, until);
        add(soon, task, bar, Moment.DUE, bar.due(), now, until);
    }

    private void add(
            List<Soon> soon,
            Planned task,
            Bar bar,
            Moment moment,
            Optional<Instant> at,
            LocalDateTime now,
            LocalDate until) {
        at.map(school::local)
                .filter(local -> !local.isBefore(now) && !local.toLocalDate().isAfter(until))
                .ifPresent(local -> soon.add(new Soon(
                        task.taskId(),
                        task.name(),
                        moment,
                        local,
                        bar.students().size())));
    }
}
