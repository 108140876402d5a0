package zafu.server.exchange;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.Bounds;

/** Which columns an .xlsx workbook does not show, which the library that reads it does not tell. */
final class HiddenColumns {
    static final String RELATIONS = "xl/_rels/workbook.xml.rels";

    private HiddenColumns() {}

    /** Places of hidden columns, from 0, by the id under which the workbook names a sheet. */
    static Map<String, Set<Integer>> bySheet(Map<String, byte[]> parts) {
        Map<String, Set<Integer>> found = new LinkedHashMap<>();
        partById(parts.getOrDefault(RELATIONS, new byte[0])).forEach((id, part) -> {
            byte[] sheet = parts.get(part);
            if (sheet != null && part.startsWith("xl/worksheets/")) {
                found.put(id, hiddenIn(sheet));
            }
        });
        return found;
    }

    private static Map<String, String> partById(byte[] relations) {
        Map<String, String> parts = new HashMap<>();
        eachElement(relations, "Relationship", "none", xml -> {
            String target = xml.getAttributeValue(null, "Target");
            String id = xml.getAttributeValue(null, "Id");
            if (target != null && id != null) {
                parts.put(id, target.startsWith("/") ? target.substring(1) : "xl/" + target);
            }
        });
        return parts;
    }

    private static Set<Integer> hiddenIn(byte[] sheet) {
        Set<Integer> hidden = new TreeSet<>();
        eachElement(sheet, "col", "sheetData", xml -> {
            String said = xml.getAttributeValue(null, "hidden");
            if ("1".equals(said) || "true".equals(said)) {
                int last = Math.min(place(xml.getAttributeValue(null, "max")), Bounds.TABLE_COLUMNS);
                for (int column = place(xml.getAttributeValue(null, "min")); column <= last; column++) {
                    hidden.add(column - 1);
                }
            }
        });
        return hidden;
    }

    private static int place(@Nullable String said) {
        return said != null && said.matches("\\d{1,6}") ? Math.max(1, Integer.parseInt(said)) : Bounds.TABLE_COLUMNS;
    }

    /** @param before the element before which all of them stand */
    private static void eachElement(byte[] xml, String name, String before, Consumer<XMLStreamReader> visit) {
        try {
            XMLStreamReader reader = SpreadsheetXml.reader(xml);
            while (reader.hasNext()) {
                if (reader.next() == XMLStreamConstants.START_ELEMENT) {
                    if (reader.getLocalName().equals(before)) {
                        return;
                    }
                    if (reader.getLocalName().equals(name)) {
                        visit.accept(reader);
                    }
                }
            }
        } catch (XMLStreamException damaged) {
            // The library reads the same part next, and says what is wrong with it.
        }
    }
}
