package zafu.server.oneroster;

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
            throw Refusal.tooLarge("The bundle has more than " + Bounds.BUNDLE_LINES
                    + " lines in all. Import it in parts, a school or a term at a time.");
        }
    }

    /** @param sentence that names file, row and column */
    void fault(String sentence) {
        faults.add(sentence);
        if (faults.size() > MOST_FAULTS) {
            throw Refusal.unusable(
                    "bundle-faults",
                    "More than " + MOST_FAULTS + " lines of the bundle cannot be used. The first: " + faults.get(0));
        }
    }

    List<String> faults() {
        return faults;
    }
}
