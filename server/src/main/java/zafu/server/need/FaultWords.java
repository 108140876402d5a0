package zafu.server.need;

import java.util.Locale;
import java.util.Map;
import zafu.core.need.Accommodation.Fault;
import zafu.core.need.Support;

/** What is wrong with an accommodation, in a sentence. */
public final class FaultWords {
    private static final Map<Support, String> UNITS = Map.of(
            Support.EXTENDED_TIME, "a factor",
            Support.EXTRA_DAYS, "a number of days",
            Support.BREAKS, "minutes",
            Support.FEWER_CHOICES, "a number of choices",
            Support.FEWER_QUESTIONS, "a percentage");

    private FaultWords() {}

    public static String sentence(Fault fault) {
        if (fault instanceof Fault.Amount amount) {
            return "%s takes %s from %s to %s."
                    .formatted(
                            named(amount.support()),
                            UNITS.get(amount.support()),
                            amount.allowed().least().toPlainString(),
                            amount.allowed().most().toPlainString());
        }
        if (fault instanceof Fault.NoAmount none) {
            return named(none.support()) + " has no amount. Leave it blank.";
        }
        if (fault instanceof Fault.Detail detail) {
            return detail.support() == Support.TOOL ? "Say which tool is allowed." : "Say which language.";
        }
        Fault.EndsEarly early = (Fault.EndsEarly) fault;
        return "It ends on " + early.to() + ", before it begins on " + early.from() + ".";
    }

    static String fieldOf(Fault fault) {
        if (fault instanceof Fault.Detail) {
            return "detail";
        }
        return fault instanceof Fault.EndsEarly ? "to" : "amount";
    }

    /** "Extended time". */
    private static String named(Support support) {
        String lower = support.name().replace('_', ' ').toLowerCase(Locale.ROOT);
        return lower.substring(0, 1).toUpperCase(Locale.ROOT) + lower.substring(1);
    }
}
