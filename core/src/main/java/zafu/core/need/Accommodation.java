package zafu.core.need;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One thing that was granted to a student.
 *
 * @param amount as {@link Support#amount()} says; empty for supports without one
 * @param detail which language or tool; else empty
 * @param works the kinds of work it covers; none named means all
 * @param subjects the subjects it covers, whatever their case; none named means all
 * @param from first day in force, both ends included; empty means always until {@code to}
 * @param to last day in force; empty means without end
 */
public record Accommodation(
        Support support,
        Optional<BigDecimal> amount,
        String detail,
        Set<WorkKind> works,
        Set<String> subjects,
        Optional<LocalDate> from,
        Optional<LocalDate> to) {
    public Accommodation {
        amount = amount.map(Accommodation::plain);
        works = Set.copyOf(works);
        subjects = subjects.stream().map(Accommodation::plain).collect(Collectors.toUnmodifiableSet());
    }

    /** What makes an accommodation impossible to grant. */
    public sealed interface Fault {
        /** The amount is missing, or outside what the support allows. */
        record Amount(Support support, Support.Amount allowed) implements Fault {}

        /** An amount where the support has none. */
        record NoAmount(Support support) implements Fault {}

        /** It is not said which language or tool. */
        record Detail(Support support) implements Fault {}

        /** It ends before it begins. */
        record EndsEarly(LocalDate from, LocalDate to) implements Fault {}
    }

    /** The first thing that is wrong with it, if any. */
    public Optional<Fault> fault() {
        if (support.amount().isPresent()) {
            Support.Amount allowed = support.amount().get();
            if (amount.isEmpty() || !allowed.allows(amount.get())) {
                return Optional.of(new Fault.Amount(support, allowed));
            }
        } else if (amount.isPresent()) {
            return Optional.of(new Fault.NoAmount(support));
        }
        if (support.needsDetail() && detail.isBlank()) {
            return Optional.of(new Fault.Detail(support));
        }
        return from.isPresent() && to.isPresent() && to.get().isBefore(from.get())
                ? Optional.of(new Fault.EndsEarly(from.get(), to.get()))
                : Optional.empty();
    }

    public boolean isInForceOn(LocalDate day) {
        return from.map(first -> !day.isBefore(first)).orElse(true)
                && to.map(last -> !day.isAfter(last)).orElse(true);
    }

    public boolean covers(Work work) {
        return (works.isEmpty() || works.contains(work.kind()))
                && (subjects.isEmpty() || subjects.contains(plain(work.subject())));
    }

    /** 2 and 2.00 days are the same, and 10 minutes are not written as 1E+1. */
    private static BigDecimal plain(BigDecimal amount) {
        BigDecimal stripped = amount.stripTrailingZeros();
        return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
    }

    private static String plain(String subject) {
        return subject.strip().toLowerCase(Locale.ROOT);
    }

    /** A piece of work: its kind and subject, which is empty where it has none. */
    public record Work(WorkKind kind, String subject) {}
}
