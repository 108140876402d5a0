package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;

/** Counts the lines of a bundle while they are read, and gathers what is wrong with some of them. */
final class LinesRead {
    private static final int MOST_FAULTS = 10_000;
    private final List<String> faults = new ArrayList<>();
    private int lines;

    void one() {
        if (++lines > Bounds.BUNDLE_LINES) {
            throw Refusal.tooLarge(inWords("oneroster.the-bundle-has-more-than-lines-in", "most", Bounds.BUNDLE_LINES));
        }
    }

    /** @param sentence that names file, row and column */
    void fault(String sentence) {
        faults.add(sentence);
        if (faults.size() > MOST_FAULTS) {
            throw Refusal.unusable(
                    "bundle-faults",
                    inWords("oneroster.more-than-lines-of-the-bundle", "most", MOST_FAULTS, "first", faults.get(0)));
        }
    }

    List<String> faults() {
        return faults;
    }
}
