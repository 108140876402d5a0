package zafu.core.need;

import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A kind of accommodation, and the amount that belongs to it. */
public enum Support {
    /** Times the minutes of a limit. */
    EXTENDED_TIME(new Amount(new BigDecimal("1.1"), new BigDecimal("4"), 2)),
    UNTIMED(null),
    /** Teaching days on top of due and closes. */
    EXTRA_DAYS(new Amount(BigDecimal.ONE, BigDecimal.valueOf(30), 0)),
    /** Minutes of break a try. */
    BREAKS(new Amount(BigDecimal.ONE, BigDecimal.valueOf(120), 0)),
    READ_ALOUD(null),
    LARGE_TEXT(null),
    /** Choices that are left. */
    FEWER_CHOICES(new Amount(BigDecimal.valueOf(2), BigDecimal.valueOf(6), 0)),
    /** Percent of the questions that are left. */
    FEWER_QUESTIONS(new Amount(BigDecimal.TEN, BigDecimal.valueOf(95), 0)),
    SEPARATE_PLACE(null),
    /** The language stands in the detail. */
    LANGUAGE_VERSION(null),
    /** The tool stands in the detail, a calculator for instance. */
    TOOL(null);

    private final Optional<Amount> amount;

    Support(@Nullable Amount amount) {
        this.amount = Optional.ofNullable(amount);
    }

    /** The range of the amount; empty for a support that has none. */
    public Optional<Amount> amount() {
        return amount;
    }

    /** Whether a few words must say which one. */
    public boolean needsDetail() {
        return this == LANGUAGE_VERSION || this == TOOL;
    }

    /** The smallest and largest amount, both allowed, and how many decimals it may have. */
    public record Amount(BigDecimal least, BigDecimal most, int decimals) {
        public boolean allows(BigDecimal value) {
            return value.compareTo(least) >= 0
                    && value.compareTo(most) <= 0
                    && value.stripTrailingZeros().scale() <= decimals;
        }
    }
}
