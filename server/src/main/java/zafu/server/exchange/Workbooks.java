package zafu.server.exchange;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.SheetVisibility;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;
import zafu.server.platform.ZipGuard;

/** The sheets of a spreadsheet file, .xlsx or .ods, as the texts that a person would type. */
final class Workbooks {
    private Workbooks() {}

    /** Rows by name of the sheet, in their order; sheets that are hidden are not looked at. */
    static Map<String, List<Sheet.Row>> tables(byte[] bytes) {
        Map<String, byte[]> parts =
                ZipGuard.unpack(bytes, name -> name.equals("content.xml") || WorkbookBounds.isLookedAt(name));
        if (parts.containsKey("xl/workbook.xml")) {
            WorkbookBounds.require(parts);
            return xlsx(bytes);
        }
        if (parts.containsKey("content.xml")) {
            return OdsSheet.tables(parts.get("content.xml"));
        }
        throw DelimitedText.noTable("The file is a zip, but neither an .xlsx nor an .ods spreadsheet.");
    }

    private static Map<String, List<Sheet.Row>> xlsx(byte[] bytes) {
        // With formats, dates can be told from numbers; a cell with an error is read as empty.
        ReadingOptions options = new ReadingOptions(true, false);
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(bytes), options)) {
            Map<String, List<Sheet.Row>> tables = new LinkedHashMap<>();
            RowsRead read = new RowsRead();
            List<org.dhatim.fastexcel.reader.Sheet> sheets = workbook.getSheets()
                    .filter(sheet -> sheet.getVisibility() == SheetVisibility.VISIBLE)
                    .limit(Bounds.TABLES_OF_A_BOOK)
                    .toList();
            for (org.dhatim.fastexcel.reader.Sheet sheet : sheets) {
                read = new RowsRead(read);
                addRows(sheet, read);
                tables.put(sheet.getName(), read.rows());
            }
            return tables;
        } catch (Refusal refused) {
            throw refused;
        } catch (IOException | RuntimeException damaged) {
            throw DelimitedText.noTable(
                    "The spreadsheet cannot be read: its file is damaged. Save it anew, or as CSV.");
        }
    }

    private static void addRows(org.dhatim.fastexcel.reader.Sheet sheet, RowsRead read) throws IOException {
        try (Stream<Row> rows = sheet.openStream()) {
            rows.forEach(row -> read.add(new Sheet.Row(row.getRowNum(), cells(row))));
        }
    }

    private static List<String> cells(Row row) {
        List<String> cells = new ArrayList<>();
        for (int column = 0; column < row.getCellCount(); column++) {
            cells.add(DelimitedText.plain(
                    row.getOptionalCell(column).map(Workbooks::text).orElse("")));
        }
        while (!cells.isEmpty() && cells.get(cells.size() - 1).isEmpty()) {
            cells.remove(cells.size() - 1);
        }
        return cells;
    }

    private static String text(Cell cell) {
        if (cell.getType() == CellType.NUMBER || isNumberFromFormula(cell)) {
            return isDate(cell) ? date(cell) : number(cell);
        }
        if (cell.getType() == CellType.ERROR || cell.getType() == CellType.EMPTY) {
            return "";
        }
        return cell.getText() == null ? "" : cell.getText();
    }

    private static boolean isNumberFromFormula(Cell cell) {
        return cell.getType() == CellType.FORMULA
                && cell.getRawValue() != null
                && cell.getRawValue().matches("-?\\d+(\\.\\d+)?([eE][+-]?\\d+)?");
    }

    /** A cell that shows 85 % holds 0.85. */
    private static String number(Cell cell) {
        BigDecimal value = new BigDecimal(cell.getRawValue());
        String format = cell.getDataFormatString();
        return format != null && format.contains("%") ? percent(value) : plain(value);
    }

    /** A part of one, as a person sees it. */
    static String percent(BigDecimal share) {
        return plain(share.movePointRight(2)) + " %";
    }

    private static String plain(BigDecimal value) {
        // 0.1 + 0.2 in a spreadsheet is stored with seventeen digits; twelve are what a person sees.
        return value.round(new MathContext(12)).stripTrailingZeros().toPlainString();
    }

    private static boolean isDate(Cell cell) {
        String format = cell.getDataFormatString();
        return format != null && format.replaceAll("\"[^\"]*\"|\\[[^]]*]", "").matches("(?i).*[dy].*");
    }

    private static String date(Cell cell) {
        LocalDateTime moment = cell.asDate();
        return moment == null ? "" : moment.toLocalDate().toString();
    }
}
