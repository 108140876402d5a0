package zafu.server.attempt;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.access.Reach;
import zafu.server.arrangement.Arrangements;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.task.Tasks;

/** The handed-in work of a task that the signed-in adult has to do with: of their own classes, or of one group. */
@Component
class TaskWork {
    private final OutNow out;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final Tasks tasks;
    private final Roster roster;
    private final Arrangements arrangements;
    private final ClassPermission permission;

    TaskWork(
            OutNow out,
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            Tasks tasks,
            Roster roster,
            Arrangements arrangements,
            ClassPermission permission) {
        this.out = out;
        this.attempts = attempts;
        this.answers = answers;
        this.tasks = tasks;
        this.roster = roster;
        this.arrangements = arrangements;
        this.permission = permission;
    }

    /**
     * @param students of the adult's classes that the task goes to, or of the group, by given name
     * @param classes of the adult that the task goes to, never empty
     */
    record Seen(Tasks.TaskForClass task, Map<StudentId, Roster.StudentName> students, List<Long> classes) {}

    Seen requireToSee(long taskId, @Nullable Long groupId) {
        Collection<Long> mine = permission.roles().keySet();
        Tasks.TaskForClass task = out.task(taskId);
        List<Long> classes = task.classes().stream().filter(mine::contains).toList();
        if (classes.isEmpty()) {
            throw Refusal.notFound("task");
        }
        Map<StudentId, Roster.StudentName> students = new LinkedHashMap<>();
        boolean wholeClass = false;
        for (long each : classes) {
            Reach reach = permission.reach(each);
            wholeClass |= reach.isWhole();
            roster.byId(each).forEach((id, name) -> {
                if (reach.sees(id.value())) {
                    students.put(id, name);
                }
            });
        }
        if (!wholeClass && !isOfAny(task, students.keySet())) {
            throw Refusal.notFound("task");
        }
        if (groupId != null) {
            Arrangements.GroupOfClass group = arrangements.group(groupId);
            if (!permission.reach(group.classId()).seesGroup(groupId)) {
                throw Refusal.notFound("group");
            }
            students.keySet().retainAll(group.members());
        }
        return new Seen(task, students, classes);
    }

    private boolean isOfAny(Tasks.TaskForClass task, Set<StudentId> students) {
        return task.isForAnyOf(students::contains)
                || attempts.findByTaskIdInOrderById(List.of(task.taskId())).stream()
                        .anyMatch(each -> students.contains(new StudentId(each.studentId)));
    }

    /** As {@link #requireToSee}, for those who may change every class of theirs that it goes to. */
    Seen requireToChange(long taskId) {
        Seen seen = requireToSee(taskId, null);
        seen.classes().forEach(permission::requireChange);
        return seen;
    }

    /** As {@link #requireToSee}, for those who may mark in every class of theirs that it goes to. */
    Seen requireToMark(long taskId) {
        Seen seen = requireToSee(taskId, null);
        seen.classes().forEach(permission::requireMark);
        return seen;
    }

    boolean mayChange(Seen seen) {
        return seen.classes().stream().allMatch(permission::mayChange);
    }

    boolean mayMark(Seen seen) {
        return seen.classes().stream().allMatch(permission::mayMark);
    }

    /** Whether the adult has to do with a group of one of these classes. */
    boolean seesGroup(Seen seen, long groupId) {
        return seen.classes().stream().anyMatch(each -> permission.reach(each).seesGroup(groupId));
    }

    /** The last handed-in try of each of these students. */
    Map<StudentId, Attempt> lastHandedIn(Seen seen) {
        Map<StudentId, Attempt> last = new LinkedHashMap<>();
        for (Attempt each : attempts.findByTaskIdInOrderById(List.of(seen.task().taskId()))) {
            StudentId student = new StudentId(each.studentId);
            if (!each.isRunning() && seen.students().containsKey(student)) {
                last.put(student, each);
            }
        }
        return last;
    }

    /** The answers of these tries, by try and question. */
    Map<Long, Map<Long, AttemptAnswer>> answersOf(Map<StudentId, Attempt> tries) {
        return answers
                .findByAttemptIdIn(tries.values().stream().map(each -> each.id).toList())
                .stream()
                .collect(Collectors.groupingBy(
                        each -> each.attemptId, Collectors.toMap(each -> each.questionId, each -> each)));
    }

    /** What there is in the versions that these tries are of. */
    Map<Long, Tasks.Materials> materialsOf(Map<StudentId, Attempt> tries) {
        return tasks.materials(
                tries.values().stream().map(each -> each.versionId).distinct().toList());
    }

    /** Every question that the handed-in work asks. */
    List<Long> askedIn(Seen seen) {
        Map<StudentId, Attempt> tries = lastHandedIn(seen);
        return asked(seen.task(), tries.values(), materialsOf(tries));
    }

    /** Every question that one of these tries asks: those of the first first, then what others have besides. */
    List<Long> asked(Tasks.TaskForClass task, Collection<Attempt> tries, Map<Long, Tasks.Materials> materials) {
        Set<Long> asked = new LinkedHashSet<>();
        List<Attempt> byVersion = new ArrayList<>(tries);
        byVersion.sort((a, b) -> Long.compare(a.versionId, b.versionId));
        byVersion.forEach(
                each -> asked.addAll(each.kept(materials.get(each.versionId).questions())));
        return List.copyOf(asked);
    }
}
