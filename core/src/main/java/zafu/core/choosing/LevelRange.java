package zafu.core.choosing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import zafu.core.grouping.GroupFigures;
import zafu.core.measure.NumericScale;

/**
 * The levels that suit a group on one measure. Rule 8: the median, give or take the larger of the group's standard
 * deviation and twice the measure's standard error (without one: 4 % of its range), rounded outward to a plain step and
 * kept within the scale.
 *
 * @param low in the measure's unit, as is {@code high}
 */
public record LevelRange(double low, double high) {
    private static final double SHARE_OF_RANGE = 0.04;

    /** @param values of the members that have one, in any order; empty gives no range */
    public static Optional<LevelRange> suggest(List<Double> values, NumericScale scale) {
        GroupFigures figures = GroupFigures.of(values.size(), values);
        if (figures.median().isEmpty()) {
            return Optional.empty();
        }
        double median = figures.median().getAsDouble();
        double reach = Math.max(figures.deviation().orElse(0), leastReach(scale));
        double step = step(scale);
        double low = Math.floor((median - reach) / step + 1e-9) * step;
        double high = Math.ceil((median + reach) / step - 1e-9) * step;
        return Optional.of(new LevelRange(Math.max(low, scale.lowest()), Math.min(high, scale.highest())));
    }

    private static double leastReach(NumericScale scale) {
        OptionalDouble error = scale.standardError();
        return error.isPresent() ? 2 * error.getAsDouble() : SHARE_OF_RANGE * (scale.highest() - scale.lowest());
    }

    /** A power of ten, about a hundredth of the range, and never finer than the scale's decimals. */
    public static double step(NumericScale scale) {
        double range = scale.highest() - scale.lowest();
        double plain = Math.pow(10, Math.floor(Math.log10(range / 100)));
        return Math.max(plain, Math.pow(10, -scale.decimals()));
    }

    /** Whether something for the levels {@code from} to {@code to} touches this range, ends included. */
    public boolean touches(double from, double to) {
        return from <= high && to >= low;
    }

    /** How far something for the levels {@code from} to {@code to} lies from this range; 0 where they touch. */
    public double distanceTo(double from, double to) {
        if (touches(from, to)) {
            return 0;
        }
        return from > high ? from - high : low - to;
    }

    double width() {
        return high - low;
    }
}
