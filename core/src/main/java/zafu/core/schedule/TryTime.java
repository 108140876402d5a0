package zafu.core.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The time of one running try. Rule 4: it ends at min(started + time limit + breaks used, closes). A break stops the
 * clock until it is ended or its sum is used up; while it lasts, the end moves with it.
 *
 * @param started by the server's clock
 * @param minutes the time limit in whole minutes; empty for none, and then there are no breaks to take
 * @param added whole minutes that a teacher has given while it ran, not negative
 * @param closes when nothing is taken any more
 * @param breaks the breaks granted and used
 */
public record TryTime(Instant started, OptionalInt minutes, int added, Optional<Instant> closes, Breaks breaks) {
    public TryTime {
        if (added < 0) {
            throw new IllegalArgumentException("added minutes " + added + " are below 0");
        }
    }

    /**
     * Breaks of one try.
     *
     * @param granted in all
     * @param used by breaks that are over, at most what is granted
     * @param since when the break began that goes on now
     */
    public record Breaks(Duration granted, Duration used, Optional<Instant> since) {
        public static final Breaks NONE = new Breaks(Duration.ZERO, Duration.ZERO, Optional.empty());

        public Breaks {
            if (used.isNegative() || used.compareTo(granted) > 0) {
                throw new IllegalArgumentException("breaks used " + used + " are not within " + granted);
            }
        }

        /** What may still be taken, the break that goes on counted as untouched. */
        Duration left() {
            return granted.minus(used);
        }

        /** When the break that goes on is over by itself. */
        public Optional<Instant> until() {
            return since.map(begun -> begun.plus(left()));
        }

        Breaks endedAt(Instant moment) {
            return since.map(begun -> new Breaks(granted, used.plus(within(begun, moment)), Optional.<Instant>empty()))
                    .orElse(this);
        }

        private Duration within(Instant begun, Instant moment) {
            Duration lasted = Duration.between(begun, moment);
            if (lasted.isNegative()) {
                return Duration.ZERO;
            }
            return lasted.compareTo(left()) > 0 ? left() : lasted;
        }
    }

    /** When it is handed in by itself; with a break going on, as if that were taken in full. */
    public Optional<Instant> end() {
        Optional<Instant> byTime = byTime();
        if (byTime.isPresent() && closes.isPresent()) {
            return byTime.get().isBefore(closes.get()) ? byTime : closes;
        }
        return byTime.or(() -> closes);
    }

    private Optional<Instant> byTime() {
        if (minutes.isEmpty()) {
            return Optional.empty();
        }
        Duration stopped = breaks.since().isPresent() ? breaks.granted() : breaks.used();
        Duration limit = Duration.ofMinutes((long) minutes.getAsInt() + added);
        return Optional.of(started.plus(limit).plus(stopped));
    }

    public boolean isOnBreakAt(Instant moment) {
        return breaks.until().map(moment::isBefore).orElse(false);
    }

    /** What of the breaks may still be taken at a moment, none where there is no limit. */
    public Duration breakLeftAt(Instant moment) {
        return minutes.isEmpty() ? Duration.ZERO : breaks.endedAt(moment).left();
    }

    /** What is left to work in at a moment, not negative: it stands still while a break lasts. Empty for no end. */
    public Optional<Duration> workLeftAt(Instant moment) {
        Instant from = breaks.until().filter(moment::isBefore).orElse(moment);
        return end().map(end -> Duration.between(from, end)).map(left -> left.isNegative() ? Duration.ZERO : left);
    }

    /** With a break begun now; as it is where one goes on, or none is left. */
    public TryTime pausedAt(Instant moment) {
        TryTime now = isOnBreakAt(moment) ? this : resumedAt(moment);
        return now.breaks.since().isPresent() || now.breakLeftAt(moment).isZero()
                ? now
                : now.with(new Breaks(now.breaks.granted(), now.breaks.used(), Optional.of(moment)));
    }

    /** With the break that goes on ended now, and no more used of its sum than it lasted. */
    public TryTime resumedAt(Instant moment) {
        return with(breaks.endedAt(moment));
    }

    private TryTime with(Breaks other) {
        return new TryTime(started, minutes, added, closes, other);
    }
}
