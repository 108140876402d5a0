package zafu.server.today;

import static zafu.server.platform.Words.inWords;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
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
import zafu.core.schedule.Terms;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.plan.LedSessions;
import zafu.server.plan.LedSessions.Session;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.PlannedTasks.Bar;
import zafu.server.task.PlannedTasks.Planned;
import zafu.server.task.TaskState;
import zafu.server.task.Tasks.Given;
import zafu.server.task.Tasks.TaskForClass;
import zafu.server.today.TodayApi.GroupToday;
import zafu.server.today.TodayApi.Thing;
import zafu.server.today.TodayApi.ThingKind;

/** What today holds for each group: who is at the table when, and what is to be worked on. */
@Component
class GroupsToday {
    private final Arrangements arrangements;
    private final LedSessions sessions;
    private final AdultAccounts adults;
    private final Roster roster;
    private final ClassPermission permission;
    private final SchoolSettings school;

    GroupsToday(
            Arrangements arrangements,
            LedSessions sessions,
            AdultAccounts adults,
            Roster roster,
            ClassPermission permission,
            SchoolSettings school) {
        this.arrangements = arrangements;
        this.sessions = sessions;
        this.adults = adults;
        this.roster = roster;
        this.permission = permission;
        this.school = school;
    }

    List<GroupToday> of(long classId, @Nullable Long arrangementId, List<Planned> plan, List<TaskForClass> out) {
        LocalDate today = school.today();
        ZoneId zone = school.zone();
        List<Session> led = sessions.ofClass(classId, today.atStartOfDay(zone).toInstant()).stream()
                .filter(each -> LocalDate.ofInstant(each.begins(), zone).equals(today))
                .toList();
        Map<Long, String> names = adults.displayNames(
                led.stream().map(Session::adultId).distinct().toList());
        Map<StudentId, Roster.StudentName> students = roster.byId(classId);
        boolean seesNeeds = permission.maySeeNeeds(classId);
        List<GroupToday> shown = new ArrayList<>();
        for (GroupWithMembers group : arrangements.ofClass(classId)) {
            if (Objects.equals(group.arrangementId(), arrangementId)) {
                List<Thing> things = new ArrayList<>(atTheTable(group, led, names, zone));
                plan.stream()
                        .filter(task -> task.state() == TaskState.HANDED_OUT)
                        .flatMap(task -> thing(task, group, today, zone).stream())
                        .map(thing -> seesNeeds ? withEased(thing, group, out, students) : thing)
                        .forEach(things::add);
                things.sort(Comparator.comparing(Thing::kind)
                        .thenComparing(Thing::at, Comparator.nullsLast(Comparator.naturalOrder())));
                shown.add(new GroupToday(group.id().value(), group.name(), group.look(), things));
            }
        }
        return shown;
    }

    private static List<Thing> atTheTable(
            GroupWithMembers group, List<Session> led, Map<Long, String> names, ZoneId zone) {
        return led.stream()
                .filter(each -> each.groups().isEmpty()
                        || each.groups().contains(group.id().value()))
                .map(each -> new Thing(
                        ThingKind.SESSION,
                        null,
                        each.title(),
                        LocalTime.ofInstant(each.begins(), zone),
                        each.minutes(),
                        names.getOrDefault(each.adultId(), ""),
                        List.of()))
                .toList();
    }

    /** The version that most of a group have today, unless all of them have handed it in. */
    private static Optional<Thing> thing(Planned task, GroupWithMembers group, LocalDate today, ZoneId zone) {
        return task.bars().stream()
                .filter(bar -> isToday(bar, today, zone))
                .filter(bar -> bar.students().stream().anyMatch(group.members()::contains))
                .filter(bar -> !bar.handedIn().containsAll(both(bar.students(), group.members())))
                .max(Comparator.comparingInt(
                        bar -> both(bar.students(), group.members()).size()))
                .map(bar -> new Thing(
                        kindOf(bar, today, zone),
                        task.taskId(),
                        task.name(),
                        bar.opens()
                                .filter(opens -> dayOf(opens, zone).equals(today))
                                .map(opens -> LocalTime.ofInstant(opens, zone))
                                .orElse(null),
                        bar.minutes(),
                        "",
                        List.of()));
    }

    private static Set<StudentId> both(Set<StudentId> some, Set<StudentId> others) {
        Set<StudentId> both = new LinkedHashSet<>(some);
        both.retainAll(others);
        return both;
    }

    private static ThingKind kindOf(Bar bar, LocalDate today, ZoneId zone) {
        if (bar.opens().filter(opens -> dayOf(opens, zone).equals(today)).isPresent()) {
            return ThingKind.OPENS;
        }
        return bar.due().filter(due -> dayOf(due, zone).equals(today)).isPresent() ? ThingKind.DUE : ThingKind.OPEN;
    }

    private static boolean isToday(Bar bar, LocalDate today, ZoneId zone) {
        return Terms.isOpenOn(bar.opens(), bar.due(), today, zone);
    }

    private static LocalDate dayOf(Instant moment, ZoneId zone) {
        return LocalDate.ofInstant(moment, zone);
    }

    private static Thing withEased(
            Thing thing, GroupWithMembers group, List<TaskForClass> out, Map<StudentId, Roster.StudentName> students) {
        if (thing.minutes() == null || thing.kind() == ThingKind.SESSION) {
            return thing;
        }
        List<String> eased = new ArrayList<>();
        out.stream()
                .filter(task -> Objects.equals(task.taskId(), thing.taskId()))
                .forEach(task -> group.members().forEach(member -> {
                    Given given = task.given().get(member);
                    if (given != null && students.containsKey(member)) {
                        String minutes = given.terms().time().minutes().isPresent()
                                ? String.valueOf(given.terms().time().minutes().getAsInt())
                                : inWords("today.no-limit");
                        if (!minutes.equals(String.valueOf(thing.minutes()))) {
                            eased.add(students.get(member).givenName() + " " + minutes);
                        }
                    }
                }));
        return new Thing(thing.kind(), thing.taskId(), thing.name(), thing.at(), thing.minutes(), thing.adult(), eased);
    }
}
