package zafu.server.exchange;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Observation;
import zafu.core.measure.ScoreText;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.exchange.ClassListController.Wanted;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Looks at a class list, and takes its good rows in one transaction or none of them. */
@Service
class ClassListService {
    private static final int SHELF_LIFE_DAYS = 120;
    private static final int DECIMALS_OF_A_NEW_MEASURE = 2;
    private static final int SAMPLES = 3;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final Roster roster;
    private final Measures measures;
    private final AuditTrail audit;

    ClassListService(
            ClassPermission permission, CurrentPerson current, Roster roster, Measures measures, AuditTrail audit) {
        this.permission = permission;
        this.current = current;
        this.roster = roster;
        this.measures = measures;
        this.audit = audit;
    }

    @Transactional(readOnly = true)
    ClassListController.Preview preview(byte[] file, Wanted wanted) {
        requireMayBringIn(wanted);
        Sheet sheet = SheetReader.read(file);
        List<ColumnUse> uses = usesFor(sheet, wanted);
        List<ReadRow> rows = reading(sheet, uses, wanted).rows();
        List<ClassListController.ListColumn> columns = uses.stream()
                .map(use -> new ClassListController.ListColumn(
                        sheet.header().get(use.column()), use, samples(sheet, use.column())))
                .toList();
        int bad = (int) rows.stream().filter(row -> row.problem() != null).count();
        return new ClassListController.Preview(
                columns, rows.stream().map(row -> shown(row, sheet, uses)).toList(), rows.size() - bad, bad);
    }

    @Transactional
    ClassListController.Taken take(byte[] file, Wanted wanted) {
        requireMayBringIn(wanted);
        Sheet sheet = SheetReader.read(file);
        List<ColumnUse> uses = usesFor(sheet, wanted);
        requireNames(uses);
        List<ReadRow> all = reading(sheet, uses, wanted).rows();
        List<ReadRow> good = all.stream().filter(row -> row.problem() == null).toList();
        if (good.isEmpty()) {
            throw Refusal.unusable("no-good-row", "No row of this file can be taken as it is. Nothing was changed.");
        }
        long classId = wanted.classId() != null ? wanted.classId() : newClass(wanted);
        Map<ReadRow, StudentId> students = new LinkedHashMap<>();
        int made = enrol(classId, good, wanted, students);
        int scores = recordScores(uses, students, wanted);
        audit.note(classId, "class-list.taken", classId, good.size() + " rows, " + scores + " scores");
        return new ClassListController.Taken(classId, made, good.size() - made, scores, all.size() - good.size());
    }

    private void requireMayBringIn(Wanted wanted) {
        if (wanted.classId() != null) {
            permission.requireChange(wanted.classId());
        }
    }

    private List<ColumnUse> usesFor(Sheet sheet, Wanted wanted) {
        if (wanted.columns() == null) {
            return new ColumnGuess(sheet, measures.all()).guess();
        }
        for (ColumnUse use : wanted.columns()) {
            if (use.column() < 0 || use.column() >= sheet.header().size()) {
                throw Refusal.unusable("no-such-column", "The file has no column " + (use.column() + 1) + ".");
            }
        }
        return wanted.columns();
    }

    private static void requireNames(List<ColumnUse> uses) {
        boolean named = uses.stream()
                .anyMatch(use -> use.as() == ColumnUse.Use.GIVEN_NAME || use.as() == ColumnUse.Use.FULL_NAME);
        if (!named) {
            throw Refusal.unusable("no-name-column", "Choose the column that holds the students' names.");
        }
    }

    private ClassListReading reading(Sheet sheet, List<ColumnUse> uses, Wanted wanted) {
        Map<ColumnUse, NumericScale> scales = new HashMap<>();
        for (ColumnUse use : ColumnUse.scores(uses)) {
            scales.put(use, use.measureId() != null ? measures.scale(use.measureId()) : newScale(use));
        }
        return new ClassListReading(sheet, uses, wanted.grade(), scales::get);
    }

