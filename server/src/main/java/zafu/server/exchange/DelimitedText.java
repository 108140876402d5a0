package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import zafu.server.platform.BoundedCsv;
import zafu.server.platform.Refusal;

/** Rows of a text with commas, semicolons or tabs: the delimiter is the one that makes the evenest rows. */
final class DelimitedText {
    private static final char[] DELIMITERS = {',', ';', '\t'};
    private static final int ROWS_TO_JUDGE_BY = 30;

    /** Some programs say in the first line what stands between the cells. */
    private static final Pattern SAID = Pattern.compile("^sep=([,;\\t|])\\r?\\n");

    private static final Pattern OPENED_IN = Pattern.compile("startline (\\d+)");

    private DelimitedText() {}

    static List<Sheet.Row> rows(String text) {
        if (text.isBlank()) {
            throw Refusal.unusable("file-empty", inWords("exchange.the-file-is-empty"));
        }
        requireText(text);
        Matcher said = SAID.matcher(text);
        if (said.find()) {
            return parse(text.substring(said.end()), said.group(1).charAt(0), Integer.MAX_VALUE);
        }
        char best = ',';
        double bestScore = 0;
        for (char delimiter : DELIMITERS) {
            double score = evenness(parse(text, delimiter, ROWS_TO_JUDGE_BY));
            if (score > bestScore) {
                best = delimiter;
                bestScore = score;
            }
        }
        return parse(text, best, Integer.MAX_VALUE);
    }

    private static void requireText(String text) {
        OtherFiles.requireNoSkills(text);
        long odd = text.chars()
                .limit(4000)
                .filter(c -> c == '\uFFFD' || (c < ' ' && c != '\n' && c != '\r' && c != '\t'))
                .count();
        if (odd > 0 || text.stripLeading().startsWith("<") || text.startsWith("{")) {
            throw noTable(inWords("exchange.the-file-is-not-a-table-of-text"));
        }
    }

    static Refusal noTable(String sentence) {
        return Refusal.unusable("file-no-table", sentence);
    }

    /** The share of rows that are as wide as the header, a little more for more columns; 0 for a single column. */
    private static double evenness(List<Sheet.Row> rows) {
        if (rows.isEmpty() || rows.get(0).cells().size() < 2) {
            return 0;
        }
        int width = rows.get(0).cells().size();
        long even = rows.stream().filter(row -> row.cells().size() == width).count();
        return (double) even / rows.size() + width * 1e-3;
    }

    private static List<Sheet.Row> parse(String text, char delimiter, int most) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter)
                .setTrailingData(true)
                .get();
        RowsRead read = new RowsRead();
        try (CSVParser parser = BoundedCsv.open(text, format)) {
            for (CSVRecord record : parser) {
                read.add(new Sheet.Row((int) record.getRecordNumber(), cells(record)));
                if (read.rows().size() >= most) {
                    break;
                }
            }
        } catch (IOException | UncheckedIOException unreadable) {
            if (most == Integer.MAX_VALUE) {
                throw openQuote(String.valueOf(unreadable.getMessage()));
            }
            return List.of();
        }
        return read.rows();
    }

    /** What is after it would otherwise become one cell, and the students in it nobody. */
    private static Refusal openQuote(String said) {
        Matcher opened = OPENED_IN.matcher(said);
        return noTable(
                opened.find()
                        ? inWords("exchange.quote-opened-in-line", "line", opened.group(1))
                        : inWords("exchange.quote-opened-somewhere"));
    }

    private static List<String> cells(CSVRecord record) {
        return record.stream().map(cell -> OutTable.asItWas(plain(cell))).toList();
    }

    /** One spelling for every accent, one blank for every line break or run of blanks. */
    static String plain(String cell) {
        return Normalizer.normalize(cell, Normalizer.Form.NFC)
                .replace('\u00a0', ' ')
                .replace("\uFEFF", "")
                .replaceAll("\\s+", " ")
                .strip();
    }
}
