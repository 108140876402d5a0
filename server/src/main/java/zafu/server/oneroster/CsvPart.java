package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import zafu.server.exchange.TextDecoder;
import zafu.server.platform.BoundedCsv;
import zafu.server.platform.Refusal;

/** One CSV file of a bundle, read line by line; a line that cannot be used is named with its row and column. */
final class CsvPart {
    private final String file;
    private final byte[] bytes;
    private final LinesRead lines;
    private final Map<String, Long> rowOfId = new HashMap<>();

    CsvPart(String file, byte[] bytes, LinesRead lines) {
        this.file = file;
        this.bytes = bytes;
        this.lines = lines;
    }

    /** Every line, read by {@code reading}; those that it finds a fault with are left out and told. */
    <T> List<T> lines(List<String> required, Function<Line, T> reading) {
        List<T> read = new ArrayList<>();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setLenientEof(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = BoundedCsv.open(TextDecoder.decode(bytes), format)) {
            requireColumns(parser, required);
            for (CSVRecord record : parser) {
                lines.one();
                read(new Line(record), reading).ifPresent(read::add);
            }
        } catch (IllegalArgumentException | IOException | UncheckedIOException unreadable) {
            throw Refusal.unusable(
                    "bundle-part-unreadable", inWords("oneroster.is-not-a-csv-file-with-named", "file", file));
        }
        return read;
    }

    private void requireColumns(CSVParser parser, List<String> required) {
        for (String column : required) {
            boolean there = parser.getHeaderNames().stream().anyMatch(column::equalsIgnoreCase);
            if (!there) {
                throw Refusal.unusable(
                        "bundle-column-missing", inWords("oneroster.has-no-column", "file", file, "column", column));
            }
        }
    }

    private <T> Optional<T> read(Line line, Function<Line, T> reading) {
        try {
            String id = line.required("sourcedId");
            Long before = rowOfId.putIfAbsent(id, line.row());
            if (before != null) {
                throw line.fault(
                        "sourcedId", inWords("oneroster.is-which-row-has-already", "id", id, "before", before));
            }
            return Optional.of(reading.apply(line));
        } catch (LineFault fault) {
            lines.fault(fault.getMessage());
            return Optional.empty();
        }
    }

    /** A line cannot be used; the message is a whole sentence. */
    private static final class LineFault extends RuntimeException {
        LineFault(String sentence) {
            super(sentence, null, false, false);
        }
    }

    /** One line by the names of its columns. */
    final class Line {
        private final CSVRecord record;

        Line(CSVRecord record) {
            this.record = record;
        }

        /** As a spreadsheet counts. */
        long row() {
            return record.getRecordNumber() + 1;
        }

        RuntimeException fault(String column, String what) {
            return new LineFault(inWords("oneroster.row", "file", file, "row", row(), "column", column, "what", what));
        }

        String text(String column) {
            return record.isMapped(column) && record.isSet(column)
                    ? record.get(column).strip()
                    : "";
        }

        String required(String column) {
            String text = text(column);
            if (text.isEmpty()) {
                throw fault(column, inWords("oneroster.is-blank"));
            }
            if (text.length() > 255) {
                throw fault(column, inWords("oneroster.is-longer-than-letters"));
            }
            return text;
        }

        List<String> list(String column) {
            return Arrays.stream(text(column).split(","))
                    .map(String::strip)
                    .filter(each -> !each.isEmpty())
                    .toList();
        }

        LocalDate date(String column) {
            String text = required(column);
            try {
                return LocalDate.parse(text.length() > 10 ? text.substring(0, 10) : text);
            } catch (DateTimeParseException impossible) {
                throw fault(column, inWords("oneroster.is-which-is-no-day", "text", text));
            }
        }

        double number(String column, double otherwise) {
            String text = text(column);
            if (text.isEmpty()) {
                return otherwise;
            }
            try {
                double number = Double.parseDouble(text);
                if (Double.isFinite(number)) {
                    return number;
                }
            } catch (NumberFormatException ignored) {
                // Told below, together with what is no finite number.
            }
            throw fault(column, inWords("oneroster.is-which-is-no-number", "text", text));
        }

        boolean isGone() {
            String status = text("status").toLowerCase(Locale.ROOT);
            if (!List.of("", "active", "tobedeleted", "inactive").contains(status)) {
                throw fault("status", inWords("oneroster.is-which-is-neither-active-nor", "text", text("status")));
            }
            return status.equals("tobedeleted") || status.equals("inactive");
        }

        /** A grade such as "05", "5" or "KG"; empty where none is given or it is beyond ours. */
        Optional<Integer> grade(String column) {
            return list(column).stream().findFirst().flatMap(Grades::of);
        }
    }
}
