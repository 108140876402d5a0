package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.SheetVisibility;
import zafu.server.platform.Bounds;
import zafu.server.platform.ZipGuard;

/** The sheets of a spreadsheet file, .xlsx or .ods, as the texts that a person would type. */
final class Workbooks {
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,300}(\\.\\d{1,300})?([eE][+-]?\\d{1,3})?");

    private Workbooks() {}

    /**
     * What a spreadsheet file holds.
     *
     * @param tables rows by name of the sheet, in their order
     * @param hidden names of sheets that a person does not see, which are not looked at
     */
    record Book(Map<String, Sheet.Table> tables, List<String> hidden) {}

    static Book read(byte[] bytes) {
        Map<String, byte[]> parts = ZipGuard.unpack(
                bytes,
                name -> name.equals("content.xml") || WorkbookBounds.isLookedAt(name) || OtherFiles.isLookedAt(name));
        if (parts.containsKey("xl/workbook.xml")) {
            WorkbookBounds.require(parts);
            return xlsx(bytes, HiddenColumns.bySheet(parts));
        }
        if (parts.containsKey("content.xml")) {
            return new Book(OdsSheet.tables(parts.get("content.xml")), List.of());
        }
        throw OtherFiles.ofZip(parts.keySet());
    }

    private static Book xlsx(byte[] bytes, Map<String, Set<Integer>> hiddenColumns) {
        // With formats, dates can be told from numbers; a cell with an error is read as empty.
        ReadingOptions options = new ReadingOptions(true, false);
        try (ReadableWorkbook workbook =
                fromLibrary(() -> new ReadableWorkbook(new ByteArrayInputStream(bytes), options))) {
            Map<String, Sheet.Table> tables = new LinkedHashMap<>();
            RowsRead read = new RowsRead();
            List<String> hidden = new ArrayList<>();
            List<org.dhatim.fastexcel.reader.Sheet> sheets = fromLibrary(
                    () -> workbook.getSheets().limit(Bounds.TABLES_OF_A_BOOK).toList());
            for (org.dhatim.fastexcel.reader.Sheet sheet : sheets) {
                if (sheet.getVisibility() != SheetVisibility.VISIBLE) {
                    hidden.add(sheet.getName());
                    continue;
                }
                read = new RowsRead(read);
                addRows(sheet, read);
                tables.put(
                        sheet.getName(),
                        new Sheet.Table(read.rows(), hiddenColumns.getOrDefault(sheet.getId(), Set.of())));
            }
            return new Book(tables, hidden);
        } catch (IOException unclosed) {
            throw new UncheckedIOException(unclosed);
        }
    }

    private static void addRows(org.dhatim.fastexcel.reader.Sheet sheet, RowsRead read) {
        try (Stream<Row> rows = fromLibrary(sheet::openStream)) {
            Iterator<Row> each = rows.iterator();
            while (fromLibrary(each::hasNext)) {
                Row row = fromLibrary(each::next);
                read.add(new Sheet.Row(row.getRowNum(), cells(row), row.isHidden()));
            }
        }
    }

    /** What the library cannot read is damaged; a fault of our own is not, and is not called so. */
    private static <T> T fromLibrary(Callable<T> reading) {
        try {
            return reading.call();
        } catch (Exception damaged) {
            throw DelimitedText.noTable(inWords("exchange.the-spreadsheet-cannot-be-read-its"));
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
                && NUMBER.matcher(cell.getRawValue()).matches();
    }

    /** A cell that shows 85 % holds 0.85. */
    private static String number(Cell cell) {
        if (cell.getRawValue() == null || !NUMBER.matcher(cell.getRawValue()).matches()) {
            return cell.getRawValue() == null ? "" : cell.getRawValue();
        }
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
        LocalDateTime moment = fromLibrary(cell::asDate);
        return moment == null ? "" : moment.toLocalDate().toString();
    }
}
