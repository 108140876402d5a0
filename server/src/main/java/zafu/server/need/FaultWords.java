package zafu.server.need;

import static zafu.server.platform.Words.inWords;

import zafu.core.need.Accommodation.Fault;
import zafu.core.need.Support;

/** What is wrong with an accommodation, in a sentence. */
public final class FaultWords {
    private FaultWords() {}

    public static String sentence(Fault fault) {
        if (fault instanceof Fault.Amount amount) {
            return inWords(
                    "need.amount." + amount.support(),
                    "support",
                    named(amount.support()),
                    "least",
                    amount.allowed().least(),
                    "most",
                    amount.allowed().most());
        }
        if (fault instanceof Fault.NoAmount none) {
            return inWords("need.has-no-amount-leave-it-blank", "support", named(none.support()));
        }
        if (fault instanceof Fault.Detail detail) {
            return detail.support() == Support.TOOL
                    ? inWords("need.say-which-tool-is-allowed")
                    : inWords("need.say-which-language");
        }
        Fault.EndsEarly early = (Fault.EndsEarly) fault;
        return inWords("need.it-ends-on-before-it-begins-on", "to", early.to(), "from", early.from());
    }

    static String fieldOf(Fault fault) {
        if (fault instanceof Fault.Detail) {
            return "detail";
        }
        return fault instanceof Fault.EndsEarly ? "to" : "amount";
    }

    /** "Extended time". */
    public static String named(Support support) {
        return inWords("need.support." + support);
    }
}
