package zafu.core.schedule;

import java.time.Instant;
import java.util.OptionalInt;

/**
 * The terms that a version or an adjustment sets by itself; what it does not set it leaves. Rule 3.
 *
 * @param minutes time limit in whole minutes
 * @param tries empty to leave them as they are, else from 1
 */
public record OwnTerms(
        Setting<Integer> minutes,
        Setting<Instant> opens,
        Setting<Instant> due,
        Setting<Instant> closes,
        OptionalInt tries) {
    public static final OwnTerms NOTHING =
            new OwnTerms(Setting.leaves(), Setting.leaves(), Setting.leaves(), Setting.leaves(), OptionalInt.empty());

    public OwnTerms {
        if (tries.isPresent() && tries.getAsInt() < 1) {
            throw new IllegalArgumentException("tries " + tries.getAsInt() + " is below 1");
        }
    }

    /** The same, with so many tries. */
    public OwnTerms withTries(int number) {
        return new OwnTerms(minutes, opens, due, closes, OptionalInt.of(number));
    }
}
