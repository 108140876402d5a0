package zafu.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * What goes wrong in a browser while a test uses it: errors in the console, uncaught errors, requests that fail, and the
 * page of mishap. The one place that decides what fails a test; what the test means to go wrong it says beforehand.
 */
final class Troubles {
    /** A page that is left, or a question that is asked anew, gives up what it was waiting for. */
    private static final String GIVEN_UP = "net::ERR_ABORTED";

    /**
     * What a person does may be refused: it is the test that does it, and the page says why. What a page asks for by itself
     * may not.
     */
    private static final Pattern REFUSED = Pattern.compile("4\\d\\d (POST|PUT|DELETE) .*");

    private static final String SEEN_AS_REQUEST = "Failed to load resource";

    /** The page of mishap says what it shows, whoever catches it. */
    private static final String WATCH_FOR_MISHAP =
            """
            new MutationObserver(() => document.querySelectorAll("[data-mishap]:not([data-seen])").forEach((each) => {
              each.setAttribute("data-seen", "");
              console.error("page of mishap: " + each.textContent);
            })).observe(document, { childList: true, subtree: true });
            """;

    private final List<String> found = new ArrayList<>();
    private final List<String> meant = new ArrayList<>();

    Troubles(BrowserContext context) {
        context.addInitScript(WATCH_FOR_MISHAP);
        context.onWebError(error -> note("uncaught: " + error.error()));
        context.onConsoleMessage(this::on);
        context.onRequestFailed(this::failed);
        context.onResponse(this::answered);
    }

    /** From now on what contains one of these is meant to go wrong, such as {@code "409 PUT"} or a part of an address. */
    void mean(String... parts) {
        meant.addAll(List.of(parts));
    }

    /** What went wrong and was not meant. */
    List<String> found() {
        return List.copyOf(found);
    }

    private void on(ConsoleMessage message) {
        if (message.type().equals("error") && !message.text().startsWith(SEEN_AS_REQUEST)) {
            note("console: " + message.text());
        }
    }

    private void failed(Request request) {
        if (!GIVEN_UP.equals(request.failure())) {
            note(request.failure() + " " + request.method() + " " + request.url());
        }
    }

    private void answered(Response response) {
        if (response.url().endsWith("/api/sign-out")) {
            // What was asked while somebody signs out is answered that nobody is signed in.
            meant.add("401 GET");
        }
        if (response.status() >= 400) {
            note(response.status() + " " + response.request().method() + " " + response.url());
        }
    }

    private void note(String what) {
        if (!REFUSED.matcher(what).matches() && meant.stream().noneMatch(what::contains)) {
            found.add(what);
        }
    }
}
