package zafu.core.measure;

import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoublePredicate;
import java.util.regex.Pattern;

/**
 * Which mark stands before the decimals in the numbers of one column; the other one, then, stands between thousands.
 * "1,110" by itself can be either, and is never guessed: the column's other numbers decide, then what the measure can be.
 */
public enum DecimalMark {
    COMMA,
    POINT,
    /** Nothing in the column says; whoever brought it must. */
    UNSURE;

    private static final Pattern COMMA_DECIMAL = Pattern.compile(
            "[+-]?(\\d*,\\d{1,2}|\\d*,\\d{4,}|0,\\d+|\\d{4,},\\d+|\\d{1,3}(\\.\\d{3})+,\\d+|\\d{1,3}(\\.\\d{3}){2,})");
    private static final Pattern POINT_DECIMAL = Pattern.compile(
            "[+-]?(\\d*\\.\\d{1,2}|\\d*\\.\\d{4,}|0\\.\\d+|\\d{4,}\\.\\d+|\\d{1,3}(,\\d{3})+\\.\\d+|\\d{1,3}(,\\d{3}){2,})");
    private static final Pattern WHOLE = Pattern.compile("[+-]?\\d{3,}");

    /** How many times larger than the column's whole numbers one with a mark may be, read with thousands, to be of their kind. */
    private static final double SAME_KIND = 20;

    /**
     * @param cells of the column, as typed
     * @param fits whether the measure can have a value
     */
    public static DecimalMark of(Collection<String> cells, DoublePredicate fits) {
        List<String> numbers = cells.stream().map(ScoreText::tidy).toList();
        boolean comma =
                numbers.stream().anyMatch(each -> COMMA_DECIMAL.matcher(each).matches());
        boolean point =
                numbers.stream().anyMatch(each -> POINT_DECIMAL.matcher(each).matches());
        if (comma != point) {
            return comma ? COMMA : POINT;
        }
        List<ScoreText.Unsure> unsure = cells.stream()
                .map(ScoreText::read)
                .filter(ScoreText.Unsure.class::isInstance)
                .map(ScoreText.Unsure.class::cast)
                .toList();
        if (comma || unsure.isEmpty() || !haveOneMark(unsure)) {
            return UNSURE;
        }
        boolean asDecimals = unsure.stream().allMatch(each -> fits.test(each.asDecimal()));
        boolean asThousands = unsure.stream().allMatch(each -> fits.test(each.asThousands()));
        if (asDecimals != asThousands) {
            return asThousands ? unsure.get(0).markOfThousands() : unsure.get(0).markOfDecimals();
        }
        return areOfOneKind(unsure, numbers) ? unsure.get(0).markOfThousands() : UNSURE;
    }

    private static boolean haveOneMark(List<ScoreText.Unsure> unsure) {
        return unsure.stream().map(ScoreText.Unsure::markOfDecimals).distinct().count() == 1;
    }

    /** 1,110 beside 980: with thousands they are numbers of one kind, with decimals they are not. */
    private static boolean areOfOneKind(List<ScoreText.Unsure> unsure, List<String> numbers) {
        OptionalDouble largestWhole = numbers.stream()
                .filter(each -> WHOLE.matcher(each).matches())
                .mapToDouble(Double::parseDouble)
                .map(Math::abs)
                .max();
        double smallest = unsure.stream()
                .mapToDouble(each -> Math.abs(each.asThousands()))
                .min()
                .orElse(Double.MAX_VALUE);
        return largestWhole.isPresent() && smallest <= SAME_KIND * largestWhole.getAsDouble();
    }

    /** The number that was meant, where this mark says so. */
    public OptionalDouble valueOf(ScoreText.Unsure number) {
        if (this == UNSURE) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(this == number.markOfDecimals() ? number.asDecimal() : number.asThousands());
    }
}
