package zafu.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A language of nobody: English with accents, and longer by about two fifths, put in place of the English catalogues on
 * their way to a browser. What has no accent then was said by no catalogue; it must have come from the server.
 */
final class PseudoLanguage {
    private static final String CATALOGUES = "**/assets/*-en-*.js";
    private static final Pattern TEXT = Pattern.compile("`((?:[^`\\\\]|\\\\.)*)`");
    /** How a day is written; to be read by a program. */
    private static final Pattern DAY = Pattern.compile("[dDMYHhmA :.,/·–-]+");

    private static final Map<Character, String> LONGER = Map.of(
            'a', "àà", 'e', "éé", 'i', "îî", 'o', "öö", 'u', "ùù", 'A', "ÀÀ", 'E', "ÉÉ", 'I', "ÎÎ", 'O', "ÖÖ", 'U',
            "ÙÙ");

    private static final Pattern WORD = Pattern.compile("\\p{L}{3,}");
    private static final Pattern ACCENT = Pattern.compile("[àéîöùÀÉÎÖÙ]");

    /** Words that the browser makes of days and languages, that a language calls itself, that stand on keys, or are a name. */
    private static final Set<String> OTHERS = Set.of(
            "zafu",
            "pdf",
            "enter",
            "shift",
            "ctrl",
            "tab",
            "french",
            "spanish",
            "arabic",
            "english",
            "français",
            "español",
            "العربية",
            "简体中文",
            "jan",
            "feb",
            "mar",
            "apr",
            "may",
            "jun",
            "jul",
            "aug",
            "sep",
            "oct",
            "nov",
            "dec",
            "january",
            "february",
            "march",
            "april",
            "june",
            "july",
            "august",
            "september",
            "october",
            "november",
            "december",
            "mon",
            "tue",
            "wed",
            "thu",
            "fri",
            "sat",
            "sun",
            "monday",
            "tuesday",
            "wednesday",
            "thursday",
            "friday",
            "saturday",
            "sunday");

    /** Every text that somebody can see or hear, and what of our own words is cut off on the page, or lies beside it. */
    private static final String SAID =
            """
            () => {
              const said = [];
              const seen = (element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
              const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
              for (let node = walk.nextNode(); node; node = walk.nextNode()) {
                const parent = node.parentElement;
                if (parent && !["SCRIPT", "STYLE"].includes(parent.tagName) && seen(parent)) said.push(node.data);
              }
              for (const element of document.querySelectorAll("[aria-label], [placeholder], [title], [alt]")) {
                if (!seen(element)) continue;
                for (const name of ["aria-label", "placeholder", "title", "alt"]) said.push(element.getAttribute(name) ?? "");
              }
              return said;
            }
            """;

    private static final String CUT =
            """
            () => {
              const cut = [];
              for (const element of document.querySelectorAll("body *")) {
                const own = [...element.childNodes].filter((each) => each.nodeType === 3).map((each) => each.data).join("");
                if (!/[àéîöùÀÉÎÖÙ]/.test(own) || !element.checkVisibility({ visibilityProperty: true })) continue;
                const style = getComputedStyle(element);
                const hidden = (overflow) => overflow === "hidden" || overflow === "clip";
                const box = element.getBoundingClientRect();
                // What only a screen reader is to say is a dot on the page.
                if (box.width <= 1 || box.height <= 1) continue;
                // What is said whole elsewhere may be short here.
                if (element.closest("[title], [aria-label]:not(main, section, nav, form)")) continue;
                if (hidden(style.overflowX) && element.scrollWidth > element.clientWidth + 1) cut.push("cut: " + own);
                if (hidden(style.overflowY) && element.scrollHeight > element.clientHeight + 2) cut.push("cut below: " + own);
              }
              return cut;
            }
            """;

    private final Set<String> told = new HashSet<>(OTHERS);

    PseudoLanguage(BrowserContext context) {
        context.route(CATALOGUES, PseudoLanguage::translate);
        context.route("**/api/**", this::listen);
    }

    /** What stands on the page that neither a catalogue nor the server said. */
    List<String> ofNobody(Page page) {
        return texts(page, SAID).stream()
                .filter(text -> !ACCENT.matcher(text).find())
                .filter(text -> WORD.matcher(text)
                        .results()
                        .map(found -> found.group().toLowerCase(Locale.ROOT))
                        .anyMatch(word -> !told.contains(word)))
                .distinct()
                .toList();
    }

    /** What of our own words cannot be read to its end. */
    List<String> cutOff(Page page) {
        return texts(page, CUT).stream().distinct().toList();
    }

    private static List<String> texts(Page page, String script) {
        return ((List<?>) page.evaluate(script)).stream().map(String::valueOf).toList();
    }

    /** Words that the server says are its own affair, and data are anybody's. */
    private void listen(Route route) {
        boolean asked = route.request().method().equals("GET")
                && !route.request().resourceType().equals("eventsource");
        if (!asked) {
            route.resume();
            return;
        }
        APIResponse answer = route.fetch();
        if (answer.headers().getOrDefault("content-type", "").contains("json")) {
            WORD.matcher(answer.text())
                    .results()
                    .forEach(found -> told.add(found.group().toLowerCase(Locale.ROOT)));
        }
        route.fulfill(new Route.FulfillOptions().setResponse(answer));
    }

    private static void translate(Route route) {
        APIResponse answer = route.fetch();
        String body = TEXT.matcher(answer.text()).replaceAll(found -> Matcher.quoteReplacement(said(found)));
        route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(body));
    }

    private static String said(MatchResult found) {
        String text = found.group(1);
        return "`" + (DAY.matcher(text).matches() ? text : longer(text)) + "`";
    }

    /** The texts of a message, not its arguments: those stand one brace deep, their own texts two. */
    static String longer(String message) {
        StringBuilder longer = new StringBuilder();
        int depth = 0;
        for (int i = 0; i < message.length(); i++) {
            char each = message.charAt(i);
            if (each == '\\') {
                int end = i + (message.charAt(i + 1) == 'x' ? 4 : message.charAt(i + 1) == 'u' ? 6 : 2);
                longer.append(message, i, end);
                i = end - 1;
                continue;
            }
            depth += each == '{' ? 1 : each == '}' ? -1 : 0;
            longer.append(depth % 2 == 0 ? LONGER.getOrDefault(each, String.valueOf(each)) : String.valueOf(each));
        }
        return longer.toString();
    }
}
