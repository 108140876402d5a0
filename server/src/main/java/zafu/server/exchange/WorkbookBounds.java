package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.Map;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;

/**
 * Looks through a workbook before a library reads it, which makes room for every column up to the last one named: a cell
 * said to be at ZZZZZZ alone would take gigabytes.
 */
final class WorkbookBounds {
    private static final String SHARED = "xl/sharedStrings.xml";

    private WorkbookBounds() {}

    static boolean isLookedAt(String part) {
        return part.startsWith("xl/") && part.endsWith(".xml") || part.equals(HiddenColumns.RELATIONS);
    }

    /** @param parts all that {@link #isLookedAt} */
    static void require(Map<String, byte[]> parts) {
        if (parts.getOrDefault(SHARED, new byte[0]).length > Bounds.SHARED_TEXTS_BYTES) {
            throw refused(inWords("exchange.the-spreadsheet-holds-more-text"));
        }
        parts.forEach((name, xml) -> {
            if (name.startsWith("xl/worksheets/")) {
                requirePlaces(xml);
            }
        });
    }

    private static void requirePlaces(byte[] sheet) {
        try {
            XMLStreamReader xml = SpreadsheetXml.reader(sheet);
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT) {
                    switch (xml.getLocalName()) {
                        case "c" -> requirePlace(xml.getAttributeValue(null, "r"));
                        case "row" -> requireRow(xml.getAttributeValue(null, "r"));
                        default -> {
                            // Nothing else says where something stands.
                        }
                    }
                }
            }
        } catch (XMLStreamException damaged) {
            throw DelimitedText.noTable(inWords("exchange.the-spreadsheet-cannot-be-read-its"));
        }
    }

    private static void requirePlace(@Nullable String place) {
        if (place == null) {
            return;
        }
        long column = 0;
        int at = 0;
        while (at < place.length() && Character.isLetter(place.charAt(at)) && column <= Bounds.SPREADSHEET_COLUMNS) {
            column = column * 26 + (Character.toUpperCase(place.charAt(at)) - 'A' + 1);
            at++;
        }
        if (column > Bounds.SPREADSHEET_COLUMNS) {
            throw refused(inWords("exchange.the-spreadsheet-has-a-cell-at", "place", shortened(place)));
        }
        requireRow(place.substring(at));
    }

    private static void requireRow(@Nullable String row) {
        if (row != null
                && (row.length() > 7 || row.matches("\\d+") && Integer.parseInt(row) > Bounds.SPREADSHEET_ROWS)) {
            throw refused(inWords("exchange.the-spreadsheet-has-a-row-further", "row", shortened(row)));
        }
    }

    private static String shortened(String place) {
        return place.length() > 20 ? place.substring(0, 20) + "…" : place;
    }

    private static Refusal refused(String sentence) {
        return Refusal.unusable("file-not-safe", sentence);
    }
}
