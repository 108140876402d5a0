package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import zafu.core.measure.ScoreText;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;
import zafu.server.platform.ZipGuard;

/** Reads a file or pasted text as a table, or says in a sentence why it is none. */
final class SheetReader {
    private static final String UNNAMED = "Column ";

    private SheetReader() {}

    /** Reads a file; where it holds several tables, or it is not sure how it is written, that is asked. */
    static Sheet read(byte[] bytes, Asking asking) {
        if (bytes.length > Bounds.TABLE_BYTES) {
            throw Refusal.tooLarge(inWords("exchange.the-file-is-over-mb-a-class-list"));
        }
        if (bytes.length == 0) {
            throw Refusal.unusable("file-empty", inWords("exchange.the-file-is-empty"));
        }
        if (!ZipGuard.isZip(bytes)) {
            return tableOf(Sheet.Table.seen(DelimitedText.rows(TextDecoder.decode(bytes, asking))), List.of(), asking);
        }
        TablesInBook.Chosen table = TablesInBook.choose(Workbooks.read(bytes), asking);
        return tableOf(table.table(), table.passedOver(), asking);
    }

    /**
     * Text from the clipboard: a table, whatever is between its cells and with or without names of columns, or a name a
     * line. "Ilves, Umi" is a name and no table.
     */
    static Sheet readPasted(byte[] bytes, Asking asking) {
        String text = TextDecoder.decode(bytes);
        if (text.contains("\t")) {
            return read(bytes, asking);
        }
        if (!text.isBlank()) {
            List<Sheet.Row> table = DelimitedText.rows(text);
            if (isTable(table)) {
                return tableOf(Sheet.Table.seen(startsWithNumbers(table) ? named(table) : table), List.of(), asking);
            }
        }
        List<Sheet.Row> rows = new ArrayList<>();
        for (String line : text.split("\\R")) {
            String name = DelimitedText.plain(line);
            boolean namesTheColumn = rows.isEmpty() && !ColumnNames.usesOf(name).isEmpty();
            if (!name.isEmpty() && !namesTheColumn) {
                rows.add(new Sheet.Row(rows.size() + 1, List.of(name)));
            }
        }
        if (rows.isEmpty()) {
            throw Refusal.unusable("file-empty", inWords("exchange.nothing-was-pasted"));
        }
        return new Sheet(List.of("Name"), rows, List.of());
    }

    private static boolean isTable(List<Sheet.Row> rows) {
        int width = rows.isEmpty() ? 0 : rows.get(0).cells().size();
        if (width < 2) {
            return false;
        }
        long even = rows.stream().filter(row -> row.cells().size() == width).count();
        boolean called = rows.get(0).cells().stream()
                .anyMatch(cell -> !ColumnNames.usesOf(cell).isEmpty());
        boolean numbered = rows.stream().filter(SheetReader::holdsANumber).count() * 2 > rows.size();
        return even * 5 >= rows.size() * 4L && (called && rows.size() > 1 || numbered);
    }

    private static boolean startsWithNumbers(List<Sheet.Row> rows) {
        return holdsANumber(rows.get(0));
    }

    private static boolean holdsANumber(Sheet.Row row) {
        return row.cells().stream()
                .map(ScoreText::read)
                .anyMatch(cell -> cell instanceof ScoreText.Score || cell instanceof ScoreText.Unsure);
    }

    /**
     * A table that begins with its first student gets names for its columns: the first that holds words holds names, or given
     * names where the next one holds words too.
     */
    private static List<Sheet.Row> named(List<Sheet.Row> rows) {
        List<String> names = new ArrayList<>();
        List<String> first = rows.get(0).cells();
        for (String cell : first) {
            int place = names.size();
            boolean pair = isWords(cell) && place + 1 < first.size() && isWords(first.get(place + 1));
            if (isWords(cell) && names.stream().allMatch(SheetReader::isUnnamed)) {
                names.add(pair ? inWords("exchange.given-name") : "Name");
            } else if (isWords(cell) && names.get(place - 1).equals(inWords("exchange.given-name"))) {
                names.add(inWords("exchange.family-name"));
            } else {
                names.add(UNNAMED + (place + 1));
            }
        }
        List<Sheet.Row> all = new ArrayList<>(List.of(new Sheet.Row(0, names)));
        all.addAll(rows);
        return all;
    }

    private static boolean isWords(String cell) {
        return ScoreText.read(cell) instanceof ScoreText.Unreadable;
    }

    /** Whether a column has no name of its own in the file. */
    static boolean isUnnamed(String name) {
        return name.matches(UNNAMED + "\\d+");
    }

