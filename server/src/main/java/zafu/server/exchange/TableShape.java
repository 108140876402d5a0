package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which row of a table names its columns, and which rows are about the table and not about a student. What is passed over
 * is named, so that nothing is lost without a word.
 */
final class TableShape {
    /** A title, a school, a day and a blank row: names of columns do not stand further down. */
    private static final int FURTHEST_HEADER = 10;

    private static final int NAMES_THAT_MAKE_A_HEADER = 2;
    private static final Set<String> SUMS = Set.of(
            "total",
            "totals",
            "grand total",
            "sum",
            "average",
            "averages",
            "class average",
            "mean",
            "median",
            "minimum",
            "maximum",
            "points possible",
            "total generale",
            "moyenne",
            "moyenne de la classe",
            "mediane",
            "somme",
            "promedio",
            "media",
            "mediana",
            "suma");

    private TableShape() {}

    /** The place of the row that names the columns: the first, but where one below it clearly does and the first does not. */
    static int headerOf(List<Sheet.Row> rows) {
        if (rows.isEmpty() || namesIn(rows.get(0)) > 0) {
            return 0;
        }
        for (int place = 1; place < Math.min(FURTHEST_HEADER, rows.size()); place++) {
            if (namesIn(rows.get(place)) >= NAMES_THAT_MAKE_A_HEADER) {
                return place;
            }
        }
        return 0;
    }

    private static long namesIn(Sheet.Row row) {
        return row.cells().stream()
                .filter(cell -> !ColumnNames.usesOf(cell).isEmpty())
                .count();
    }

    /** A sentence for each row above the one that names the columns. */
    static List<String> above(List<Sheet.Row> rows) {
        List<String> said = new ArrayList<>();
        rows.forEach(
                row -> said.add(inWords("exchange.row-above-the-names", "row", row.number(), "words", wordsOf(row))));
        return said;
    }

    private static String wordsOf(Sheet.Row row) {
        String words = row.cells().stream().filter(cell -> !cell.isEmpty()).collect(Collectors.joining(" "));
        return words.length() > 60 ? words.substring(0, 59) + "…" : words;
    }

    /** Whether a row of this name adds up the others. */
    static boolean isSum(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^\\p{L}]+", " ")
                .strip()
                .toLowerCase(Locale.ROOT);
        return SUMS.contains(plain);
    }
}
