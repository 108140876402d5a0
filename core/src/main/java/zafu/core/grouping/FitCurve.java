package zafu.core.grouping;

import java.util.Arrays;
import java.util.OptionalInt;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * How well the best split fits for each number of groups that the sizes admit, from 1 to 8, and the number we
 * suggest. Rule 2, fit and suggested k.
 *
 * @param fit number of groups to fit (0 to 1); only feasible numbers are keys
 * @param suggested the smallest feasible k ≥ 2 from which one step further raises the fit by less than 0.04;
 *     otherwise the largest feasible k; empty when none is feasible
 */
public record FitCurve(SortedMap<Integer, Double> fit, OptionalInt suggested) {
    public static final int MOST_GROUPS = 8;
    private static final double WORTH_ANOTHER_GROUP = 0.04;

    /**
     * @param values in any order, in the measure's unit
     */
    public static FitCurve of(double[] values, Sizes sizes) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        ExactSplit exact = new ExactSplit(sorted, sizes);
        SortedMap<Integer, Double> fit = new TreeMap<>();
        for (int k = 1; k <= MOST_GROUPS; k++) {
            int groups = k;
            exact.into(k).ifPresent(split -> fit.put(groups, exact.fitOf(split.cost())));
        }
        return new FitCurve(fit, suggestedFrom(fit));
    }

    private static OptionalInt suggestedFrom(SortedMap<Integer, Double> fit) {
        int candidate = 0;
        for (int k : fit.keySet()) {
            if (candidate >= 2 && fit.get(k) - fit.get(candidate) < WORTH_ANOTHER_GROUP) {
                return OptionalInt.of(candidate);
            }
            candidate = k;
        }
        return candidate == 0 ? OptionalInt.empty() : OptionalInt.of(candidate);
    }
}
