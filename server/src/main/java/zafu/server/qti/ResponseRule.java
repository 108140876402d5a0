package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.w3c.dom.Element;

/**
 * A response declaration: what is right, and what each part earns.
 *
 * @param correct values that are right, in their order
 * @param mapped points by value; empty without a mapping
 */
record ResponseRule(
        String identifier,
        String cardinality,
        String baseType,
        List<String> correct,
        Map<String, BigDecimal> mapped,
        boolean caseSensitive,
        BigDecimal otherwise) {

    static ResponseRule of(Element declaration) {
        List<String> correct = new ArrayList<>();
        Xml.child(declaration, "correctResponse")
                .ifPresent(found -> Xml.children(found, "value").forEach(value -> correct.add(Xml.text(value))));
        Map<String, BigDecimal> mapped = new LinkedHashMap<>();
        boolean caseSensitive = false;
        BigDecimal otherwise = BigDecimal.ZERO;
        Element mapping = Xml.child(declaration, "mapping").orElse(null);
        if (mapping != null) {
            otherwise = number(Xml.attribute(mapping, "defaultValue"), BigDecimal.ZERO);
            for (Element entry : Xml.children(mapping, "mapEntry")) {
                mapped.put(
                        Xml.attribute(entry, "mapKey"), number(Xml.attribute(entry, "mappedValue"), BigDecimal.ZERO));
                // Unsaid means sensitive in the standard.
                caseSensitive |= !"false".equals(Xml.attribute(entry, "caseSensitive"));
            }
        }
        return new ResponseRule(
                Xml.attribute(declaration, "identifier"),
                Xml.attribute(declaration, "cardinality"),
                Xml.attribute(declaration, "baseType"),
                correct,
                mapped,
                caseSensitive,
                otherwise);
    }

    private static BigDecimal number(String text, BigDecimal otherwise) {
        try {
            return text.isBlank() ? otherwise : new BigDecimal(text.strip());
        } catch (NumberFormatException broken) {
            throw new CannotTake(inWords("qti.its-points-are-no-number", "text", text));
        }
    }

    /** Values that earn something. */
    List<String> earning() {
        return mapped.entrySet().stream()
                .filter(each -> each.getValue().signum() > 0)
                .map(Map.Entry::getKey)
                .toList();
    }
}
