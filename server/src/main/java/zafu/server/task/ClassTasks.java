package zafu.server.task;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedsForWork;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Adjustment;
import zafu.core.schedule.EasedTerms;
import zafu.core.schedule.OwnTerms;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.Targets;
import zafu.core.targeting.VersionId;
import zafu.core.targeting.WhoGetsWhat;
import zafu.core.work.Where;
import zafu.core.work.WorkSoFar;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.roster.Roster;

/** Tasks of one class with all that is needed to say who gets what, loaded in a fixed number of reads. */
final class ClassTasks {
    private final Map<Long, Set<StudentId>> classes;
    private final Map<StudentId, Roster.StudentName> students;
    private final Map<StudentId, List<Accommodation>> granted;
    private final List<GroupWithMembers> groups;
    private final List<TaskWithVersions> tasks;
    private final Map<Long, List<TriesSoFar.TrySoFar>> tries;
    /** Read when first asked for: most looks at tasks have nothing to do with it. */
    private final Supplier<Map<TriesSoFar.OneWork, TriesSoFar.SaidSoFar>> said;

    private @Nullable Map<TriesSoFar.OneWork, TriesSoFar.SaidSoFar> saidSoFar;
    private final Map<Long, String> subjects;
    private final SchoolCalendar calendar;
    private final ZoneId zone;
    private final LocalDate today;
    private final Map<StudentId, Set<GroupId>> groupsOf = new LinkedHashMap<>();
    private final Map<GroupId, GroupSetting> settings;

    /** @param classes members by class, the one that is looked at first */
    ClassTasks(
            Map<Long, Set<StudentId>> classes,
            Map<StudentId, Roster.StudentName> students,
            Map<StudentId, List<Accommodation>> granted,
            List<GroupWithMembers> groups,
            List<TaskWithVersions> tasks,
            List<TriesSoFar.TrySoFar> tries,
            Supplier<Map<TriesSoFar.OneWork, TriesSoFar.SaidSoFar>> said,
            Map<Long, String> subjects,
            SchoolCalendar calendar,
            ZoneId zone,
            LocalDate today,
            Map<GroupId, GroupSetting> settings) {
        this.classes = classes;
        this.students = students;
        this.granted = granted;
        this.groups = groups;
        this.tasks = tasks;
        this.tries = tries.stream().collect(Collectors.groupingBy(TriesSoFar.TrySoFar::taskId));
        this.said = said;
        this.subjects = subjects;
        this.calendar = calendar;
        this.zone = zone;
        this.today = today;
        this.settings = settings;
        groups.forEach(
                group -> group.members().forEach(member -> groupsOf.computeIfAbsent(member, id -> new LinkedHashSet<>())
                        .add(group.id())));
    }

    List<TaskWithVersions> tasks() {
        return tasks;
    }

    Map<StudentId, Roster.StudentName> students() {
        return students;
    }

    /** Everybody who is in one of these classes. */
    Set<StudentId> studentsOf(Collection<Long> classIds) {
        return classIds.stream()
                .flatMap(classId -> classes.getOrDefault(classId, Set.of()).stream())
                .collect(Collectors.toSet());
    }

    List<GroupWithMembers> groups() {
        return groups;
    }

    SchoolCalendar calendar() {
        return calendar;
    }

    /** Outcomes with the groups as they are. */
    Map<StudentId, Outcome> outcomes(TaskWithVersions task) {
        return outcomes(task, Map.of(), running(task));
    }

    /**
     * Outcomes as if some students had other groups of one arrangement.
     *
     * @param moved all groups then; students who are not keys stay where they are
     */
    Map<StudentId, Outcome> outcomesAfter(
            TaskWithVersions task, long arrangementId, Map<StudentId, Set<GroupId>> moved) {
        return outcomes(task, membersAfter(arrangementId, moved), running(task));
    }

    private Map<GroupId, Set<StudentId>> membersAfter(long arrangementId, Map<StudentId, Set<GroupId>> moved) {
        Map<GroupId, Set<StudentId>> changed = new LinkedHashMap<>();
        for (GroupWithMembers group : groups) {
            if (group.arrangementId() == arrangementId) {
                Set<StudentId> members = new LinkedHashSet<>(group.members());
                members.removeAll(moved.keySet());
                moved.forEach((student, to) -> {
                    if (to.contains(group.id())) {
                        members.add(student);
                    }
                });
                changed.put(group.id(), members);
            }
        }
        return changed;
    }

