package zafu.server.progress;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Observation;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.mark.Marks;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks.TaskForClass;

/**
 * Notes the results of a task as values of a measure of its own, in per cent, so that groups can be formed by them like
 * by any score. Asked again, it notes what has changed since.
 */
@Service
class ColumnMeasure {
    private static final int LONGEST_NAME = 110;
    private static final int SHELF_LIFE_DAYS = 120;
    private static final NumericScale PERCENT = new NumericScale(0, 100, 1, Better.HIGHER, OptionalDouble.empty());
    private final ClassPermission permission;
    private final ClassWork classWork;
    private final Measures measures;
    private final Roster roster;
    private final SchoolSettings school;
    private final CurrentPerson current;
    private final AuditTrail audit;

    ColumnMeasure(
            ClassPermission permission,
            ClassWork classWork,
            Measures measures,
            Roster roster,
            SchoolSettings school,
            CurrentPerson current,
            AuditTrail audit) {
        this.permission = permission;
        this.classWork = classWork;
        this.measures = measures;
        this.roster = roster;
        this.school = school;
        this.current = current;
        this.audit = audit;
    }

    /** @return the id of the measure */
    @Transactional
    long of(long classId, long taskId) {
        permission.requireChange(classId);
        Marks.Work work = classWork.of(classId);
        TaskForClass task = work.tasks().stream()
                .filter(each -> each.taskId() == taskId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("task"));
        List<Measures.ToNote> results = results(work, classId, taskId);
        if (results.isEmpty()) {
            throw Refusal.conflict("nothing-marked", inWords("progress.nothing-of-is-marked-yet", "name", task.name()));
        }
        long measure = measureOf(classId, task);
        Map<Long, Map<Long, List<Observation>>> noted =
                measures.noted(results.stream().map(Measures.ToNote::studentId).toList());
        List<Measures.ToNote> fresh = results.stream()
                .filter(each -> !noted.getOrDefault(each.studentId(), Map.of())
                        .getOrDefault(measure, List.of())
                        .contains(each.observation()))
                .toList();
        measures.record(measure, fresh, null, current.adult().adultId());
        audit.note(classId, "task.as-measure", taskId, keptWords("progress.results", "count", fresh.size()));
        return measure;
    }

    private List<Measures.ToNote> results(Marks.Work work, long classId, long taskId) {
        Map<Long, List<TryShown>> byStudent = work.tries().stream()
                .filter(each -> each.taskId() == taskId && each.toMark() == 0)
                .filter(each -> each.possible() != null && each.possible() > 0 && each.handedInAt() != null)
                .collect(Collectors.groupingBy(TryShown::studentId));
        List<Measures.ToNote> results = new ArrayList<>();
        for (Roster.StudentName student : roster.studentsOf(classId)) {
            work.settings()
                    .of(taskId)
                    .counting()
                    .of(byStudent.getOrDefault(student.id(), List.of()), TryShown::share)
                    .ifPresent(best -> results.add(new Measures.ToNote(
                            student.id(),
                            Observation.of(LocalDate.ofInstant(best.handedInAt(), school.zone()), percent(best)))));
        }
        return results;
    }

    private static double percent(TryShown of) {
        return Math.min(100, Math.round(of.share() * 1000) / 10.0);
    }

    private long measureOf(long classId, TaskForClass task) {
        String source = Measures.OF_A_TASK + task.taskId();
        Measures.MeasureCard known = measures.bySourceId().get(source);
        if (known != null) {
            return known.id();
        }
        String name =
                task.name().substring(0, Math.min(LONGEST_NAME, task.name().length())) + ": result";
        return measures.create(new Measures.NewMeasure(
                measures.freeName(name), "%", PERCENT, List.of(), SHELF_LIFE_DAYS, source, classId));
    }
}