    private static NumericScale newScale(ColumnUse use) {
        double highest = use.highest() == null ? 0 : use.highest();
        if (highest <= 0) {
            throw Refusal.unusableField(
                    "no-highest", "highest", "Say what the largest value of \"" + use.newMeasure() + "\" is, above 0.");
        }
        return new NumericScale(0, highest, DECIMALS_OF_A_NEW_MEASURE, false, OptionalDouble.empty());
    }

    private long newClass(Wanted wanted) {
        if (wanted.className().isBlank()) {
            throw Refusal.unusableField("no-class-name", "className", "Give the class a name.");
        }
        return roster.createClass(
                wanted.className().strip(), wanted.grade(), current.adult().adultId());
    }

    private int enrol(long classId, List<ReadRow> rows, Wanted wanted, Map<ReadRow, StudentId> students) {
        Map<String, Long> known = new HashMap<>();
        roster.studentsOf(classId)
                .forEach(student -> known.put(key(student.givenName() + " " + student.familyName()), student.id()));
        int made = 0;
        for (ReadRow row : rows) {
            Long id = known.get(key(row.fullName()));
            if (id == null) {
                id = roster.enrol(
                        classId,
                        new Roster.NewStudent(row.givenName(), row.familyName(), row.grade()),
                        wanted.takenOn());
                made++;
            }
            students.put(row, new StudentId(id));
        }
        return made;
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    private int recordScores(List<ColumnUse> uses, Map<ReadRow, StudentId> students, Wanted wanted) {
        int count = 0;
        for (ColumnUse use : ColumnUse.scores(uses)) {
            long measure = use.measureId() != null ? use.measureId() : newMeasure(use);
            Map<StudentId, Observation> seen = new LinkedHashMap<>();
            students.forEach((row, student) -> seen.put(
                    student, observation(Objects.requireNonNull(row.scores().get(use.column())), wanted)));
            measures.record(measure, seen, current.adult().adultId());
            count += (int) seen.values().stream()
                    .filter(each -> each.value().isPresent())
                    .count();
        }
        return count;
    }

    private static Observation observation(ScoreText score, Wanted wanted) {
        return score instanceof ScoreText.Score number
                ? Observation.of(wanted.takenOn(), number.value())
                : Observation.notAssessed(
                        wanted.takenOn(), score instanceof ScoreText.NotAssessed none ? none.as() : "");
    }

    private long newMeasure(ColumnUse use) {
        String name = use.newMeasure() == null ? "" : use.newMeasure().strip();
        if (name.isEmpty()) {
            throw Refusal.unusableField("no-measure-name", "newMeasure", "Give the new measure a name.");
        }
        if (measures.all().stream().anyMatch(measure -> measure.name().equalsIgnoreCase(name))) {
            throw Refusal.conflict("measure-exists", "There is a measure \"" + name + "\" already; choose it instead.");
        }
        return measures.create(new Measures.NewMeasure(name, "", newScale(use), SHELF_LIFE_DAYS));
    }

    private static List<String> samples(Sheet sheet, int column) {
        return sheet.rows().stream()
                .map(row -> row.cell(column))
                .filter(cell -> !cell.isEmpty())
                .limit(SAMPLES)
                .toList();
    }

    private static ClassListController.ListRow shown(ReadRow row, Sheet sheet, List<ColumnUse> uses) {
        Sheet.Row typed = sheet.rows().stream()
                .filter(each -> each.number() == row.number())
                .findFirst()
                .orElseThrow();
        List<ClassListController.ScoreCell> scores = ColumnUse.scores(uses).stream()
                .map(use -> new ClassListController.ScoreCell(
                        row.scores().get(use.column()) instanceof ScoreText.Score number ? number.value() : null,
                        typed.cell(use.column())))
                .toList();
        return new ClassListController.ListRow(
                row.number(), row.givenName(), row.familyName(), row.grade(), scores, row.problem());
    }
}
