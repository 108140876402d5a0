package zafu.server.plan;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.SchoolCalendar;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.plan.PlanApi.DayOfWeekShown;
import zafu.server.plan.PlanApi.FullestGroup;
import zafu.server.plan.PlanApi.RowKind;
import zafu.server.plan.PlanApi.SessionShown;
import zafu.server.plan.PlanApi.Week;
import zafu.server.plan.PlanApi.WeekBar;
import zafu.server.plan.PlanApi.WeekRow;
import zafu.server.roster.ClassTimes;
import zafu.server.roster.ClassTimesApi.Meeting;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.PlannedTasks;
import zafu.server.task.PlannedTasks.Bar;
import zafu.server.task.PlannedTasks.Planned;

/** Puts the week of a class together: rows of groups, columns of days. */
@Service
class WeekReader {
    private final PlannedTasks tasks;
    private final LedSessions sessions;
    private final Arrangements arrangements;
    private final Roster roster;
    private final ClassTimes times;
    private final ClassPermission permission;
    private final SchoolSettings school;

    WeekReader(
            PlannedTasks tasks,
            LedSessions sessions,
            Arrangements arrangements,
            Roster roster,
            ClassTimes times,
            ClassPermission permission,
            SchoolSettings school) {
        this.tasks = tasks;
        this.sessions = sessions;
        this.arrangements = arrangements;
        this.roster = roster;
        this.times = times;
        this.permission = permission;
        this.school = school;
    }

    /** A row before its figures are added. */
    private record Draft(
            RowKind kind, @Nullable Long groupId, String name, @Nullable Integer look, Set<StudentId> members) {}

    @Transactional(readOnly = true)
    Week week(long classId, @Nullable LocalDate anyDay, @Nullable Long arrangementId) {
        permission.requireSee(classId);
        LocalDate today = school.today();
        LocalDate begins = school.week().firstDay(anyDay == null ? today : anyDay);
        List<LocalDate> days = shownDays(begins);
        LocalDate last = days.get(days.size() - 1);
        PlannedTasks.OfClass planned = tasks.of(classId, begins, last);
        List<SessionShown> led = sessions.shown(classId, begins, last);
        List<Draft> drafts = drafts(classId, arrangementId);
        Set<Long> forAll = planned.tasks().stream()
                .filter(task -> isForAll(task, drafts))
                .map(Planned::taskId)
                .collect(Collectors.toSet());
        List<WeekRow> rows = drafts.stream()
                .map(draft -> row(draft, drafts, forAll, planned, led, days))
                .filter(row -> row.kind() != RowKind.NOT_PLACED || !row.bars().isEmpty())
                .toList();
        int limit = times.minutesPerDay(classId);
        List<Meeting> meetings = times.of(classId);
        SchoolCalendar calendar = school.calendar();
        return new Week(
                begins,
                today,
                limit,
                IntStream.range(0, days.size())
                        .mapToObj(i -> day(days.get(i), i, rows, calendar, meetings, limit))
                        .toList(),
                meetings,
                rows,
                undated(planned),
                permission.mayChange(classId));
    }

    /** Weekdays on which the school ever teaches; work on others is shown on the nearest before. */
    private List<LocalDate> shownDays(LocalDate begins) {
        Set<DayOfWeek> weekdays = school.calendar().weekdays();
        List<LocalDate> days = IntStream.range(0, 7)
                .mapToObj(begins::plusDays)
                .filter(day -> weekdays.contains(day.getDayOfWeek()))
                .toList();
        return days.isEmpty() ? List.of(begins) : days;
    }

    private List<Draft> drafts(long classId, @Nullable Long arrangementId) {
        Set<StudentId> everyone = roster.byId(classId).keySet();
        Set<StudentId> left = new LinkedHashSet<>(everyone);
        List<Draft> drafts = new ArrayList<>();
        drafts.add(new Draft(RowKind.EVERYONE, null, "", null, everyone));
        for (GroupWithMembers group : arrangements.seenOfClass(classId)) {
            if (Objects.equals(group.arrangementId(), arrangementId)) {
                drafts.add(new Draft(RowKind.GROUP, group.id().value(), group.name(), group.look(), group.members()));
                left.removeAll(group.members());
            }
        }
        if (drafts.size() > 1 && !left.isEmpty()) {
            drafts.add(new Draft(RowKind.NOT_PLACED, null, "", null, left));
        }
        return drafts;
    }

    private WeekRow row(
            Draft draft,
            List<Draft> all,
            Set<Long> forAll,
            PlannedTasks.OfClass planned,
            List<SessionShown> led,
            List<LocalDate> days) {
        List<WeekBar> bars = new ArrayList<>();
        for (Planned task : planned.tasks()) {
            if (forAll.contains(task.taskId()) == (draft.kind() == RowKind.EVERYONE)) {
                task.bars().forEach(bar -> bar(task, bar, draft, days).ifPresent(bars::add));
            }
        }
        List<SessionShown> own = led.stream()
                .filter(each -> draft.groupId() == null
                        ? draft.kind() == RowKind.EVERYONE && isOfNoGroup(each, all)
                        : each.groups().contains(draft.groupId()))
                .toList();
        return new WeekRow(
                draft.kind(),
                draft.groupId(),
                draft.name(),
                draft.look(),
                draft.members().size(),
                bars,
                own,
                days.stream()
                        .map(day -> planned.mostMinutes(draft.members(), day))
                        .toList());
    }

