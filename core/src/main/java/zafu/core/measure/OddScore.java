package zafu.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A cell of a score column that is no plain value of its measure: "&lt;20", "3/4", "A+", 9999 on a scale to 1200. It is
 * never guessed; whoever brings the column chooses once what all its cells of this kind mean.
 *
 * @param number what stands in the cell as a value of the measure, where it can be one
 * @param share of a whole, 0 to 1, where the cell says one
 */
public record OddScore(Kind kind, String typed, OptionalDouble number, OptionalDouble share) {
    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)";
    private static final Pattern BELOW = Pattern.compile("(?:<|≤|<=|under|below)\\s*" + NUMBER);
    private static final Pattern ABOVE =
            Pattern.compile("(?:>|≥|>=|over|above)\\s*" + NUMBER + "|" + NUMBER + "\\s*\\+");
    private static final Pattern PART = Pattern.compile(NUMBER + "\\s*(?:/|of|out of)\\s*" + NUMBER);
    private static final Pattern PERCENT = Pattern.compile(NUMBER + "\\s*%");

    /** What about a cell is odd. */
    public enum Kind {
        /** Under what the test reports. */
        BELOW,
        /** Over what the test reports. */
        ABOVE,
        /** Three of four. */
        PART,
        /** A percentage, on a measure that does not go to 100. */
        PERCENT,
        /** A number that the measure cannot have. */
        OUTSIDE,
        /** A number with more decimals than the measure has. */
        FINER,
        /** A mark in a number that can stand before decimals or between thousands. */
        EITHER,
        /** Anything else. */
        WORDS
    }

    /** What the cells of a kind may be taken for. */
    public enum Meaning {
        /** Not assessed; what was typed is kept as the reason. */
        NOTED,
        /** As if nothing had been typed. */
        EMPTY,
        /** The number in the cell. */
        NUMBER,
        /** The share that the cell says, of the measure's highest value. */
        SHARE,
        THOUSANDS,
        DECIMALS
    }

    /**
     * @param mark of the decimals in the column
     * @return empty for a plain value, and for what says that nothing was measured
     */
    public static Optional<OddScore> of(String typed, NumericScale scale, DecimalMark mark) {
        ScoreText read = ScoreText.read(typed);
        if (read instanceof ScoreText.Score score) {
            return misfit(typed, score.value(), scale);
        }
        if (read instanceof ScoreText.Unsure unsure) {
            OptionalDouble meant = mark.valueOf(unsure);
            return meant.isPresent()
                    ? misfit(typed, meant.getAsDouble(), scale)
                    : Optional.of(plain(Kind.EITHER, typed));
        }
        return read instanceof ScoreText.NotAssessed ? Optional.empty() : Optional.of(inWords(typed, scale));
    }

    /** A cell of a measure of levels that names none of them. */
    public static OddScore words(String typed) {
        return plain(Kind.WORDS, typed);
    }

    private static OddScore plain(Kind kind, String typed) {
        return new OddScore(kind, typed, OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static Optional<OddScore> misfit(String typed, double value, NumericScale scale) {
        return switch (scale.check(value)) {
            case FITS -> Optional.empty();
            case OUT_OF_RANGE -> Optional.of(plain(Kind.OUTSIDE, typed));
            case TOO_MANY_DECIMALS ->
                Optional.of(
                        new OddScore(Kind.FINER, typed, fitting(rounded(value, scale), scale), OptionalDouble.empty()));
        };
    }

    private static OddScore inWords(String typed, NumericScale scale) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        Matcher below = BELOW.matcher(text);
        if (below.matches()) {
            return new OddScore(Kind.BELOW, typed, fitting(value(below.group(1)), scale), OptionalDouble.empty());
        }
        Matcher above = ABOVE.matcher(text);
        if (above.matches()) {
            String limit = above.group(1) == null ? above.group(2) : above.group(1);
            return new OddScore(Kind.ABOVE, typed, fitting(value(limit), scale), OptionalDouble.empty());
        }
        Matcher part = PART.matcher(text);
        if (part.matches() && value(part.group(2)) > 0 && value(part.group(1)) <= value(part.group(2))) {
            return new OddScore(
                    Kind.PART,
                    typed,
                    fitting(value(part.group(1)), scale),
                    OptionalDouble.of(value(part.group(1)) / value(part.group(2))));
        }
        Matcher percent = PERCENT.matcher(text);
        if (percent.matches() && value(percent.group(1)) <= 100) {
            double share = value(percent.group(1)) / 100;
            return new OddScore(Kind.PERCENT, typed, fitting(value(percent.group(1)), scale), OptionalDouble.of(share));
        }
        return plain(Kind.WORDS, typed);
    }

    private static double value(String number) {
        return Double.parseDouble(number.replace(',', '.'));
    }

    private static OptionalDouble fitting(double value, NumericScale scale) {
        return scale.check(value) == NumericScale.Fit.FITS ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    private static double rounded(double value, NumericScale scale) {
        double power = Math.pow(10, scale.decimals());
        return Math.rint(value * power) / power;
    }

    /** What this cell may be taken for; "not assessed" first, because it claims least. */
    public List<Meaning> meanings(NumericScale scale) {
        if (kind == Kind.EITHER) {
            return List.of(Meaning.THOUSANDS, Meaning.DECIMALS);
        }
        List<Meaning> meanings = new ArrayList<>(List.of(Meaning.NOTED));
        for (Meaning each : List.of(Meaning.NUMBER, Meaning.SHARE)) {
            if (valueAs(each, scale).isPresent()) {
                meanings.add(each);
            }
        }
        meanings.add(Meaning.EMPTY);
        return meanings;
    }

    private OptionalDouble eitherAs(Meaning meaning) {
        return ScoreText.read(typed) instanceof ScoreText.Unsure unsure
                ? OptionalDouble.of(meaning == Meaning.THOUSANDS ? unsure.asThousands() : unsure.asDecimal())
                : OptionalDouble.empty();
    }

    /** The value that a meaning gives; empty where it gives none. */
    public OptionalDouble valueAs(Meaning meaning, NumericScale scale) {
        if (meaning == Meaning.THOUSANDS || meaning == Meaning.DECIMALS) {
            return eitherAs(meaning);
        }
        if (meaning == Meaning.NUMBER) {
            return number;
        }
        return meaning == Meaning.SHARE && share.isPresent() && scale.lowest() == 0
                ? fitting(rounded(share.getAsDouble() * scale.highest(), scale), scale)
                : OptionalDouble.empty();
    }
}
