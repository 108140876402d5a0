package zafu.core.need;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zafu.core.schedule.TimeLimit.TimeNeeds;

/**
 * What a student's accommodations add up to for one piece of work on one day. Rule 4: of several of one kind the most
 * generous counts, and each one that is not in force or does not cover the work is left out.
 */
public final class NeedsForWork {
    private final List<Accommodation> inForce;
    private final Map<Support, Accommodation> mostGenerous = new EnumMap<>(Support.class);

    private NeedsForWork(List<Accommodation> inForce) {
        this.inForce = inForce;
        inForce.forEach(each -> mostGenerous.merge(each.support(), each, NeedsForWork::moreGenerous));
    }

    public static NeedsForWork of(Collection<Accommodation> granted, Accommodation.Work work, LocalDate day) {
        return new NeedsForWork(granted.stream()
                .filter(each -> each.isInForceOn(day) && each.covers(work))
                .toList());
    }

    private static Accommodation moreGenerous(Accommodation a, Accommodation b) {
        boolean lessIsMore = a.support() == Support.FEWER_CHOICES || a.support() == Support.FEWER_QUESTIONS;
        int order = a.amount().orElse(BigDecimal.ZERO).compareTo(b.amount().orElse(BigDecimal.ZERO));
        return (lessIsMore ? -order : order) >= 0 ? a : b;
    }

    /** All factors in force, and whether the student works untimed. */
    public TimeNeeds time() {
        List<BigDecimal> factors = inForce.stream()
                .filter(each -> each.support() == Support.EXTENDED_TIME)
                .flatMap(each -> each.amount().stream())
                .toList();
        return new TimeNeeds(has(Support.UNTIMED), factors);
    }

    /** Teaching days on top of due and closes; 0 for none. */
    public int extraDays() {
        return amountOf(Support.EXTRA_DAYS).map(BigDecimal::intValueExact).orElse(0);
    }

    public boolean has(Support support) {
        return mostGenerous.containsKey(support);
    }

    /** The most generous amount of a support that is in force. */
    public Optional<BigDecimal> amountOf(Support support) {
        return Optional.ofNullable(mostGenerous.get(support)).flatMap(Accommodation::amount);
    }

    /** How many of the questions are left, all where nothing is granted. Rule 4. */
    public int questionsLeft(int all) {
        return amountOf(Support.FEWER_QUESTIONS)
                .map(percent -> questionsLeft(all, percent.intValueExact()))
                .orElse(all);
    }

    /** ⌈all × percent / 100⌉. Rule 4, fewer questions. */
    public static int questionsLeft(int all, int percent) {
        return (all * percent + 99) / 100;
    }

    /** Everything in force, the most generous of each kind; tools and languages each by name. */
    public List<Accommodation> counting() {
        return inForce.stream()
                .filter(each -> each.support().needsDetail() || mostGenerous.get(each.support()) == each)
                .sorted(Comparator.comparing(Accommodation::support).thenComparing(Accommodation::detail))
                .toList();
    }
}
