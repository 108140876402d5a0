package zafu.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** How smoothly a page moves, by the browser's own trace. */
final class Frames {
    /** Frames only: a profiler that starts and stops stands still for longer than any frame. */
    private static final List<String> TRACED = List.of(
            "-*",
            "devtools.timeline",
            "devtools.timeline.frame",
            "disabled-by-default-devtools.timeline",
            "disabled-by-default-devtools.timeline.frame");

    private Frames() {}

    /** Milliseconds from one frame drawn to the next, at most, while something is done. */
    static double longestGap(Page page, Runnable done) {
        Browser browser = page.context().browser();
        browser.startTracing(page, new Browser.StartTracingOptions().setCategories(TRACED));
        done.run();
        return between(browser.stopTracing());
    }

    private static double between(byte[] trace) {
        JsonNode events = new JsonMapper()
                .readTree(new String(trace, StandardCharsets.UTF_8))
                .get("traceEvents");
        List<Long> frames = new ArrayList<>();
        for (JsonNode event : events) {
            if (event.get("name").asString().equals("DrawFrame")) {
                frames.add(event.get("ts").asLong());
            }
        }
        if (frames.size() < 2) {
            throw new IllegalStateException("the trace holds no frames");
        }
        Collections.sort(frames);
        long longest = 0;
        for (int i = 1; i < frames.size(); i++) {
            longest = Math.max(longest, frames.get(i) - frames.get(i - 1));
        }
        return longest / 1000.0;
    }
}
