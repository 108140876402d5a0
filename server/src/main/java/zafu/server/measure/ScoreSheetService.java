package zafu.server.measure;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.measure.Observation;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentAccess;
import zafu.server.roster.StudentPart;
import zafu.server.roster.StudentsChanged;

/** Keeps scores that are typed; what is typed over is put aside, not lost. */
@Service
class ScoreSheetService implements StudentPart {
    private final ClassPermission permission;
    private final StudentAccess access;
    private final CurrentPerson current;
    private final Roster roster;
    private final Measures measures;
    private final ScoresNow scores;
    private final ObservationRepository observations;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    ScoreSheetService(
            ClassPermission permission,
            StudentAccess access,
            CurrentPerson current,
            Roster roster,
            Measures measures,
            ScoresNow scores,
            ObservationRepository observations,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.permission = permission;
        this.access = access;
        this.current = current;
        this.roster = roster;
        this.measures = measures;
        this.scores = scores;
        this.observations = observations;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    private record Cell(long studentId, long measureId) {}

    @Transactional(readOnly = true)
    ScoreSheetApi.ScoreSheet sheet(long classId, LocalDate on) {
        permission.requireSee(classId);
        List<Roster.StudentName> students = roster.studentsOf(classId);
        List<Measures.MeasureCard> columns = measures.ofClass(classId);
        Map<Cell, ObservationRow> noted =
                notedOn(on, students.stream().map(Roster.StudentName::id).toList());
        List<ScoreSheetApi.SheetLine> lines = students.stream()
                .map(student -> new ScoreSheetApi.SheetLine(
                        student.id(),
                        student.givenName(),
                        student.familyName(),
                        columns.stream()
                                .map(measure -> shown(noted.get(new Cell(student.id(), measure.id())), measure))
                                .toList()))
                .toList();
        return new ScoreSheetApi.ScoreSheet(on, columns, lines);
    }

    private Map<Cell, ObservationRow> notedOn(LocalDate on, List<Long> students) {
        Map<Cell, ObservationRow> noted = new LinkedHashMap<>();
        observations
                .findByStudentIdInAndTakenOnAndRemovedAtIsNullOrderById(students, on)
                .forEach(row -> noted.put(new Cell(row.studentId, row.measureId), row));
        return noted;
    }

    private static String shown(@Nullable ObservationRow row, Measures.MeasureCard measure) {
        if (row == null) {
            return "";
        }
        if (row.score != null) {
            return TypedScore.shown(row.score, measure);
        }
        return row.reason == null || row.reason.isBlank() ? "n/a" : row.reason;
    }

    @Transactional
    ScoreSheetApi.SheetKept keep(long classId, ScoreSheetApi.SheetEdit edit) {
        permission.requireChange(classId);
        if (edit.on().isAfter(school.today())) {
            throw Refusal.unusableField("day-to-come", "on", inWords("measure.scores-cannot-be-of-a-day-that-is"));
        }
        Set<Long> members =
                roster.studentsOf(classId).stream().map(Roster.StudentName::id).collect(Collectors.toSet());
        Map<Long, Measures.MeasureCard> cards =
                measures.ofClass(classId).stream().collect(Collectors.toMap(Measures.MeasureCard::id, card -> card));
        Map<Cell, List<ObservationRow>> before = allOn(edit.on(), members);
        List<ScoreSheetApi.CellKept> kept = new ArrayList<>();
        for (ScoreSheetApi.CellTyped typed : edit.cells()) {
            if (!members.contains(typed.studentId()) || !cards.containsKey(typed.measureId())) {
                throw Refusal.notFound("student or measure");
            }
            kept.add(keep(edit.on(), typed, cards.get(typed.measureId()), before));
        }
        long good = kept.stream().filter(each -> each.fault() == null).count();
        audit.note(
                classId, "scores.typed", classId, keptWords("measure.scores-of-a-day", "count", good, "on", edit.on()));
        events.publishEvent(new StudentsChanged(classId));
        return new ScoreSheetApi.SheetKept(kept);
    }

    private Map<Cell, List<ObservationRow>> allOn(LocalDate on, Set<Long> students) {
        Map<Cell, List<ObservationRow>> found = new LinkedHashMap<>();
        observations
                .findByStudentIdInAndTakenOnAndRemovedAtIsNullOrderById(students, on)
                .forEach(row -> found.computeIfAbsent(new Cell(row.studentId, row.measureId), key -> new ArrayList<>())
                        .add(row));
        return found;
    }

    private ScoreSheetApi.CellKept keep(
            LocalDate on,
            ScoreSheetApi.CellTyped typed,
            Measures.MeasureCard measure,
            Map<Cell, List<ObservationRow>> before) {
        Cell cell = new Cell(typed.studentId(), typed.measureId());
        TypedScore read = TypedScore.read(typed.typed(), measure);
        if (read.fault() != null) {
            return new ScoreSheetApi.CellKept(
                    cell.studentId(),
                    cell.measureId(),
                    typed.typed(),
                    "\"" + typed.typed() + "\" " + read.fault() + ".");
        }
        before.getOrDefault(cell, List.of()).forEach(row -> {
            row.removedAt = clock.instant();
            row.removedBy = current.adult().adultId();
            observations.save(row);
        });
        before.remove(cell);
        if (typed.typed().isBlank()) {
            return new ScoreSheetApi.CellKept(cell.studentId(), cell.measureId(), "", null);
        }
        Observation observation = read.value() == null
                ? Observation.notAssessed(on, typed.typed().strip())
                : Observation.of(on, read.value());
        measures.record(
                cell.measureId(),
                List.of(new Measures.ToNote(cell.studentId(), observation)),
                null,
                current.adult().adultId());
        String shown = read.value() == null ? typed.typed().strip() : TypedScore.shown(read.value(), measure);
        return new ScoreSheetApi.CellKept(cell.studentId(), cell.measureId(), shown, null);
    }

    @Transactional(readOnly = true)
    ScoreSheetApi.StudentHistory history(long studentId) {
        access.requireSee(studentId);
        int grade = roster.student(studentId).grade();
        LocalDate today = school.today();
        Map<Long, ScoresNow.Score> now =
                scores.of(Map.of(studentId, grade), today).getOrDefault(studentId, Map.of());
        Map<Long, List<Observation>> noted = measures.noted(List.of(studentId)).getOrDefault(studentId, Map.of());
        return new ScoreSheetApi.StudentHistory(measures.all().stream()
                .filter(card -> noted.containsKey(card.id()))
                .map(card -> new ScoreSheetApi.MeasureHistory(
                        card,
                        noted.get(card.id()).stream()
                                .sorted(Comparator.comparing(Observation::takenOn))
                                .map(ScoreSheetService::point)
                                .toList(),
                        now.get(card.id()),
                        measures.cutsOf(card.id(), grade, today)))
                .toList());
    }

    private static ScoreSheetApi.ScorePoint point(Observation each) {
        return new ScoreSheetApi.ScorePoint(
                each.takenOn(),
                each.value().isPresent() ? each.value().getAsDouble() : null,
                each instanceof Observation.NotAssessed none ? none.reason() : null);
    }

    @Override
    public String name() {
        return "scores";
    }

    @Override
    public Object of(long studentId) {
        Map<Long, String> names = new LinkedHashMap<>();
        measures.all().forEach(card -> names.put(card.id(), card.name()));
        return observations.findByStudentIdAndRemovedAtIsNullOrderByTakenOnAscIdAsc(studentId).stream()
                .map(row -> Map.of(
                        "measure", names.getOrDefault(row.measureId, ""),
                        "day", row.takenOn.toString(),
                        "value", String.valueOf(row.score == null ? inWords("measure.not-assessed") : row.score)))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        observations.deleteByStudentId(studentId);
    }
}
