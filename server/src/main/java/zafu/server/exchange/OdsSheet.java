package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.Bounds;

/** Reads the tables of an OpenDocument spreadsheet's content, in which cells and rows may be repeated. */
final class OdsSheet {
    private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    private static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
    private final XMLStreamReader xml;
    private RowsRead read = new RowsRead();
    private int number = 1;
    private int columns;
    private Set<Integer> hiddenColumns = new TreeSet<>();

    private OdsSheet(XMLStreamReader xml) {
        this.xml = xml;
    }

    static Map<String, Sheet.Table> tables(byte[] content) {
        try {
            OdsSheet sheet = new OdsSheet(SpreadsheetXml.reader(content));
            return sheet.readTables();
        } catch (XMLStreamException damaged) {
            throw DelimitedText.noTable(inWords("exchange.the-spreadsheet-cannot-be-read-its"));
        }
    }

    private Map<String, Sheet.Table> readTables() throws XMLStreamException {
        Map<String, Sheet.Table> tables = new LinkedHashMap<>();
        String name = "";
        while (xml.hasNext() && tables.size() < Bounds.TABLES_OF_A_BOOK) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT && is(TABLE, "table")) {
                String called = xml.getAttributeValue(TABLE, "name");
                name = called == null ? inWords("exchange.table", "number", (tables.size() + 1)) : called;
                read = new RowsRead(read);
                number = 1;
                columns = 0;
                hiddenColumns = new TreeSet<>();
            } else if (event == XMLStreamConstants.START_ELEMENT && is(TABLE, "table-column")) {
                countColumns();
            } else if (event == XMLStreamConstants.START_ELEMENT && is(TABLE, "table-row")) {
                readRow();
            } else if (event == XMLStreamConstants.END_ELEMENT && is(TABLE, "table")) {
                tables.put(name, new Sheet.Table(read.rows(), hiddenColumns));
            }
        }
        return tables;
    }

    private void countColumns() {
        int times = repeated("number-columns-repeated");
        for (int i = 0; isHidden() && i < times && columns + i <= Bounds.TABLE_COLUMNS; i++) {
            hiddenColumns.add(columns + i);
        }
        columns += times;
    }

    private boolean isHidden() {
        String shown = xml.getAttributeValue(TABLE, "visibility");
        return shown != null && !shown.equals("visible");
    }

    private void readRow() throws XMLStreamException {
        boolean hidden = isHidden();
        int repeated = repeated("number-rows-repeated");
        List<String> cells = new ArrayList<>();
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT
                    && (is(TABLE, "table-cell") || is(TABLE, "covered-table-cell"))) {
                int times = repeated("number-columns-repeated");
                String text = readCell();
                for (int i = 0; i < times && cells.size() <= Bounds.TABLE_COLUMNS; i++) {
                    cells.add(text);
                }
            } else if (event == XMLStreamConstants.END_ELEMENT && is(TABLE, "table-row")) {
                break;
            }
        }
        while (!cells.isEmpty() && cells.get(cells.size() - 1).isEmpty()) {
            cells.remove(cells.size() - 1);
        }
        add(new Sheet.Row(number, List.copyOf(cells), hidden), repeated);
    }

    /** Sheets end in a million repeated blank rows, which are counted and not kept. */
    private void add(Sheet.Row row, int times) {
        for (int i = 0; !row.isBlank() && i < times; i++) {
            read.add(new Sheet.Row(number + i, row.cells(), row.hidden()));
        }
        number += times;
    }

    private String readCell() throws XMLStreamException {
        String type = attribute("value-type");
        String date = attribute("date-value");
        String value = attribute("value");
        String shown = readText();
        if ("date".equals(type) && date != null) {
            return date.length() > 10 ? date.substring(0, 10) : date;
        }
        if ("percentage".equals(type) && value != null && value.matches("[+-]?\\d+(\\.\\d+)?")) {
            return Workbooks.percent(new BigDecimal(value));
        }
        return "float".equals(type) && value != null ? value : shown;
    }

    private String readText() throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        int depth = 1;
        while (depth > 0 && xml.hasNext()) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    depth++;
                    if (is(TEXT, "s")) {
                        text.append(' ');
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    depth--;
                    if (is(TEXT, "p")) {
                        text.append(' ');
                    }
                }
                case XMLStreamConstants.CHARACTERS -> text.append(xml.getText());
                default -> {
                    // Comments and the like say nothing.
                }
            }
        }
        return DelimitedText.plain(text.toString());
    }

    private boolean is(String namespace, String name) {
        return name.equals(xml.getLocalName()) && namespace.equals(xml.getNamespaceURI());
    }

    private @Nullable String attribute(String name) {
        return xml.getAttributeValue(OFFICE, name);
    }

    private int repeated(String name) {
        String times = xml.getAttributeValue(TABLE, name);
        return times == null || !times.matches("\\d{1,7}") ? 1 : Integer.parseInt(times);
    }
}
