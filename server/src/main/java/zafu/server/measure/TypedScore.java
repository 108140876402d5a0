package zafu.server.measure;

import static zafu.server.platform.Words.inWords;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Better;
import zafu.core.measure.DecimalMark;
import zafu.core.measure.LevelScale;
import zafu.core.measure.NumericScale;
import zafu.core.measure.OddScore;
import zafu.core.measure.ScoreText;

/**
 * What a person typed as a score of one measure, read by its scale.
 *
 * @param value absent for "not assessed" and where there is a fault
 * @param fault what is wrong, as the end of a sentence that begins with the text; absent where it can be kept
 */
public record TypedScore(@Nullable Double value, String typed, @Nullable String fault) {

    /** A score that stands alone: what is around it cannot say how it is written. */
    public static TypedScore read(String typed, Measures.MeasureCard measure) {
        return read(typed, measure, markIn(List.of(typed), measure));
    }

    /** @param mark of the decimals in the column in which it stands */
    public static TypedScore read(String typed, Measures.MeasureCard measure, DecimalMark mark) {
        return measure.levels().isEmpty() ? number(typed, measure, mark) : level(typed, measure);
    }

    /** How decimals are written in a column of scores of a measure. */
    public static DecimalMark markIn(Collection<String> column, Measures.MeasureCard measure) {
        return DecimalMark.of(column, value -> faultOf(value, measure).isEmpty());
    }

    /** A value that a person chose for what was typed. */
    public static TypedScore of(double value, String typed, Measures.MeasureCard measure) {
        return checked(value, typed, measure);
    }

    /** What is odd about a cell; empty for a plain value of the measure, and for what says that nothing was measured. */
    public static Optional<OddScore> odd(String typed, Measures.MeasureCard measure, DecimalMark mark) {
        if (!measure.levels().isEmpty()) {
            return level(typed, measure).fault() == null ? Optional.empty() : Optional.of(OddScore.words(typed));
        }
        boolean percent = isPercentOf(measure) && typed.strip().endsWith("%");
        return OddScore.of(percent ? typed.replace("%", "") : typed, scaleOf(measure), mark);
    }

    /** What an odd cell may be taken for. */
    public static List<OddScore.Meaning> meanings(OddScore cell, Measures.MeasureCard measure) {
        return cell.meanings(scaleOf(measure));
    }

    public static OptionalDouble valueAs(OddScore.Meaning meaning, OddScore cell, Measures.MeasureCard measure) {
        return cell.valueAs(meaning, scaleOf(measure));
    }

    private static NumericScale scaleOf(Measures.MeasureCard measure) {
        return new NumericScale(
                measure.lowest(), measure.highest(), measure.decimals(), Better.HIGHER, OptionalDouble.empty());
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
                inWords(
                        "measure.is-no-level-from-to",
                        "lowest",
                        measure.levels().get(0),
                        "highest",
                        measure.levels().get(measure.levels().size() - 1)));
    }

    private static TypedScore number(String typed, Measures.MeasureCard measure, DecimalMark mark) {
        if (isPercentOf(measure) && typed.strip().endsWith("%")) {
            TypedScore number = number(typed.replace("%", ""), measure, mark);
            return new TypedScore(number.value(), typed, number.fault());
        }
        ScoreText read = ScoreText.read(typed);
        if (read instanceof ScoreText.Unsure unsure) {
            OptionalDouble meant = mark.valueOf(unsure);
            return meant.isPresent()
                    ? checked(meant.getAsDouble(), typed, measure)
                    : new TypedScore(
                            null,
                            typed,
                            inWords(
                                    "measure.can-be-or-write-it-with-neither",
                                    "asThousands",
                                    shown(unsure.asThousands()),
                                    "asDecimal",
                                    shown(unsure.asDecimal())));
        }
        if (read instanceof ScoreText.Unreadable) {
            return new TypedScore(
                    null,
                    typed,
                    typed.contains("%")
                            ? inWords("measure.is-a-percentage-and-this-measure")
                            : inWords("measure.is-no-number"));
        }
        return read instanceof ScoreText.Score score
                ? checked(score.value(), typed, measure)
                : new TypedScore(null, typed, null);
    }

    /** A measure that goes to 100 takes "85 %" for 85. */
    private static boolean isPercentOf(Measures.MeasureCard measure) {
        return measure.highest() == 100;
    }

    private static TypedScore checked(double value, String typed, Measures.MeasureCard measure) {
        Optional<String> fault = faultOf(value, measure);
        return new TypedScore(fault.isPresent() ? null : value, typed, fault.orElse(null));
    }

    private static Optional<String> faultOf(double value, Measures.MeasureCard measure) {
        return switch (scaleOf(measure).check(value)) {
            case FITS -> Optional.empty();
            case OUT_OF_RANGE ->
                Optional.of(inWords(
                        "measure.is-outside-to",
                        "lowest",
                        shown(measure.lowest()),
                        "highest",
                        shown(measure.highest())));
            case TOO_MANY_DECIMALS ->
                Optional.of(
                        measure.decimals() == 0
                                ? inWords("measure.should-be-a-whole-number")
                                : inWords("measure.should-have-decimals-at-most", "decimals", measure.decimals()));
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
