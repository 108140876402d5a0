package zafu.server.attempt;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/** Excuses, reminders and being asked to try again, for the features that act on work. Permission is theirs to check. */
@Service
public class WorkNotes {
    /** What is said about one student's work at one task. */
    public enum Kind {
        /** Need not be done, and does not count. */
        EXCUSED,
        REMINDED,
        ASKED_AGAIN
    }

    /** One student's work at one task. */
    public record WorkOf(long taskId, long studentId) {}

    private final WorkNoteRepository notes;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    WorkNotes(
            WorkNoteRepository notes,
            CurrentPerson current,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock) {
        this.notes = notes;
        this.current = current;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
    }

    /** Says something about each of these; answers the ids by which it is taken back. Who is excused already stays so. */
    @Transactional
    public List<Long> say(Kind kind, long classId, Collection<WorkOf> works) {
        List<Long> made = new ArrayList<>();
        Map<WorkOf, SaidOfWork> now =
                said(works.stream().map(WorkOf::taskId).distinct().toList());
        for (WorkOf work : works) {
            if (kind == Kind.EXCUSED
                    && now.getOrDefault(work, SaidOfWork.NOTHING).isExcused()) {
                continue;
            }
            WorkNote note = new WorkNote();
            note.taskId = work.taskId();
            note.studentId = work.studentId();
            note.kind = kind;
            note.adultId = current.adult().adultId();
            note.notedAt = clock.instant();
            made.add(notes.save(note).id);
            tell(classId, kind.name().toLowerCase().replace('_', '-'), work);
        }
        return made;
    }

    /** Takes back what was said, where it is not taken back already. */
    @Transactional
    public void takeBack(long classId, Collection<Long> ids, Collection<WorkOf> allowed) {
        for (WorkNote note : notes.findAllById(ids)) {
            WorkOf work = new WorkOf(note.taskId, note.studentId);
            if (!allowed.contains(work)) {
                throw Refusal.notFound("note");
            }
            if (note.takenBackAt == null) {
                note.takenBackAt = clock.instant();
                notes.save(note);
                tell(classId, note.kind.name().toLowerCase().replace('_', '-') + "-taken-back", work);
            }
        }
    }

    /** Takes back every excuse of these. */
    @Transactional
    public List<Long> unexcuse(long classId, Collection<WorkOf> works) {
        List<WorkNote> found = notes
                .findByTaskIdInAndTakenBackAtIsNullOrderById(
                        works.stream().map(WorkOf::taskId).distinct().toList())
                .stream()
                .filter(each -> each.kind == Kind.EXCUSED && works.contains(new WorkOf(each.taskId, each.studentId)))
                .toList();
        List<Long> ids = found.stream().map(each -> each.id).toList();
        takeBack(classId, ids, works);
        return ids;
    }

    private void tell(long classId, String what, WorkOf work) {
        audit.note(classId, "work." + what, work.studentId(), "", Set.of(AuditSubject.task(work.taskId())));
        events.publishEvent(new TryChanged(classId, work.taskId(), work.studentId()));
        events.publishEvent(new MineChanged(work.studentId()));
    }

    /** What is said of any student's work at these tasks. */
    public Map<WorkOf, SaidOfWork> said(Collection<Long> taskIds) {
        return gathered(notes.findByTaskIdInAndTakenBackAtIsNullOrderById(taskIds));
    }

    /** What is said of all work of a student. */
    Map<WorkOf, SaidOfWork> saidOf(long studentId) {
        return gathered(notes.findByStudentIdAndTakenBackAtIsNullOrderById(studentId));
    }

    private static Map<WorkOf, SaidOfWork> gathered(List<WorkNote> found) {
        return found.stream()
                .collect(Collectors.groupingBy(
                        each -> new WorkOf(each.taskId, each.studentId),
                        Collectors.collectingAndThen(
                                Collectors.mapping(
                                        each -> new SaidOfWork.Said(each.kind, each.notedAt, each.adultId),
                                        Collectors.toList()),
                                SaidOfWork::new)));
    }
}
