package zafu.core.measure;

import java.util.List;

/**
 * The cut scores of a measure for one grade and season, in ascending order, in the measure's unit.
 *
 * @param scores strictly ascending; empty means one single band
 * @param better lower for scales such as seconds
 */
public record Cuts(List<Double> scores, Better better) {
    public Cuts {
        scores = List.copyOf(scores);
        for (int i = 1; i < scores.size(); i++) {
            if (scores.get(i) <= scores.get(i - 1)) {
                throw new IllegalArgumentException(
                        "cut " + scores.get(i) + " does not lie above cut " + scores.get(i - 1) + ": cuts ascend");
            }
        }
    }

    /**
     * The band of a value, 0 for the weakest: the number of cuts that the value reaches. On a
     * lower-is-better measure a cut is reached from above. Rule 1, bands.
     */
    public int bandOf(double value) {
        return (int) scores.stream().filter(cut -> better.reaches(value, cut)).count();
    }
}
