package zafu.server.attempt;

import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** What teachers said about a student's work, as part of the student's record. */
@Component
class WorkNotePart implements StudentPart {
    private final WorkNoteRepository notes;

    WorkNotePart(WorkNoteRepository notes) {
        this.notes = notes;
    }

    @Override
    public String name() {
        return "said about work";
    }

    @Override
    public Object of(long studentId) {
        return notes.findByStudentIdOrderById(studentId).stream()
                .map(each -> Map.of(
                        "task", each.taskId,
                        "what", each.kind.name(),
                        "at", each.notedAt.toString(),
                        "takenBack", String.valueOf(each.takenBackAt)))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        notes.deleteAll(notes.findByStudentIdOrderById(studentId));
        notes.flush();
    }
}
