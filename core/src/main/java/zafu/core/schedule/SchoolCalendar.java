package zafu.core.schedule;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The days on which a school teaches: its weekdays within its terms, minus closed days. Rule 4, teaching days.
 *
 * @param terms in any order; a gap between two terms holds no teaching day
 */
public record SchoolCalendar(List<Term> terms, Set<DayOfWeek> weekdays, Set<LocalDate> closed) {
    public SchoolCalendar {
        terms = List.copyOf(terms);
        weekdays = Set.copyOf(weekdays);
        closed = Set.copyOf(closed);
    }

    public boolean isTeachingDay(LocalDate day) {
        return weekdays.contains(day.getDayOfWeek())
                && !closed.contains(day)
                && terms.stream().anyMatch(term -> term.contains(day));
    }

    /**
     * With {@code days} 0 the day itself if it is a teaching day, else the next one; otherwise the {@code days}-th
     * teaching day after it. Empty when the terms end before.
     */
    public Optional<LocalDate> plusTeachingDays(LocalDate from, int days) {
        if (days < 0) {
            throw new IllegalArgumentException("teaching days " + days + " is negative");
        }
        if (days == 0 && isTeachingDay(from)) {
            return Optional.of(from);
        }
        int left = Math.max(1, days);
        LocalDate last = terms.stream().map(Term::to).max(LocalDate::compareTo).orElse(from);
        for (LocalDate day = from.plusDays(1); !day.isAfter(last); day = day.plusDays(1)) {
            if (isTeachingDay(day) && --left == 0) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }

    /**
     * A moment that was moved.
     *
     * @param days how many teaching days it was moved by; fewer than wanted where the terms end before
     */
    public record Moved(Instant moment, int days) {}

    /**
     * A moment moved by teaching days at the same local time of day, so that a clock change does not shift it. Near the end
     * of the last term it is moved by as many as there are. Rule 4, extra days.
     */
    public Moved plusExtraDays(Instant moment, int extraDays, ZoneId zone) {
        ZonedDateTime local = moment.atZone(zone);
        LocalDate day = local.toLocalDate();
        for (int days = extraDays; days > 0; days--) {
            Optional<LocalDate> later = plusTeachingDays(day, days);
            if (later.isPresent()) {
                Instant moved =
                        later.get().atTime(local.toLocalTime()).atZone(zone).toInstant();
                return new Moved(moved, days);
            }
        }
        return new Moved(moment, 0);
    }

    /** How many teaching days there are from one day to another, both included; 0 where it is before. */
    public int teachingDays(LocalDate from, LocalDate to) {
        int count = 0;
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
            if (isTeachingDay(day)) {
                count++;
            }
        }
        return count;
    }

    /** Teaching days from the day after the due day to that of handing in; 0 where that is in time. Rule 6, lateness. */
    public int daysLate(Instant due, Instant handedIn, ZoneId zone) {
        if (!handedIn.isAfter(due)) {
            return 0;
        }
        LocalDate after = LocalDate.ofInstant(due, zone).plusDays(1);
        return teachingDays(after, LocalDate.ofInstant(handedIn, zone));
    }

    /**
     * When item {@code place} of a series opens, counted from 0. Rule 4, stagger: {@code plusTeachingDays(first,
     * place × step)}; empty when the terms end before.
     */
    public Optional<LocalDate> staggered(LocalDate first, int place, int step) {
        return plusTeachingDays(first, Math.multiplyExact(place, step));
    }

    /** A moment moved by whole weeks at the same local time of day; where no lesson is on that day, the next. */
    public Instant plusWeeks(Instant moment, int weeks, ZoneId zone) {
        ZonedDateTime local = moment.atZone(zone);
        LocalDate day = local.toLocalDate().plusWeeks(weeks);
        return plusTeachingDays(day, 0)
                .orElse(day)
                .atTime(local.toLocalTime())
                .atZone(zone)
                .toInstant();
    }
}
