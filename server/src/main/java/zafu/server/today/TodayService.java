package zafu.server.today;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.ArrangementNews;
import zafu.server.arrangement.Arrangements;
import zafu.server.entry.WaitingAtDoor;
import zafu.server.mark.WorkOfClass;
import zafu.server.measure.Measures;
import zafu.server.progress.ClassWork;
import zafu.server.roster.ClassTimes;
import zafu.server.roster.ClassTimesApi.Meeting;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.PlannedTasks;
import zafu.server.task.Tasks;
import zafu.server.today.TodayApi.Today;

/** Gathers what needs a person in a class now. */
@Service
class TodayService {
    private final ArrangementNews arrangements;
    private final PlannedTasks planned;
    private final ClassWork classWork;
    private final TasksToday tasksToday;
    private final GroupsToday groupsToday;
    private final BrokenLinks links;
    private final WaitingAtDoor doors;
    private final ClassTimes times;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AdultAccounts adults;
    private final Measures measures;
    private final Arrangements groups;
    private final SchoolSettings school;
    private final Clock clock;

    TodayService(
            ArrangementNews arrangements,
            PlannedTasks planned,
            ClassWork classWork,
            TasksToday tasksToday,
            GroupsToday groupsToday,
            BrokenLinks links,
            WaitingAtDoor doors,
            ClassTimes times,
            Roster roster,
            ClassPermission permission,
            CurrentPerson current,
            AdultAccounts adults,
            Measures measures,
            Arrangements groups,
            SchoolSettings school,
            Clock clock) {
        this.arrangements = arrangements;
        this.planned = planned;
        this.classWork = classWork;
        this.tasksToday = tasksToday;
        this.groupsToday = groupsToday;
        this.links = links;
        this.doors = doors;
        this.times = times;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
        this.adults = adults;
        this.measures = measures;
        this.groups = groups;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Today of(long classId, @Nullable Long arrangementId) {
        permission.requireSee(classId);
        boolean mayChange = permission.mayChange(classId);
        LocalDate today = school.today();
        LocalDateTime now = school.local(clock.instant());
        var names = roster.byId(classId);
        List<PlannedTasks.Planned> plan = planned.of(classId, today, today).tasks();
        WorkOfClass work = new WorkOfClass(classWork.of(classId));
        List<Tasks.TaskForClass> out = work.work().tasks();
        return new Today(
                now,
                nextMeeting(classId, now),
                mayChange,
                arrangements.of(classId),
                mayChange ? tasksToday.drafts(plan) : List.of(),
                mayChange ? tasksToday.conflicts(plan, names) : List.of(),
                tasksToday.overdue(work, names),
                tasksToday.idle(work, names),
                tasksToday.soon(plan),
                groupsToday.of(classId, arrangementId, plan, out),
                mayChange ? links.of(classId) : List.of(),
                mayChange ? doors.at(classId) : 0,
                mayChange ? firstSteps(classId, names.keySet(), !out.isEmpty()) : null);
    }

    private TodayApi.@Nullable FirstSteps firstSteps(long classId, Set<StudentId> students, boolean hasTask) {
        if (!adults.isLedThrough(current.adult().adultId())) {
            return null;
        }
        TodayApi.FirstSteps steps =
                new TodayApi.FirstSteps(measures.hasAny(students), groups.hasGroups(classId), hasTask);
        return steps.areTaken() ? null : steps;
    }

    private @Nullable LocalTime nextMeeting(long classId, LocalDateTime now) {
        if (!school.calendar().isTeachingDay(now.toLocalDate())) {
            return null;
        }
        return times.of(classId).stream()
                .filter(each -> each.weekday() == now.getDayOfWeek())
                .map(Meeting::at)
                .filter(at -> at.isAfter(now.toLocalTime()))
                .findFirst()
                .orElse(null);
    }
}
