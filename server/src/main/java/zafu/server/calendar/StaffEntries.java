package zafu.server.calendar;

import static zafu.server.platform.Words.inWords;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.plan.LedSessions;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.PlannedTasks;
import zafu.server.task.PlannedTasks.Bar;
import zafu.server.task.PlannedTasks.Planned;
import zafu.server.task.TaskState;

/** What stands in an adult's calendar: when work opens and is due, for whom, and who is at the table. */
@Component
class StaffEntries {
    private static final int DAYS_BACK = 60;
    private final PlannedTasks tasks;
    private final LedSessions sessions;
    private final Arrangements arrangements;
    private final AdultAccounts adults;
    private final SchoolSettings school;

    StaffEntries(
            PlannedTasks tasks,
            LedSessions sessions,
            Arrangements arrangements,
            AdultAccounts adults,
            SchoolSettings school) {
        this.tasks = tasks;
        this.sessions = sessions;
        this.arrangements = arrangements;
        this.adults = adults;
        this.school = school;
    }

    /** @param groupId only what is for this group, absent for the whole class */
    List<Entry> of(long classId, @Nullable Long groupId) {
        LocalDate today = school.today();
        List<GroupWithMembers> groups = arrangements.ofClass(classId);
        Set<StudentId> members =
                groupId == null ? null : arrangements.group(groupId).members();
        List<Entry> entries = new ArrayList<>();
        for (Planned task : tasks.of(classId, today, today).tasks()) {
            if (task.state() == TaskState.HANDED_OUT) {
                int place = 0;
                for (Bar bar : task.bars()) {
                    if (members == null || bar.students().stream().anyMatch(members::contains)) {
                        add(entries, task, bar, place, whom(bar, groups));
                    }
                    place++;
                }
            }
        }
        addSessions(entries, classId, groupId, groups, today);
        return entries;
    }

    private static void add(List<Entry> entries, Planned task, Bar bar, int place, String whom) {
        String key = "task-" + task.taskId() + "-" + bar.versionId() + (place == 0 ? "" : "-" + place);
        bar.opens()
                .ifPresent(at -> entries.add(new Entry(
                        key + "-opens", at, null, inWords("everyone.calendar-opens", "title", task.name()), whom)));
        bar.due()
                .ifPresent(at -> entries.add(new Entry(
                        key + "-due", at, null, inWords("everyone.calendar-due", "title", task.name()), whom)));
    }

    /** The groups that all of the students of a bar make up, or how many they are. */
    private static String whom(Bar bar, List<GroupWithMembers> groups) {
        String named = groups.stream()
                .filter(group -> !group.members().isEmpty() && bar.students().containsAll(group.members()))
                .map(GroupWithMembers::name)
                .distinct()
                .collect(Collectors.joining(", "));
        String count = inWords("calendar.students", "count", bar.students().size());
        return named.isEmpty() ? count : named + " · " + count;
    }

    private void addSessions(
            List<Entry> entries, long classId, @Nullable Long groupId, List<GroupWithMembers> groups, LocalDate today) {
        Instant from = today.minusDays(DAYS_BACK).atStartOfDay(school.zone()).toInstant();
        List<LedSessions.Session> led = sessions.ofClass(classId, from);
        Map<Long, String> leaders = adults.displayNames(
                led.stream().map(LedSessions.Session::adultId).distinct().toList());
        Map<Long, String> names = new LinkedHashMap<>();
        groups.forEach(group -> names.put(group.id().value(), group.name()));
        for (LedSessions.Session each : led) {
            boolean theirs =
                    groupId == null || each.groups().isEmpty() || each.groups().contains(groupId);
            if (theirs) {
                String whom = each.groups().stream()
                        .map(id -> names.getOrDefault(id, ""))
                        .sorted()
                        .collect(Collectors.joining(", "));
                String title = each.title().isEmpty() ? inWords("everyone.at-the-table") : each.title();
                entries.add(new Entry(
                        "session-" + each.id(),
                        each.begins(),
                        each.begins().plusSeconds(60L * each.minutes()),
                        whom.isEmpty() ? title : title + ": " + whom,
                        leaders.getOrDefault(each.adultId(), "")));
            }
        }
    }
}
