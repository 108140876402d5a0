package zafu.server.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * A table that goes out. Cells are texts, numbers, days or null.
 *
 * @param name of the sheet
 */
public record OutTable(String name, List<String> header, List<List<@Nullable Object>> rows) {
    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    /** With a mark at the start, so that spreadsheets read accents rightly. */
    public byte[] asCsv() {
        StringBuilder text = new StringBuilder(BYTE_ORDER_MARK);
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            printer.printRecord(header.stream().map(OutTable::harmless).toList());
            for (List<@Nullable Object> row : rows) {
                printer.printRecord(row.stream().map(OutTable::harmless).toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** A text that a spreadsheet would take for a formula gets an apostrophe before it; a number stays one. */
    static String harmless(@Nullable Object cell) {
        String text = cell == null ? "" : String.valueOf(cell);
        boolean likeAFormula = !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
        return likeAFormula && !NUMBER.matcher(text).matches() ? "'" + text : text;
    }

    /** Takes away the apostrophe that {@link #harmless} put before a text. */
    static String asItWas(String cell) {
        boolean guarded = cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0;
        return guarded ? cell.substring(1) : cell;
    }

    public byte[] asXlsx() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(out, "Zafu", "1.0")) {
            Worksheet sheet = workbook.newWorksheet(name);
            for (int column = 0; column < header.size(); column++) {
                sheet.value(0, column, header.get(column));
                sheet.style(0, column).bold().set();
            }
            for (int row = 0; row < rows.size(); row++) {
                for (int column = 0; column < header.size(); column++) {
                    write(sheet, row + 1, column, rows.get(row).get(column));
                }
            }
            sheet.freezePane(0, 1);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static void write(Worksheet sheet, int row, int column, @Nullable Object cell) {
        if (cell instanceof Number number) {
            sheet.value(row, column, number);
        } else if (cell instanceof LocalDate day) {
            sheet.value(row, column, day);
            sheet.style(row, column).format("yyyy-mm-dd").set();
        } else if (cell != null) {
            sheet.value(row, column, String.valueOf(cell));
        }
    }
}