    private static Sheet tableOf(Sheet.Table all, List<String> passedOver, Asking asking) {
        List<String> said = new ArrayList<>(passedOver);
        List<Sheet.Row> rows = new ArrayList<>(all.rows());
        rows.removeIf(Sheet.Row::isBlank);
        leaveHiddenOut(rows, said, asking);
        rows = withoutHiddenColumns(rows, all.hiddenColumns(), said, asking);
        if (rows.size() > 1 && mayLackNames(rows) && !namesItsColumns(rows.get(0), asking)) {
            rows = named(rows);
        }
        if (rows.isEmpty()) {
            throw Refusal.unusable("file-empty", inWords("exchange.the-file-is-empty"));
        }
        List<Sheet.Row> above = List.copyOf(rows.subList(0, TableShape.headerOf(rows)));
        rows.subList(0, above.size()).clear();
        if (rows.get(0).cells().size() < 2) {
            throw DelimitedText.noTable(inWords("exchange.the-file-has-only-one-column-a"));
        }
        if (rows.size() < 2) {
            throw Refusal.unusable("file-no-rows", inWords("exchange.the-file-has-column-names-but-no"));
        }
        List<String> header = rows.get(0).cells();
        requireDistinct(header);
        said.addAll(TableShape.above(above));
        return new Sheet(header, List.copyOf(rows.subList(1, rows.size())), said);
    }

    /** Rows that a spreadsheet does not show may be filtered away for good reason, or by mistake. */
    private static void leaveHiddenOut(List<Sheet.Row> rows, List<String> said, Asking asking) {
        long hidden = rows.stream().filter(Sheet.Row::hidden).count();
        if (hidden == 0) {
            return;
        }
        String read = "READ";
        boolean wanted = asking.ofFile(
                        "hidden",
                        hidden == 1
                                ? inWords("exchange.one-row-of-the-sheet-is-hidden")
                                : inWords("exchange.rows-of-the-sheet-are-hidden", "hidden", hidden),
                        inWords("exchange.a-filter-hides-rows-and-so-does-a"),
                        List.of(
                                new Choice("LEAVE", inWords("exchange.leave-them-out")),
                                new Choice(read, inWords("exchange.read-them-too"))))
                .map(read::equals)
                .orElse(false);
        if (!wanted) {
            rows.removeIf(Sheet.Row::hidden);
            said.add(
                    hidden == 1
                            ? inWords("exchange.one-hidden-row-is-not-read")
                            : inWords("exchange.hidden-rows-are-not-read", "hidden", hidden));
        }
    }

    /** Columns that a spreadsheet does not show may hold what is nobody's business, or a key that was only in the way. */
    private static List<Sheet.Row> withoutHiddenColumns(
            List<Sheet.Row> rows, Set<Integer> hiddenColumns, List<String> said, Asking asking) {
        Set<Integer> hidden = new TreeSet<>(hiddenColumns);
        hidden.removeIf(column -> rows.stream().allMatch(row -> row.cell(column).isEmpty()));
        if (hidden.isEmpty()) {
            return rows;
        }
        Sheet.Row header = rows.get(TableShape.headerOf(rows));
        String names = hidden.stream()
                .map(column ->
                        "“" + (header.cell(column).isEmpty() ? UNNAMED + (column + 1) : header.cell(column)) + "”")
                .collect(Collectors.joining(", "));
        String read = "READ";
        boolean wanted = asking.ofShape(
                        "hidden-columns",
                        inWords("exchange.columns-are-hidden", "count", hidden.size(), "names", names),
                        inWords("exchange.a-hand-hides-columns-they-may-hold"),
                        List.of(
                                new Choice("LEAVE", inWords("exchange.leave-out")),
                                new Choice(read, inWords("exchange.read-them-too"))))
                .map(read::equals)
                .orElse(false);
        if (wanted) {
            return rows;
        }
        said.add(inWords("exchange.hidden-and-not-read", "names", names));
        return rows.stream().map(row -> row.without(hidden)).collect(Collectors.toCollection(ArrayList::new));
    }

    /** Whether the first row may be a student: a number stands in it, and nothing that a column is called. */
    private static boolean mayLackNames(List<Sheet.Row> rows) {
        return TableShape.headerOf(rows) == 0
                && holdsANumber(rows.get(0))
                && rows.get(0).cells().stream()
                        .allMatch(cell -> ColumnNames.usesOf(cell).isEmpty());
    }

    private static boolean namesItsColumns(Sheet.Row first, Asking asking) {
        String names = "NAMES";
        String words = String.join(", ", first.cells());
        return asking.ofShape(
                        "header",
                        inWords("exchange.does-row-name-the-columns-or-is-it", "row", first.number()),
                        inWords(
                                "exchange.it-says",
                                "words",
                                (words.length() > 80 ? words.substring(0, 79) + "…" : words)),
                        List.of(
                                new Choice("STUDENT", inWords("exchange.it-is-a-student")),
                                new Choice(names, inWords("exchange.it-names-the-columns"))))
                .map(names::equals)
                .orElse(true);
    }

    private static void requireDistinct(List<String> header) {
        Set<String> seen = new HashSet<>();
        for (String name : header) {
            if (!name.isEmpty() && !seen.add(name.toLowerCase(Locale.ROOT))) {
                throw Refusal.unusable(
                        "file-same-columns", inWords("exchange.two-columns-are-called-give-each", "name", name));
            }
        }
    }
}
