package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.List;

/** No violation that axe can find, on any screen. */
final class Accessibility {
    private static final List<String> WCAG_22_AA = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private Accessibility() {}

    static void check(Page page) {
        // A message that fades in has no settled colours yet.
        page.evaluate("() => Promise.all(document.getAnimations().map(each => each.finished.catch(() => null)))");
        List<String> violations = new AxeBuilder(page)
                .withTags(WCAG_22_AA).analyze().getViolations().stream()
                        .map(rule -> rule.getId() + ": "
                                + rule.getNodes().stream()
                                        .map(node -> node.getHtml() + " " + node.getFailureSummary())
                                        .toList())
                        .toList();
        assertThat(violations).as(page.url()).isEmpty();
    }
}
