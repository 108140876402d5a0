package zafu.server.progress;

import static zafu.server.platform.Words.inWords;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.attempt.OutNow;
import zafu.server.attempt.WorkNotes;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.platform.Refusal;
import zafu.server.progress.CellActsApi.Acted;
import zafu.server.progress.CellActsApi.AnotherTry;
import zafu.server.progress.CellActsApi.WorkCell;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.TaskEasing;
import zafu.server.task.TaskUndo;
import zafu.server.task.Tasks.TaskForClass;

/** Acts on selected work: excuses, reminders, more days, another try. All of a selection, or nothing. */
@Service
class CellActs {
    private final ClassPermission permission;
    private final OutNow out;
    private final WorkNotes notes;
    private final TaskEasing easing;
    private final TaskUndo undo;
    private final Roster roster;
    private final SchoolSettings school;

    CellActs(
            ClassPermission permission,
            OutNow out,
            WorkNotes notes,
            TaskEasing easing,
            TaskUndo undo,
            Roster roster,
            SchoolSettings school) {
        this.permission = permission;
        this.out = out;
        this.notes = notes;
        this.easing = easing;
        this.undo = undo;
        this.roster = roster;
        this.school = school;
    }

    @Transactional
    Acted excuse(long classId, List<WorkCell> cells, boolean excused) {
        Set<WorkOf> works = requireTheirs(classId, cells);
        return excused
                ? new Acted(null, notes.say(WorkNotes.Kind.EXCUSED, classId, works), cells)
                : new Acted(null, notes.unexcuse(classId, works), cells);
    }

    @Transactional
    Acted remind(long classId, List<WorkCell> cells) {
        return new Acted(null, notes.say(WorkNotes.Kind.REMINDED, classId, requireTheirs(classId, cells)), cells);
    }

    @Transactional
    Acted extend(long classId, List<WorkCell> cells, int days) {
        requireTheirs(classId, cells);
        return new Acted(easing.extend(classId, byTask(cells), days), List.of(), cells);
    }

    @Transactional
    Acted anotherTry(long classId, AnotherTry wanted) {
        Set<WorkOf> works = requireTheirs(classId, wanted.cells());
        Map<Long, List<Long>> byTask = byTask(wanted.cells());
        if (wanted.versionId() != null && byTask.size() > 1) {
            throw Refusal.unusableField(
                    "several-tasks", "versionId", inWords("progress.a-version-can-be-chosen-for-one"));
        }
        long step = easing.anotherTry(classId, byTask, wanted.due(), wanted.versionId());
        return new Acted(step, notes.say(WorkNotes.Kind.ASKED_AGAIN, classId, works), wanted.cells());
    }

    @Transactional
    void undo(long classId, Acted done) {
        permission.requireChange(classId);
        if (done.stepId() != null) {
            undo.undo(done.stepId());
        }
        notes.takeBack(
                classId,
                done.noteIds(),
                done.cells().stream().map(CellActs::work).collect(Collectors.toSet()));
    }

    /** Work of students of the class at tasks that are theirs. */
    private Set<WorkOf> requireTheirs(long classId, List<WorkCell> cells) {
        permission.requireChange(classId);
        Map<Long, TaskForClass> tasks = out.handedOut(classId, school.today()).stream()
                .collect(Collectors.toMap(TaskForClass::taskId, each -> each));
        Set<StudentId> students = roster.byId(classId).keySet();
        for (WorkCell cell : cells) {
            StudentId student = new StudentId(cell.studentId());
            TaskForClass task = tasks.get(cell.taskId());
            if (task == null) {
                throw Refusal.notFound("task");
            }
            if (!students.contains(student) || !task.given().containsKey(student)) {
                throw Refusal.conflict(
                        "not-theirs", inWords("progress.is-not-given-to-one-of-these", "name", task.name()));
            }
        }
        return cells.stream().map(CellActs::work).collect(Collectors.toSet());
    }

    private static WorkOf work(WorkCell cell) {
        return new WorkOf(cell.taskId(), cell.studentId());
    }

    private static Map<Long, List<Long>> byTask(List<WorkCell> cells) {
        return cells.stream()
                .distinct()
                .collect(Collectors.groupingBy(
                        WorkCell::taskId,
                        LinkedHashMap::new,
                        Collectors.mapping(WorkCell::studentId, Collectors.toList())));
    }
}