    /** A session for groups of another arrangement is shown with everyone, so that it is not missed. */
    private static boolean isOfNoGroup(SessionShown session, List<Draft> all) {
        return all.stream()
                .noneMatch(draft -> draft.groupId() != null && session.groups().contains(draft.groupId()));
    }

    /**
     * Whether a task stands in the row of everyone: one bar that nobody of a group lacks, or one that nobody has. Where there
     * are no groups it is the only row, and holds all.
     */
    private static boolean isForAll(Planned task, List<Draft> all) {
        if (all.size() == 1) {
            return true;
        }
        if (task.covered().isEmpty()) {
            return task.conflicts().isEmpty();
        }
        return task.bars().size() == 1
                && task.bars()
                        .get(0)
                        .students()
                        .containsAll(all.get(0).members().stream()
                                .filter(student -> all.stream()
                                        .skip(1)
                                        .anyMatch(draft -> draft.kind() == RowKind.GROUP
                                                && draft.members().contains(student)))
                                .toList());
    }

    private Optional<WeekBar> bar(Planned task, Bar bar, Draft draft, List<LocalDate> days) {
        Set<StudentId> here = new LinkedHashSet<>(bar.students());
        here.retainAll(draft.members());
        boolean nobody = bar.students().isEmpty();
        if (here.isEmpty() && !(nobody && draft.kind() == RowKind.EVERYONE)) {
            return Optional.empty();
        }
        if (bar.opens().isEmpty() && bar.due().isEmpty()) {
            return Optional.empty();
        }
        LocalDate from = dayOf(bar.opens().or(bar::due));
        LocalDate to = dayOf(bar.due().or(bar::opens));
        LocalDate last = days.get(days.size() - 1);
        if (from.isAfter(last.plusDays(6 - last.getDayOfWeek().ordinal())) || to.isBefore(days.get(0))) {
            return Optional.empty();
        }
        return Optional.of(shown(task, bar, here, draft, new Span(from, to, days)));
    }

    /** From one day to another, as columns of the week. */
    private record Span(LocalDate from, LocalDate to, List<LocalDate> days) {
        int fromColumn() {
            return columnOf(from, days);
        }

        int toColumn() {
            return Math.max(fromColumn(), columnOf(to, days));
        }

        boolean before() {
            return from.isBefore(days.get(0));
        }

        boolean after() {
            return to.isAfter(days.get(days.size() - 1));
        }
    }

    private WeekBar shown(Planned task, Bar bar, Set<StudentId> here, Draft draft, Span span) {
        long handedIn = here.stream().filter(bar.handedIn()::contains).count();
        long conflicts =
                task.conflicts().stream().filter(draft.members()::contains).count();
        return new WeekBar(
                task.taskId(),
                bar.versionId(),
                task.name(),
                bar.staffName(),
                task.state(),
                task.way(),
                task.doneFirst(),
                local(bar.opens()),
                local(bar.due()),
                bar.minutes(),
                span.fromColumn(),
                span.toColumn(),
                span.before(),
                span.after(),
                here.size(),
                (int) handedIn,
                (int) conflicts);
    }

    /** The last column that is not after the day; the first where all are. */
    private static int columnOf(LocalDate day, List<LocalDate> days) {
        int column = 0;
        for (int i = 0; i < days.size(); i++) {
            if (!days.get(i).isAfter(day)) {
                column = i;
            }
        }
        return column;
    }

    private LocalDate dayOf(Optional<Instant> moment) {
        return LocalDate.ofInstant(moment.orElseThrow(), school.zone());
    }

    private @Nullable LocalDateTime local(Optional<Instant> moment) {
        return school.local(moment.orElse(null));
    }

    private List<WeekBar> undated(PlannedTasks.OfClass planned) {
        List<WeekBar> undated = new ArrayList<>();
        for (Planned task : planned.tasks()) {
            boolean noDay = task.bars().stream()
                    .allMatch(bar -> bar.opens().isEmpty() && bar.due().isEmpty());
            if (noDay) {
                Bar bar = task.bars().get(0);
                undated.add(new WeekBar(
                        task.taskId(),
                        bar.versionId(),
                        task.name(),
                        "",
                        task.state(),
                        task.way(),
                        task.doneFirst(),
                        null,
                        null,
                        bar.minutes(),
                        0,
                        0,
                        false,
                        false,
                        task.covered().size(),
                        0,
                        task.conflicts().size()));
            }
        }
        return undated;
    }

    private DayOfWeekShown day(
            LocalDate day, int column, List<WeekRow> rows, SchoolCalendar calendar, List<Meeting> meetings, int limit) {
        boolean teaching = calendar.isTeachingDay(day);
        WeekRow fullest = rows.stream()
                .filter(row -> row.kind() != RowKind.EVERYONE || rows.size() == 1)
                .max((a, b) ->
                        Integer.compare(a.minutes().get(column), b.minutes().get(column)))
                .orElse(rows.get(0));
        int minutes = fullest.minutes().get(column);
        return new DayOfWeekShown(
                day,
                teaching,
                teaching ? "" : school.whyClosed(day),
                day.atTime(ClassTimes.firstMeeting(meetings, day.getDayOfWeek())),
                minutes == 0 ? null : new FullestGroup(fullest.groupId(), fullest.name(), minutes, minutes > limit));
    }
}
