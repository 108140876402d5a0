package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.platform.Refusal;

/** Which sheet of a spreadsheet holds the list: the only one with a table, else it is asked. */
final class TablesInBook {
    private TablesInBook() {}

    /** @param passedOver a sentence for each other sheet that holds something */
    record Chosen(Sheet.Table table, List<String> passedOver) {}

    static Chosen choose(Workbooks.Book book, Asking asking) {
        Map<String, Sheet.Table> tables = book.tables();
        List<String> filled = tables.keySet().stream()
                .filter(name -> !tables.get(name).rows().isEmpty())
                .toList();
        if (filled.isEmpty()) {
            throw Refusal.unusable("file-empty", inWords("exchange.the-file-is-empty"));
        }
        List<String> lists =
                filled.stream().filter(name -> isList(tables.get(name).rows())).toList();
        String chosen = lists.isEmpty() ? filled.get(0) : lists.get(0);
        if (lists.size() > 1) {
            chosen = ask(lists, tables, asking).orElse(chosen);
        }
        List<String> passedOver = new ArrayList<>();
        for (String name : filled) {
            if (!name.equals(chosen)) {
                passedOver.add(inWords("exchange.sheet-is-not-read", "name", name));
            }
        }
        book.hidden()
                .forEach(name -> passedOver.add(inWords("exchange.sheet-is-hidden-and-is-not-read", "name", name)));
        return new Chosen(tables.get(chosen), passedOver);
    }

    private static Optional<String> ask(List<String> lists, Map<String, Sheet.Table> tables, Asking asking) {
        return asking.ofFile(
                "sheet",
                inWords("exchange.which-sheet-is-it"),
                inWords("exchange.the-file-has-sheets-with-a-list-in", "count", lists.size()),
                lists.stream()
                        .map(name -> new Choice(
                                name,
                                inWords(
                                        "exchange.rows-of-a-sheet",
                                        "name",
                                        name,
                                        "count",
                                        (tables.get(name).rows().size() - 1))))
                        .toList());
    }

    /** Whether a row near the top names columns, and something stands below it. */
    private static boolean isList(List<Sheet.Row> rows) {
        int header = TableShape.headerOf(rows);
        return rows.size() > header + 1
                && rows.get(header).cells().stream()
                        .anyMatch(cell -> !ColumnNames.usesOf(cell).isEmpty());
    }
}
