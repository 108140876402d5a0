package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.core.schedule.TermPart;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.TaskEdit.AdjustmentEdit;
import zafu.server.task.TaskEdit.TaskClassEdit;
import zafu.server.task.TaskEdit.VersionEdit;

/** Writes base, versions and targets as a teacher wants them; refuses ids that are not of this class. */
@Component
class TaskWriter {
    private final TaskVersionRepository versions;
    private final TaskTargetRepository targets;
    private final Library library;
    private final SchoolSettings school;
    private final TaskStore store;
    private final TaskClassRepository otherClasses;

    TaskWriter(
            TaskVersionRepository versions,
            TaskTargetRepository targets,
            Library library,
            SchoolSettings school,
            TaskStore store,
            TaskClassRepository otherClasses) {
        this.versions = versions;
        this.targets = targets;
        this.library = library;
        this.school = school;
        this.store = store;
        this.otherClasses = otherClasses;
    }

    void write(ClassTasks loaded, TaskEdit edit) {
        TaskWithVersions task = loaded.tasks().get(0);
        requireKnown(loaded, task, edit);
        Map<Long, TaskVersion> known = new LinkedHashMap<>();
        task.versions().forEach(version -> known.put(version.id, version));
        removeLeftOut(loaded, task, edit);
        targets.deleteByVersionIdIn(known.keySet());
        int place = TaskVersion.BASE;
        for (VersionEdit wanted : edit.versions()) {
            TaskVersion version = wanted.id() == null ? new TaskVersion() : known.get(wanted.id());
            version.taskId = task.task().id;
            version.place = place++;
            fill(version, wanted);
            long id = versions.save(version).id;
            store.addTargets(id, TaskTarget.listed(wanted.targets()));
        }
        versions.flush();
        writeTask(task.task(), edit);
        versions.flush();
    }

    private void writeTask(Task task, TaskEdit edit) {
        task.workKind = edit.workKind() == null ? task.workKind : edit.workKind();
        task.way = edit.way() == null ? task.way : edit.way();
        task.doneFirst = edit.doneFirst() == null ? task.doneFirst : edit.doneFirst();
        task.feedback = edit.feedback() == null ? task.feedback : edit.feedback();
        if (edit.adjustments() != null) {
            store.clearAdjustments(task.id);
            int place = 0;
            for (AdjustmentEdit wanted : edit.adjustments()) {
                store.add(adjustment(task, wanted, place++), TaskTarget.listed(wanted.targets()));
            }
        }
        if (edit.otherClasses() != null) {
            otherClasses.deleteByTaskId(task.id);
            otherClasses.flush();
            edit.otherClasses().forEach(wanted -> otherClasses.save(otherClass(task, wanted)));
        }
    }

    private TaskAdjustment adjustment(Task task, AdjustmentEdit wanted, int place) {
        Set<TermPart> sets = wanted.sets();
        TaskAdjustment row = new TaskAdjustment();
        row.taskId = task.id;
        row.place = place;
        row.sets = Parts.written(sets);
        row.minutes = sets.contains(TermPart.MINUTES) ? wanted.minutes() : null;
        row.opensAt = sets.contains(TermPart.OPENS) ? school.moment(wanted.opens()) : null;
        row.dueAt = sets.contains(TermPart.DUE) ? school.moment(wanted.due()) : null;
        row.closesAt = sets.contains(TermPart.CLOSES) ? school.moment(wanted.closes()) : null;
        row.tries = sets.contains(TermPart.TRIES) ? wanted.tries() : null;
        return row;
    }

    private TaskClass otherClass(Task task, TaskClassEdit wanted) {
        Set<TermPart> sets = wanted.sets();
        TaskClass row = new TaskClass();
        row.taskId = task.id;
        row.classId = wanted.classId();
        row.sets = Parts.written(sets);
        row.opensAt = sets.contains(TermPart.OPENS) ? school.moment(wanted.opens()) : null;
        row.dueAt = sets.contains(TermPart.DUE) ? school.moment(wanted.due()) : null;
        row.closesAt = sets.contains(TermPart.CLOSES) ? school.moment(wanted.closes()) : null;
        return row;
    }

