package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.exchange.ClassListApi.Wanted;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.exchange.ListReading.ReadList;
import zafu.server.exchange.PeopleMatch.Match;
import zafu.server.need.NeedVocabulary;
import zafu.server.platform.Refusal;

/** Looks at a list, and takes its good rows in one transaction or none of them. */
@Service
class ClassListService {
    private static final int SAMPLES = 3;
    private static final int MOST_ROWS_SHOWN = 500;
    private static final int MOST_CHANGES_SHOWN = 1000;
    private final ListReading reading;
    private final ListTaking taking;
    private final ListShapes shapes;
    private final NeedVocabulary words;

    ClassListService(ListReading reading, ListTaking taking, ListShapes shapes, NeedVocabulary words) {
        this.reading = reading;
        this.taking = taking;
        this.shapes = shapes;
        this.words = words;
    }

    @Transactional(readOnly = true)
    ClassListApi.Preview preview(byte[] file, Wanted wanted) {
        ReadList list = reading.read(file, wanted);
        List<Match> good = list.good();
        ListTaking.Held held = taking.held(list);
        int made = (int) good.stream()
                .filter(match -> match.known() == null)
                .map(ListTaking::personOf)
                .distinct()
                .count();
        List<ListChanges.Change> changes = new ListChanges(list, held, taking::measureOf).all();
        Set<Integer> changing = changes.stream().map(ListChanges.Change::row).collect(Collectors.toSet());
        return new ClassListApi.Preview(
                list.guesses().stream()
                        .map(guess -> column(list.sheet(), guess))
                        .toList(),
                rowsToShow(list),
                good.size(),
                (int) list.matches().stream()
                        .filter(match -> match.row().problem() != null)
                        .count(),
                made,
                (int) changes.stream()
                        .filter(each -> each.kind() == ListChanges.Kind.STUDENT_CHANGED)
                        .map(ListChanges.Change::row)
                        .distinct()
                        .count(),
                (int) good.stream()
                        .filter(match -> !changing.contains(match.row().row()))
                        .count(),
                (int) changes.stream()
                        .filter(each -> each.kind() == ListChanges.Kind.SCORE)
                        .count(),
                held(list, Hold.WAITS),
                held(list, Hold.LEFT_OUT),
                list.passedOver(),
                list.asking().asked(),
                firstOfEachKind(changes),
                list.remembered());
    }

    private static int held(ReadList list, Hold why) {
        return (int) list.matches().stream()
                .filter(match -> match.row().problem() == null && match.row().hold() == why)
                .count();
    }

    /** What changes students first, because it is what nobody expects. */
    private static List<ListChanges.Change> firstOfEachKind(List<ListChanges.Change> changes) {
        return changes.stream()
                .sorted(Comparator.comparing(change -> change.kind() != ListChanges.Kind.STUDENT_CHANGED))
                .limit(MOST_CHANGES_SHOWN)
                .toList();
    }

    private static ClassListApi.ListColumn column(Sheet sheet, ColumnGuess.Guess guess) {
        int column = guess.use().column();
        return new ClassListApi.ListColumn(
                sheet.header().get(column), guess.use(), samples(sheet, column), guess.why(), guess.sure());
    }

    private static List<ClassListApi.ListRow> rowsToShow(ReadList list) {
        Map<Integer, Sheet.Row> typed =
                list.sheet().rows().stream().collect(Collectors.toMap(Sheet.Row::number, row -> row));
        return list.matches().stream()
                .sorted(Comparator.comparing(match -> list.matches().size() > MOST_ROWS_SHOWN && match.isGood()))
                .limit(MOST_ROWS_SHOWN)
                .map(match -> shown(match, typed.get(match.row().row()), list.uses()))
                .toList();
    }

    @Transactional
    ClassListApi.Taken take(byte[] file, String fileName, Wanted wanted) {
        ReadList list = reading.read(file, wanted);
        requireNames(list.uses());
        List<ImportQuestion> open = list.asking().open();
        if (!open.isEmpty()) {
            throw Refusal.unusable(
                    "questions-open",
                    inWords(
                            "exchange.questions-open",
                            "count",
                            open.size(),
                            "first",
                            open.get(0).asks()));
        }
        if (list.good().isEmpty()) {
            throw Refusal.unusable("no-good-row", inWords("exchange.no-row-of-this-file-can-be-taken"));
        }
        shapes.remember(
                list.sheet().header(),
                new ListShapes.Known(list.chosen(), list.asking().ofTheShape()));
        list.learntNeeds().forEach(words::learn);
        return taking.take(list, fileName, wanted);
    }

    private static void requireNames(List<ColumnUse> uses) {
        boolean named = uses.stream()
                .anyMatch(use -> use.as() == ColumnUse.Use.GIVEN_NAME || use.as() == ColumnUse.Use.FULL_NAME);
        if (!named) {
            throw Refusal.unusable("no-name-column", inWords("exchange.choose-the-column-that-holds-the"));
        }
    }

    private static List<String> samples(Sheet sheet, int column) {
        return sheet.rows().stream()
                .map(row -> row.cell(column))
                .filter(cell -> !cell.isEmpty())
                .limit(SAMPLES)
                .toList();
    }

    private static ClassListApi.ListRow shown(Match match, Sheet.Row typed, List<ColumnUse> uses) {
        ReadRow row = match.row();
        List<ClassListApi.ScoreCell> scores = ColumnUse.scores(uses).stream()
                .map(use -> new ClassListApi.ScoreCell(
                        row.scores().get(use.column()).value(), typed.cell(use.column())))
                .toList();
        boolean dated = uses.stream().anyMatch(use -> use.as() == ColumnUse.Use.DATE);
        return new ClassListApi.ListRow(
                row.row(),
                row.givenName(),
                row.familyName(),
                match.facts().grade(),
                dated ? row.takenOn() : null,
                scores,
                RowWords.about(match, uses, typed),
                match.known() == null,
                row.problem(),
                row.hold());
    }
}
