package zafu.server.qti;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** The two versions that are written. The names within are those of 2.1; 3.0 writes the same things in another manner. */
enum QtiVersion {
    V2_1("http://www.imsglobal.org/xsd/imsqti_v2p1", "imsqti_item_xmlv2p1", "imsqti_test_xmlv2p1", "QTIv2.1 Package"),
    V3_0("http://www.imsglobal.org/xsd/imsqtiasi_v3p0", "imsqti_item_xmlv3p0", "imsqti_test_xmlv3p0", "QTI Package");

    /** Elements that are HTML in both versions. */
    private static final Set<String> HTML = Set.of("p", "div", "span", "br", "em", "strong", "img");

    private static final Pattern CAPITAL = Pattern.compile("([A-Z])");

    final String namespace;
    final String itemType;
    final String testType;
    final String schema;

    QtiVersion(String namespace, String itemType, String testType, String schema) {
        this.namespace = namespace;
        this.itemType = itemType;
        this.testType = testType;
        this.schema = schema;
    }

    String elementName(String name) {
        return this == V2_1 || HTML.contains(name) ? name : "qti-" + kebab(name);
    }

    String attributeName(String name) {
        return this == V2_1 || name.startsWith("xml") ? name : kebab(name);
    }

    private static String kebab(String name) {
        return CAPITAL.matcher(name).replaceAll("-$1").toLowerCase(Locale.ROOT);
    }
}
