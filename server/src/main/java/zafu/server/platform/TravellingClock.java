package zafu.server.platform;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;

/**
 * A clock of a made-up world: it stands still or runs from a moment of our choosing, can be set, and, where it has
 * a file to mark, goes on after a restart from where it stood. Never used for a real school.
 */
public final class TravellingClock extends Clock {
    private static final Logger LOG = LoggerFactory.getLogger(TravellingClock.class);
    private final boolean runs;
    private final @Nullable Path mark;
    private volatile Instant from;
    private volatile long sinceNanos = System.nanoTime();

    private TravellingClock(Instant from, boolean runs, @Nullable Path mark) {
        this.from = from;
        this.runs = runs;
        this.mark = mark;
    }

    public static TravellingClock standingAt(Instant moment) {
        return new TravellingClock(moment, false, null);
    }

    /** Runs from {@code earliest}, or from the marked moment if that is later. */
    static TravellingClock runningFrom(Instant earliest, Path mark) {
        Instant left = lastMark(mark, earliest);
        return new TravellingClock(left.isAfter(earliest) ? left : earliest, true, mark);
    }

    private static Instant lastMark(Path mark, Instant otherwise) {
        try {
            return Files.exists(mark) ? Instant.parse(Files.readString(mark).strip()) : otherwise;
        } catch (IOException | DateTimeParseException unreadable) {
            LOG.warn("The clock mark {} cannot be read; starting at {}", mark, otherwise);
            return otherwise;
        }
    }

    public void set(Instant moment) {
        from = moment;
        sinceNanos = System.nanoTime();
    }

    public void advance(Duration by) {
        set(ownTime().plus(by));
    }

    @Scheduled(fixedDelay = 5000, initialDelay = 5000)
    void leaveMark() throws IOException {
        if (mark != null) {
            Files.writeString(mark, ownTime().toString());
        }
    }

    @Override
    public Instant instant() {
        return LookedAt.or(this::ownTime);
    }

    private Instant ownTime() {
        return runs ? from.plus(Duration.ofNanos(System.nanoTime() - sinceNanos)) : from;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    /** Instants are the same in every zone, and nobody here asks this clock for anything else. */
    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