    /** Students whom the groups as they would be give another version than the groups as they are, tries aside. */
    Set<StudentId> givenOtherwise(TaskWithVersions task, long arrangementId, Map<StudentId, Set<GroupId>> moved) {
        Map<StudentId, Outcome> before = outcomes(task, Map.of(), Map.of());
        Map<StudentId, Outcome> after = outcomes(task, membersAfter(arrangementId, moved), Map.of());
        return moved.keySet().stream()
                .filter(student -> !Objects.equals(before.get(student), after.get(student)))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Map<StudentId, Outcome> outcomes(
            TaskWithVersions task, Map<GroupId, Set<StudentId>> instead, Map<StudentId, VersionId> pinned) {
        Map<GroupId, Set<StudentId>> members = new LinkedHashMap<>();
        groups.forEach(group -> members.put(group.id(), instead.getOrDefault(group.id(), group.members())));
        List<Targets> targets = task.versions().stream().map(task::targetsOf).toList();
        return new WhoGetsWhat(members, targets, pinned).resolve(new ArrayList<>(students.keySet()));
    }

    /** A try that was taken back for a student, by excepting them from its version, does not hold it any more. */
    private Map<StudentId, VersionId> running(TaskWithVersions task) {
        return triesOf(task).stream()
                .filter(TriesSoFar.TrySoFar::running)
                .filter(each -> !task.isExcepted(each.versionId(), new StudentId(each.studentId())))
                .collect(Collectors.toMap(
                        each -> new StudentId(each.studentId()), each -> new VersionId(each.versionId()), (a, b) -> b));
    }

    boolean hasStarted(TaskWithVersions task, StudentId student) {
        return triesOf(task).stream().anyMatch(each -> each.studentId() == student.value());
    }

    Collection<Long> versionsWithTries(TaskWithVersions task) {
        return triesOf(task).stream().map(TriesSoFar.TrySoFar::versionId).collect(Collectors.toSet());
    }

    private List<TriesSoFar.TrySoFar> triesOf(TaskWithVersions task) {
        return tries.getOrDefault(task.task().id, List.of());
    }

    /** The tries of a student at a task, in the order in which they were begun. */
    List<TriesSoFar.TrySoFar> triesOf(TaskWithVersions task, StudentId student) {
        return triesOf(task).stream()
                .filter(each -> each.studentId() == student.value())
                .toList();
    }

    /** Where a student's work at a task that is theirs by these terms stands. Rule 5a. */
    Where standing(TaskWithVersions task, StudentId student, Terms.ForStudent terms, Instant now) {
        if (saidSoFar == null) {
            saidSoFar = said.get();
        }
        TriesSoFar.SaidSoFar of = saidSoFar.getOrDefault(
                new TriesSoFar.OneWork(task.task().id, student.value()), TriesSoFar.SaidSoFar.NOTHING);
        return WorkSoFar.where(
                terms, of.excused(), triesOf(task, student), Optional.ofNullable(of.askedAgainAt()), now);
    }

    /** What the student needs for this work today. */
    NeedsForWork needsFor(TaskWithVersions task, StudentId student) {
        return NeedsForWork.of(granted.getOrDefault(student, List.of()), workOf(task.task()), today);
    }

    /** The terms of a version for one student: class, version, adjustments, and what is granted for this work today. */
    Terms.ForStudent termsFor(TaskWithVersions task, StudentId student, TaskVersion.Content content) {
        NeedsForWork own = needsFor(task, student);
        return easedFor(task, student, content).forStudent(own.time(), own.extraDays(), calendar, zone);
    }

    /** As {@link #termsFor}, without what the student needs: what the plan shows for a group. */
    EasedTerms easedFor(TaskWithVersions task, StudentId student, TaskVersion.Content content) {
        List<Adjustment> adjustments =
                new ArrayList<>(task.adjustmentsFor(student, groupsOf.getOrDefault(student, Set.of())));
        settingsFor(student).forEach(setting -> {
            if (setting.tries != null) {
                adjustments.add(new Adjustment(false, OwnTerms.NOTHING.withTries(setting.tries)));
            }
        });
        return task.terms(content, classOf(task, student)).easedBy(adjustments);
    }

    /** What is set for the groups that the student is in. */
    List<GroupSetting> settingsFor(StudentId student) {
        return groupsOf.getOrDefault(student, Set.of()).stream()
                .map(settings::get)
                .filter(Objects::nonNull)
                .toList();
    }

    Set<GroupId> groupsOf(StudentId student) {
        return groupsOf.getOrDefault(student, Set.of());
    }

    LocalDate today() {
        return today;
    }

    ZoneId zone() {
        return zone;
    }

    private long classOf(TaskWithVersions task, StudentId student) {
        return task.classes().stream()
                .filter(id -> classes.getOrDefault(id, Set.of()).contains(student))
                .findFirst()
                .orElse(task.task().classId);
    }

    private Accommodation.Work workOf(Task task) {
        String subject = task.arrangementId == null ? "" : subjects.getOrDefault(task.arrangementId, "");
        return new Accommodation.Work(task.workKind, subject);
    }
}