    private static void requireKnown(ClassTasks loaded, TaskWithVersions task, TaskEdit edit) {
        Set<Long> known = task.versions().stream().map(version -> version.id).collect(Collectors.toSet());
        boolean versionsKnown =
                edit.versions().stream().allMatch(wanted -> wanted.id() == null || known.contains(wanted.id()));
        if (!versionsKnown || !task.base().id.equals(edit.versions().get(0).id())) {
            throw Refusal.notFound("version");
        }
        Set<GroupId> groups = loaded.groups().stream().map(group -> group.id()).collect(Collectors.toSet());
        List<TaskView.TargetsShown> chosen = new ArrayList<>();
        edit.versions().forEach(wanted -> chosen.add(wanted.targets()));
        if (edit.adjustments() != null) {
            edit.adjustments().forEach(wanted -> chosen.add(wanted.targets()));
        }
        for (TaskView.TargetsShown to : chosen) {
            if (!to.groups().stream().map(GroupId::new).allMatch(groups::contains)) {
                throw Refusal.notFound("group");
            }
            List<Long> named = new ArrayList<>(to.students());
            named.addAll(to.except());
            if (!named.stream().map(StudentId::new).allMatch(loaded.students()::containsKey)) {
                throw Refusal.notFound("student");
            }
        }
    }

    private void removeLeftOut(ClassTasks loaded, TaskWithVersions task, TaskEdit edit) {
        Set<Long> kept = edit.versions().stream()
                .map(VersionEdit::id)
                .filter(id -> id != null)
                .collect(Collectors.toSet());
        for (TaskVersion version : task.versions()) {
            if (!kept.contains(version.id)) {
                if (loaded.versionsWithTries(task).contains(version.id)) {
                    throw Refusal.conflict(
                            "version-started",
                            inWords("task.cannot-be-removed-a-student-has", "version", version.staffName));
                }
                version.removed = true;
                versions.save(version);
            }
        }
    }

    private void fill(TaskVersion version, VersionEdit wanted) {
        Set<Field> own = version.isBase() ? EnumSet.allOf(Field.class) : wanted.overrides();
        version.staffName = wanted.staffName().strip();
        version.override(version.isBase() ? Set.of() : own);
        version.title = own.contains(Field.TITLE) ? wanted.title().strip() : null;
        version.instructions = own.contains(Field.INSTRUCTIONS) && wanted.instructions() != null
                ? wanted.instructions().strip()
                : null;
        version.minutes = own.contains(Field.MINUTES) ? wanted.minutes() : null;
        version.includesAccommodations = own.contains(Field.MINUTES) && wanted.includesAccommodations();
        version.opensAt = own.contains(Field.OPENS) ? school.moment(wanted.opens()) : null;
        version.dueAt = own.contains(Field.DUE) ? school.moment(wanted.due()) : null;
        version.closesAt = own.contains(Field.CLOSES) ? school.moment(wanted.closes()) : null;
        version.tries = own.contains(Field.TRIES) ? wanted.tries() : null;
        version.texts = replaced(
                version.texts, own.contains(Field.TEXTS) ? requireTexts(version.texts, wanted.texts()) : List.of());
        version.questions = replaced(
                version.questions,
                own.contains(Field.QUESTIONS) ? requireQuestions(version.questions, wanted.questions()) : List.of());
    }

    /** The collection itself is kept where nothing changed, so that nothing is written. */
    private static List<Long> replaced(List<Long> now, List<Long> wanted) {
        if (!new ArrayList<>(now).equals(wanted)) {
            now.clear();
            now.addAll(wanted);
        }
        return now;
    }

    /** What is in the version already may stay there, even where whoever edits the task could not find it. */
    private List<Long> requireTexts(List<Long> now, List<Long> ids) {
        if (!library.mayUse(added(now, ids))) {
            throw Refusal.notFound("text");
        }
        return ids;
    }

    private List<Long> requireQuestions(List<Long> now, List<Long> ids) {
        if (!library.mayAsk(added(now, ids))) {
            throw Refusal.notFound("question");
        }
        return ids;
    }

    private static Set<Long> added(List<Long> now, List<Long> wanted) {
        Set<Long> added = new TreeSet<>(wanted);
        added.removeAll(Set.copyOf(now));
        return added;
    }
}
