package zafu.core.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The terms of a version: how long, from when, until when, how often.
 *
 * @param minutes time limit in whole minutes, empty for none
 * @param includesAccommodations the minutes are not to be multiplied
 * @param opens from when it can be worked on
 * @param due when it is expected
 * @param closes after when nothing is taken
 * @param tries how many a student has, from 1
 */
public record Terms(
        OptionalInt minutes,
        boolean includesAccommodations,
        Optional<Instant> opens,
        Optional<Instant> due,
        Optional<Instant> closes,
        int tries) {
    public Terms {
        if (tries < 1) {
            throw new IllegalArgumentException("tries " + tries + " is below 1");
        }
    }

    /** Whether opens ≤ due ≤ closes, as far as they are given. Rule 4. */
    public boolean inOrder() {
        return notAfter(opens, due) && notAfter(due, closes) && notAfter(opens, closes);
    }

    private static boolean notAfter(Optional<Instant> earlier, Optional<Instant> later) {
        return earlier.isEmpty() || later.isEmpty() || !earlier.get().isAfter(later.get());
    }

    /** The base's terms replaced by what a version sets itself. Rule 3: what it does not set follows the base. */
    public Terms replacedBy(OwnTerms own, boolean includesAccommodationsIfMinutes) {
        Optional<Integer> limit = minutes.isPresent() ? Optional.of(minutes.getAsInt()) : Optional.empty();
        return new Terms(
                EasedTerms.unboxed(own.minutes().over(limit)),
                own.minutes().saysSomething() ? includesAccommodationsIfMinutes : includesAccommodations,
                own.opens().over(opens),
                own.due().over(due),
                own.closes().over(closes),
                own.tries().orElse(tries));
    }

    /** Eased by the adjustments that reach one student. Rule 3, terms. */
    public EasedTerms easedBy(List<Adjustment> adjustments) {
        return EasedTerms.of(this, adjustments);
    }

    /** Whether a day lies between the day on which work opens and the one on which it is due, both included. Rule 3. */
    public static boolean isOpenOn(Optional<Instant> opens, Optional<Instant> due, LocalDate day, ZoneId zone) {
        return opens.filter(each -> LocalDate.ofInstant(each, zone).isAfter(day))
                        .isEmpty()
                && due.filter(each -> LocalDate.ofInstant(each, zone).isBefore(day))
                        .isEmpty();
    }

    /**
     * The terms as they hold for one student.
     *
     * @param extraDays by how many teaching days due and closes were moved
     * @param eased the terms that an adjustment made more generous
     */
    public record ForStudent(
            TimeLimit time,
            Optional<Instant> opens,
            Optional<Instant> due,
            Optional<Instant> closes,
            int tries,
            int extraDays,
            Set<TermPart> eased) {
        public ForStudent {
            eased = Set.copyOf(eased);
        }

        public boolean isOpenAt(Instant moment) {
            return opens.isEmpty() || !moment.isBefore(opens.get());
        }

        public boolean isClosedAt(Instant moment) {
            return closes.isPresent() && !moment.isBefore(closes.get());
        }

        public boolean isOverdueAt(Instant moment) {
            return due.isPresent() && moment.isAfter(due.get());
        }

        /** Whether it is there to be worked on at some moment of a day. */
        public boolean isOpenOn(LocalDate day, ZoneId zone) {
            return Terms.isOpenOn(opens, due, day, zone);
        }

        /** Whether it is due later than by the end of the next teaching day; what is due on no day is to be done now. */
        public boolean isThereTimeAt(Instant moment, SchoolCalendar calendar, ZoneId zone) {
            Optional<LocalDate> soon = calendar.plusTeachingDays(LocalDate.ofInstant(moment, zone), 1);
            return due.map(each -> LocalDate.ofInstant(each, zone))
                    .filter(day -> soon.filter(day::isAfter).isPresent())
                    .isPresent();
        }

        /** When a try that starts now ends by itself: after the time limit or when the task closes. Rule 4. */
        public Optional<Instant> endOfTryStartedAt(Instant start) {
            return new TryTime(start, time.minutes(), 0, closes, TryTime.Breaks.NONE).end();
        }
    }
}
