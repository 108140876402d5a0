package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.Set;
import zafu.server.platform.Refusal;

/** Files that are no list, but something else that is brought in elsewhere; who chose one is told where. */
final class OtherFiles {
    private static final String PACKAGE = "imsmanifest.xml";
    private static final String BUNDLE = "manifest.csv";

    private OtherFiles() {}

    static boolean isLookedAt(String part) {
        return part.equals(PACKAGE)
                || part.endsWith("/" + PACKAGE)
                || part.equals(BUNDLE)
                || part.endsWith("/" + BUNDLE);
    }

    /** @param parts of a zip that is no spreadsheet */
    static Refusal ofZip(Set<String> parts) {
        if (parts.stream().anyMatch(part -> part.endsWith(PACKAGE))) {
            return Refusal.unusable("file-is-package", inWords("exchange.this-is-a-package-of-questions-and"));
        }
        if (parts.stream().anyMatch(part -> part.endsWith(BUNDLE))) {
            return Refusal.unusable("file-is-bundle", inWords("exchange.this-is-a-oneroster-bundle-of-a"));
        }
        return DelimitedText.noTable(inWords("exchange.the-file-is-a-zip-but-neither-an"));
    }

    /** @throws Refusal where a text is an outline of skills */
    static void requireNoSkills(String text) {
        if (text.stripLeading().startsWith("{") && text.contains("\"CFItems\"")) {
            throw Refusal.unusable("file-is-skills", inWords("exchange.this-is-an-outline-of-skills-case"));
        }
    }
}
