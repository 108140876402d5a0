package zafu.core.measure;

import java.util.OptionalDouble;

/**
 * The scale of a numeric measure. Rule 1.
 *
 * @param lowest smallest value that can occur
 * @param highest largest value that can occur, above {@code lowest}
 * @param decimals how many digits after the point a value may have, from 0
 * @param standardError standard error of measurement in the measure's unit, if known
 */
public record NumericScale(double lowest, double highest, int decimals, Better better, OptionalDouble standardError) {
    public NumericScale {
        if (!(lowest < highest)) {
            throw new IllegalArgumentException("lowest " + lowest + " does not lie below highest " + highest);
        }
        if (decimals < 0) {
            throw new IllegalArgumentException("decimals " + decimals + " is negative");
        }
    }

    /** Whether a value may be noted on this scale. */
    public Fit check(double value) {
        if (value < lowest || value > highest) {
            return Fit.OUT_OF_RANGE;
        }
        double shifted = value * Math.pow(10, decimals);
        return Math.abs(shifted - Math.rint(shifted)) < 1e-6 ? Fit.FITS : Fit.TOO_MANY_DECIMALS;
    }

    /** What {@link #check} found. */
    public enum Fit {
        FITS,
        OUT_OF_RANGE,
        TOO_MANY_DECIMALS
    }
}
