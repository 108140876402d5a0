package zafu.server.wish;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.StudentPart;

/** Who must or should work with whom in a class. */
@Service
class PairNotes implements StudentPart {
    private final PairNoteRepository notes;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;

    PairNotes(
            PairNoteRepository notes,
            Roster roster,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock) {
        this.notes = notes;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
    }

    List<WishApi.PairNoteShown> ofClass(long classId) {
        permission.requireSeeNeeds(classId);
        return notes.findByClassIdOrderById(classId).stream()
                .map(note -> new WishApi.PairNoteShown(note.id, note.oneId, note.otherId, note.kind, note.weight))
                .toList();
    }

    @Transactional
    void note(long classId, WishApi.PairNoteEdit edit) {
        permission.requireChange(classId);
        if (!roster.isIn(classId, edit.oneId()) || !roster.isIn(classId, edit.otherId())) {
            throw Refusal.notFound("student");
        }
        if (edit.oneId() == edit.otherId()) {
            throw Refusal.unusable("one-student", inWords("wish.a-note-is-about-two-students-this"));
        }
        long one = Math.min(edit.oneId(), edit.otherId());
        long other = Math.max(edit.oneId(), edit.otherId());
        PairNote note =
                notes.findByClassIdAndOneIdAndOtherId(classId, one, other).orElseGet(PairNote::new);
        note.classId = classId;
        note.oneId = one;
        note.otherId = other;
        note.kind = edit.kind();
        note.weight = edit.weight();
        note.notedAt = clock.instant();
        note.notedBy = current.adult().adultId();
        notes.save(note);
        audit.note(classId, "student.pair-noted", one, edit.kind().toString(), Set.of(AuditSubject.student(other)));
    }

    @Transactional
    void forget(long classId, long pairNoteId) {
        permission.requireChange(classId);
        PairNote note = notes.findById(pairNoteId)
                .filter(each -> each.classId == classId)
                .orElseThrow(() -> Refusal.notFound("note"));
        notes.delete(note);
        audit.note(
                classId,
                "student.pair-note-removed",
                note.oneId,
                note.kind.toString(),
                Set.of(AuditSubject.student(note.otherId)));
    }

    @Override
    public String name() {
        return "works with";
    }

    /** What is noted of the student; who the other one is, is not theirs to be told. */
    @Override
    public Object of(long studentId) {
        return notes.about(studentId).stream()
                .map(note -> Map.of("note", note.kind.name(), "when", note.notedAt.toString()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        notes.deleteAll(notes.about(studentId));
    }
}
