package zafu.server.task;

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
import java.util.stream.Collectors;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedsForWork;
import zafu.core.need.WorkKind;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.Targets;
import zafu.core.targeting.VersionId;
import zafu.core.targeting.WhoGetsWhat;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.roster.Roster;

/** Tasks of one class with all that is needed to say who gets what, loaded in a fixed number of reads. */
final class ClassTasks {
    private final Map<StudentId, Roster.StudentName> students;
    private final Map<StudentId, List<Accommodation>> granted;
    private final List<GroupWithMembers> groups;
    private final List<TaskWithVersions> tasks;
    private final Map<Long, List<TriesSoFar.TrySoFar>> tries;
    private final Map<Long, String> subjects;
    private final SchoolCalendar calendar;
    private final ZoneId zone;
    private final LocalDate today;

    ClassTasks(
            Map<StudentId, Roster.StudentName> students,
            Map<StudentId, List<Accommodation>> granted,
            List<GroupWithMembers> groups,
            List<TaskWithVersions> tasks,
            List<TriesSoFar.TrySoFar> tries,
            Map<Long, String> subjects,
            SchoolCalendar calendar,
            ZoneId zone,
            LocalDate today) {
        this.students = students;
        this.granted = granted;
        this.groups = groups;
        this.tasks = tasks;
        this.tries = tries.stream().collect(Collectors.groupingBy(TriesSoFar.TrySoFar::taskId));
        this.subjects = subjects;
        this.calendar = calendar;
        this.zone = zone;
        this.today = today;
    }

    /** @param versions the base first */
    record TaskWithVersions(Task task, List<TaskVersion> versions, Map<Long, List<TaskTarget>> targets) {
        TaskVersion base() {
            return versions.get(0);
        }

        Targets targetsOf(TaskVersion version) {
            boolean everyone = false;
            Set<GroupId> toGroups = new LinkedHashSet<>();
            Set<StudentId> toStudents = new LinkedHashSet<>();
            Set<StudentId> except = new LinkedHashSet<>();
            for (TaskTarget target : targets.getOrDefault(version.id, List.of())) {
                switch (target.kind) {
                    case EVERYONE -> everyone = true;
                    case GROUP -> toGroups.add(new GroupId(target.groupId));
                    case STUDENT -> toStudents.add(new StudentId(target.studentId));
                    case EXCEPT -> except.add(new StudentId(target.studentId));
                }
            }
            return new Targets(new VersionId(version.id), everyone, toGroups, toStudents, except);
        }

        Optional<TaskVersion.Content> content(VersionId version) {
            return versions.stream()
                    .filter(each -> each.id == version.value())
                    .findFirst()
                    .map(each -> each.over(base()));
        }
    }

    List<TaskWithVersions> tasks() {
        return tasks;
    }

    Map<StudentId, Roster.StudentName> students() {
        return students;
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

    private Map<StudentId, VersionId> running(TaskWithVersions task) {
        return triesOf(task).stream()
                .filter(TriesSoFar.TrySoFar::running)
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

    /** The terms of a version for one student: what the student is granted for this work today comes on top. */
    Terms.ForStudent termsFor(TaskWithVersions task, StudentId student, TaskVersion.Content content) {
        NeedsForWork own = NeedsForWork.of(granted.getOrDefault(student, List.of()), workOf(task.task()), today);
        return content.terms().forStudent(own.time(), own.extraDays(), calendar, zone);
    }

    private Accommodation.Work workOf(Task task) {
        String subject = task.arrangementId == null ? "" : subjects.getOrDefault(task.arrangementId, "");
        return new Accommodation.Work(WorkKind.QUIZ, subject);
    }
}
