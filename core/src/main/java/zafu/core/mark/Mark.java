package zafu.core.mark;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A student's mark, and how it came about. Rule 6: a category's mark is the sum earned over the sum possible of what
 * counts; the overall mark is the mean of the categories that have one, by weight; nothing counted is no mark, not 0.
 *
 * @param overall share, 0 to 1 unless more was given than was possible
 * @param categories by id, in the order given, whether they have a mark or not
 * @param parts what became of each item, in the order given
 */
public record Mark(OptionalDouble overall, Map<Long, CategoryMark> categories, List<Part> parts) {

    /** @param weight from 0; only its size beside the others matters */
    public record Category(long id, double weight) {}

    /**
     * @param earned points over what counts
     * @param possible points over what counts; 0 where nothing does
     */
    public record CategoryMark(double weight, double earned, double possible) {
        public OptionalDouble share() {
            return possible > 0 ? OptionalDouble.of(earned / possible) : OptionalDouble.empty();
        }
    }

    /** Why an item counts or does not. */
    public enum Why {
        MARKED,
        MISSING_IS_ZERO,
        NOT_THEIRS,
        EXCUSED,
        DOES_NOT_COUNT,
        WAITS_FOR_MARKING,
        NOT_DUE,
        MISSING_IS_LEFT_OUT;

        public boolean counts() {
            return this == MARKED || this == MISSING_IS_ZERO;
        }
    }

    /** @param earned points that enter the mark; 0 where it does not count */
    public record Part(MarkItem item, Why why, double earned) {}

    /**
     * @param missingIsZero whether what is past due and not handed in counts as nothing earned
     * @throws IllegalArgumentException where an item is of a category that is not there
     */
    public static Mark of(List<Category> categories, boolean missingIsZero, List<MarkItem> items) {
        Map<Long, CategoryMark> sums = new LinkedHashMap<>();
        categories.forEach(each -> sums.put(each.id(), new CategoryMark(each.weight(), 0, 0)));
        List<Part> parts = new ArrayList<>();
        for (MarkItem item : items) {
            CategoryMark sum = sums.get(item.category());
            if (sum == null) {
                throw new IllegalArgumentException("there is no category " + item.category());
            }
            Why why = why(item, missingIsZero);
            double earned = item.inSum() instanceof InSum.Marked marked && why.counts() ? marked.earned() : 0;
            parts.add(new Part(item, why, earned));
            if (why.counts()) {
                sums.put(
                        item.category(),
                        new CategoryMark(sum.weight(), sum.earned() + earned, sum.possible() + item.possible()));
            }
        }
        return new Mark(overall(sums), sums, parts);
    }

    private static Why why(MarkItem item, boolean missingIsZero) {
        InSum inSum = item.inSum();
        if (inSum instanceof InSum.NotTheirs) {
            return Why.NOT_THEIRS;
        }
        if (inSum instanceof InSum.Excused) {
            return Why.EXCUSED;
        }
        if (!item.counts()) {
            return Why.DOES_NOT_COUNT;
        }
        if (inSum instanceof InSum.Marked) {
            return Why.MARKED;
        }
        if (inSum instanceof InSum.Missing) {
            return missingIsZero ? Why.MISSING_IS_ZERO : Why.MISSING_IS_LEFT_OUT;
        }
        return inSum instanceof InSum.Waiting ? Why.WAITS_FOR_MARKING : Why.NOT_DUE;
    }

    private static OptionalDouble overall(Map<Long, CategoryMark> sums) {
        double weighted = 0;
        double weights = 0;
        for (CategoryMark each : sums.values()) {
            OptionalDouble share = each.share();
            if (share.isPresent()) {
                weighted += each.weight() * share.getAsDouble();
                weights += each.weight();
            }
        }
        return weights > 0 ? OptionalDouble.of(weighted / weights) : OptionalDouble.empty();
    }
}
