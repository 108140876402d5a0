package zafu.server.exchange;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.exchange.ClassListController.Wanted;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.exchange.PeopleMatch.Match;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Looks at a list, and takes its good rows in one transaction or none of them. */
@Service
class ClassListService {
    private static final int SAMPLES = 3;
    private static final int MOST_ROWS_SHOWN = 500;
    private final ClassPermission permission;
    private final Roster roster;
    private final Measures measures;
    private final ListTaking taking;

    ClassListService(ClassPermission permission, Roster roster, Measures measures, ListTaking taking) {
        this.permission = permission;
        this.roster = roster;
        this.measures = measures;
        this.taking = taking;
    }

    /** A list that was read: its sheet, what its columns are, whom its rows mean, and which rows mean nobody. */
    record ReadList(Sheet sheet, List<ColumnUse> uses, List<Match> matches, List<String> passedOver) {
        List<Match> good() {
            return matches.stream().filter(Match::isGood).toList();
        }
    }

    @Transactional(readOnly = true)
    ClassListController.Preview preview(byte[] file, Wanted wanted) {
        ReadList list = read(file, wanted);
        int good = list.good().size();
        ListTaking.Held held = taking.held(list);
        int unchanged = (int) list.good().stream()
                .filter(match -> ListTaking.bringsNothing(match, list, held))
                .count();
        int made = (int) list.good().stream()
                .filter(match -> match.known() == null)
                .map(ListTaking::personOf)
                .distinct()
                .count();
        return new ClassListController.Preview(
                list.uses.stream().map(use -> column(list.sheet, use)).toList(),
                rowsToShow(list),
                good,
                list.matches.size() - good,
                made,
                unchanged,
                list.passedOver);
    }

    private static ClassListController.ListColumn column(Sheet sheet, ColumnUse use) {
        return new ClassListController.ListColumn(sheet.header().get(use.column()), use, samples(sheet, use.column()));
    }

    private static List<ClassListController.ListRow> rowsToShow(ReadList list) {
        Map<Integer, Sheet.Row> typed =
                list.sheet.rows().stream().collect(Collectors.toMap(Sheet.Row::number, row -> row));
        return list.matches.stream()
                .sorted(Comparator.comparing(match -> list.matches.size() > MOST_ROWS_SHOWN && match.isGood()))
                .limit(MOST_ROWS_SHOWN)
                .map(match -> shown(match, typed.get(match.row().row()), list.uses))
                .toList();
    }

    @Transactional
    ClassListController.Taken take(byte[] file, String fileName, Wanted wanted) {
        ReadList list = read(file, wanted);
        requireNames(list.uses);
        if (list.good().isEmpty()) {
            throw Refusal.unusable("no-good-row", "No row of this file can be taken as it is. Nothing was changed.");
        }
        return taking.take(list, fileName, wanted);
    }

    private ReadList read(byte[] file, Wanted wanted) {
        if (wanted.classId() != null) {
            permission.requireChange(wanted.classId());
        } else {
            permission.requireMayBringInClass();
        }
        Sheet sheet = Boolean.TRUE.equals(wanted.pasted()) ? SheetReader.readPasted(file) : SheetReader.read(file);
        List<ColumnUse> uses = usesFor(sheet, wanted);
        requireMaySeeNeeds(uses, wanted.classId());
        Map<ColumnUse, MeasureCard> scales = new HashMap<>();
        ColumnUse.scores(uses).forEach(use -> scales.put(use, taking.measureOf(use)));
        ClassListReading reading = new ClassListReading(sheet, uses, wanted.grade(), wanted.takenOn(), scales::get);
        PeopleMatch people = new PeopleMatch(
                roster.known(permission.mine()),
                wanted.classId() == null ? List.of() : roster.known(List.of(wanted.classId())));
        return new ReadList(
                sheet, uses, reading.rows().stream().map(people::match).toList(), reading.passedOver());
    }

    private void requireMaySeeNeeds(List<ColumnUse> uses, @Nullable Long classId) {
        Set<ColumnUse.Use> ofNeeds = Set.of(ColumnUse.Use.NEED, ColumnUse.Use.TIME_FACTOR, ColumnUse.Use.EXTRA_DAYS);
        if (classId != null && uses.stream().anyMatch(use -> ofNeeds.contains(use.as()))) {
            permission.requireSeeNeeds(classId);
        }
    }

    private List<ColumnUse> usesFor(Sheet sheet, Wanted wanted) {
        if (wanted.columns() == null) {
            List<MeasureCard> known = wanted.classId() == null ? measures.shared() : measures.ofClass(wanted.classId());
            return new ColumnGuess(sheet, known).guess();
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

    private static List<String> samples(Sheet sheet, int column) {
        return sheet.rows().stream()
                .map(row -> row.cell(column))
                .filter(cell -> !cell.isEmpty())
                .limit(SAMPLES)
                .toList();
    }

    private static ClassListController.ListRow shown(Match match, Sheet.Row typed, List<ColumnUse> uses) {
        ReadRow row = match.row();
        List<ClassListController.ScoreCell> scores = ColumnUse.scores(uses).stream()
                .map(use -> new ClassListController.ScoreCell(
                        row.scores().get(use.column()).value(), typed.cell(use.column())))
                .toList();
        boolean dated = uses.stream().anyMatch(use -> use.as() == ColumnUse.Use.DATE);
        return new ClassListController.ListRow(
                row.row(),
                row.givenName(),
                row.familyName(),
                match.facts().grade(),
                dated ? row.takenOn() : null,
                scores,
                RowWords.about(match, uses, typed),
                match.known() == null,
                row.problem());
    }
}
