package zafu.server.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.VisibilityState;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import zafu.core.need.NeedInWords;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.measure.Measures.MeasureCard;

/**
 * A file as a school sends it, with what it is to be read as: one case of files-of-schools.txt, where the signs are told.
 *
 * @param as how the text becomes a file
 * @param expected lines below the two dashes
 */
record SchoolFile(String name, String as, String text, Map<String, String> answers, List<String> expected) {
    static final LocalDate DAY = LocalDate.parse("2027-02-02");
    static final List<MeasureCard> MEASURES = List.of(
            numbers(1, "Tideline reading scale", 1200, 0),
            numbers(2, "Words per minute", 250, 1),
            numbers(3, "Fractions check", 100, 1),
            new MeasureCard(
                    4,
                    "Knots",
                    "",
                    0,
                    2,
                    0,
                    false,
                    null,
                    List.of("ties", "splices", "braids"),
                    "LATEST",
                    null,
                    120,
                    false,
                    null));

    private static MeasureCard numbers(long id, String name, double highest, int decimals) {
        return new MeasureCard(
                id, name, "", 0, highest, decimals, false, null, List.of(), "LATEST", null, 120, false, null);
    }

    /** What was read of it. */
    record Read(Sheet sheet, List<ColumnUse> uses, List<ReadRow> rows, List<String> passedOver, Asking asking) {}

    static List<SchoolFile> all() {
        try (var in = Objects.requireNonNull(SchoolFile.class.getResourceAsStream("/lists/files-of-schools.txt"))) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Arrays.stream(all.split("(?m)^== "))
                    .skip(1)
                    .map(SchoolFile::of)
                    .toList();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static SchoolFile of(String block) {
        List<String> lines = new ArrayList<>(List.of(block.split("\n", -1)));
        String name = lines.remove(0);
        String as = lines.get(0).startsWith("as: ") ? lines.remove(0).substring(4) : "UTF-8";
        int dashes = lines.indexOf("--");
        Map<String, String> answers = new LinkedHashMap<>();
        List<String> text = new ArrayList<>();
        for (String line : lines.subList(0, dashes)) {
            if (line.startsWith("> ")) {
                answers.put(line.substring(2, line.indexOf('=')), line.substring(line.indexOf('=') + 1));
            } else {
                text.add(line);
            }
        }
        List<String> expected = lines.subList(dashes + 1, lines.size()).stream()
                .filter(line -> !line.isEmpty())
                .toList();
        return new SchoolFile(name, as, String.join("\n", text) + "\n", answers, expected);
    }

    @Override
    public String toString() {
        return name;
    }

    boolean isPlainText() {
        return !List.of("xlsx", "ods", "pasted").contains(as);
    }

    Read read() {
        Asking asking = new Asking(answers);
        Sheet sheet = as.equals("pasted") ? SheetReader.readPasted(bytes(), asking) : SheetReader.read(bytes(), asking);
        return readOf(sheet, asking);
    }

    static Read readOf(Sheet sheet, Asking asking) {
        List<ColumnUse> uses = new ColumnGuess(sheet, MEASURES, Map.of(), asking).guess();
        ClassListReading reading =
                new ClassListReading(sheet, uses, 5, DAY, use -> scale(use, sheet), NeedInWords::read, asking);
        return new Read(sheet, uses, reading.rows(), reading.passedOver(), asking);
    }

    private static MeasureCard scale(ColumnUse use, Sheet sheet) {
        return MEASURES.stream()
                .filter(each -> use.measureId() != null && each.id() == use.measureId())
                .findFirst()
                .orElseGet(() -> numbers(0, sheet.header().get(use.column()), use.highest(), 2));
    }

    private byte[] bytes() {
        return switch (as) {
            case "xlsx" -> xlsx();
            case "ods" -> ods();
            case "pasted", "UTF-8" -> text.getBytes(StandardCharsets.UTF_8);
            case "UTF-8 with mark" -> ("\uFEFF" + text).getBytes(StandardCharsets.UTF_8);
            case "carriage returns" -> text.replace('\n', '\r').getBytes(StandardCharsets.UTF_8);
            default -> text.getBytes(Charset.forName(as));
        };
    }

    /**
     * Sheets by name; a line of three signs and a name begins the next one. What begins with ~ is hidden: a sheet, a row by
     * its first cell, a column by its name.
     */
    private Map<String, List<String[]>> sheets() {
        Map<String, List<String[]>> sheets = new LinkedHashMap<>();
        String name = "Sheet 1";
        for (String line : text.split("\n")) {
            if (line.startsWith("=== ")) {
                name = line.substring(4);
            } else {
                sheets.computeIfAbsent(name, key -> new ArrayList<>()).add(line.split(",", -1));
            }
        }
        return sheets;
    }

    private byte[] xlsx() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(out, "test", "1.0")) {
            sheets().forEach((name, rows) -> {
                Worksheet sheet = workbook.newWorksheet(name.replace("~", ""));
                if (name.startsWith("~")) {
                    sheet.setVisibilityState(VisibilityState.HIDDEN);
                }
                hiddenColumns(rows).forEach(sheet::hideColumn);
                for (int row = 0; row < rows.size(); row++) {
                    boolean hidden = rows.get(row)[0].startsWith("~");
                    if (hidden) {
                        sheet.hideRow(row);
                        rows.get(row)[0] = rows.get(row)[0].substring(1);
                    }
                    for (int column = 0; column < rows.get(row).length; column++) {
                        put(sheet, row, column, rows.get(row)[column]);
                    }
                }
            });
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    /** Takes the marks away as it finds them. */
    private static List<Integer> hiddenColumns(List<String[]> rows) {
        List<Integer> hidden = new ArrayList<>();
        String[] header = rows.get(0);
        for (int column = 1; column < header.length; column++) {
            if (header[column].startsWith("~")) {
                header[column] = header[column].substring(1);
                hidden.add(column);
            }
        }
        return hidden;
    }

    private static void put(Worksheet sheet, int row, int column, String cell) {
        if (cell.matches("\\d+(\\.\\d+)?")) {
            sheet.value(row, column, Double.parseDouble(cell));
        } else {
            sheet.value(row, column, cell);
        }
    }

    private byte[] ods() {
        StringBuilder xml = new StringBuilder("<office:document-content"
                + " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
                + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
                + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"><office:body><office:spreadsheet>");
        sheets().forEach((name, rows) -> {
            xml.append("<table:table table:name=\"").append(name).append("\">");
            List<Integer> hidden = hiddenColumns(rows);
            for (int column = 0; column < rows.get(0).length; column++) {
                xml.append(
                        hidden.contains(column)
                                ? "<table:table-column table:visibility=\"collapse\"/>"
                                : "<table:table-column/>");
            }
            rows.forEach(row -> {
                xml.append("<table:table-row>");
                Stream.of(row).forEach(cell -> xml.append("<table:table-cell><text:p>")
                        .append(cell.replace("&", "&amp;").replace("<", "&lt;"))
                        .append("</text:p></table:table-cell>"));
                xml.append("</table:table-row>");
            });
            xml.append("</table:table>");
        });
        xml.append("</office:spreadsheet></office:body></office:document-content>");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("content.xml"));
            zip.write(xml.toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
