package zafu.server.measure;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.LevelScale;
import zafu.core.measure.NumericScale;
import zafu.core.measure.ScoreText;

/**
 * What a person typed as a score of one measure, read by its scale.
 *
 * @param value absent for "not assessed" and where there is a fault
 * @param fault what is wrong, as the end of a sentence that begins with the text; absent where it can be kept
 */
public record TypedScore(@Nullable Double value, String typed, @Nullable String fault) {

    public static TypedScore read(String typed, Measures.MeasureCard measure) {
        return measure.levels().isEmpty() ? number(typed, measure) : level(typed, measure);
    }

    public boolean isNotAssessed() {
        return value == null && fault == null;
    }

    private static TypedScore level(String typed, Measures.MeasureCard measure) {
        LevelScale scale = new LevelScale(measure.levels());
        OptionalInt place = scale.placeOf(typed);
        if (place.isPresent()) {
            return new TypedScore((double) place.getAsInt(), typed, null);
        }
        if (ScoreText.read(typed) instanceof ScoreText.NotAssessed) {
            return new TypedScore(null, typed, null);
        }
        return new TypedScore(
                null,
                typed,
                "is no level from " + measure.levels().get(0) + " to "
                        + measure.levels().get(measure.levels().size() - 1));
    }

    private static TypedScore number(String typed, Measures.MeasureCard measure) {
        ScoreText read = ScoreText.read(typed);
        if (read instanceof ScoreText.Unreadable) {
            return new TypedScore(null, typed, "is no number");
        }
        if (read instanceof ScoreText.Score score) {
            Optional<String> fault = faultOf(score.value(), measure);
            return new TypedScore(fault.isPresent() ? null : score.value(), typed, fault.orElse(null));
        }
        return new TypedScore(null, typed, null);
    }

    private static Optional<String> faultOf(double value, Measures.MeasureCard measure) {
        NumericScale scale = new NumericScale(
                measure.lowest(), measure.highest(), measure.decimals(), false, OptionalDouble.empty());
        return switch (scale.check(value)) {
            case FITS -> Optional.empty();
            case OUT_OF_RANGE ->
                Optional.of("is outside " + shown(measure.lowest()) + " to " + shown(measure.highest()));
            case TOO_MANY_DECIMALS ->
                Optional.of(
                        measure.decimals() == 0
                                ? "should be a whole number"
                                : "should have " + measure.decimals() + " decimals at most");
        };
    }

    /** A value as a teacher would write it: a level by its name, a number without needless zeros. */
    public static String shown(double value, Measures.MeasureCard measure) {
        boolean isLevel = !measure.levels().isEmpty() && value == Math.rint(value);
        return isLevel ? measure.levels().get((int) value) : shown(value);
    }

    private static String shown(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
