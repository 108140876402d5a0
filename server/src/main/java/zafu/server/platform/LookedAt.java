package zafu.server.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Another moment than now, for as long as somebody looks at how things will be then. It holds for the thread that looks;
 * the clock of the application asks here first.
 */
public final class LookedAt {
    private static final ThreadLocal<Instant> MOMENT = new ThreadLocal<>();

    private LookedAt() {}

    /** @param moment absent for now */
    public static <T> T during(@Nullable Instant moment, Supplier<T> look) {
        Instant before = MOMENT.get();
        if (moment != null) {
            MOMENT.set(moment);
        }
        try {
            return look.get();
        } finally {
            MOMENT.set(before);
        }
    }

    /** A clock that shows the moment looked at, else its own time. */
    static Instant or(Supplier<Instant> now) {
        Instant looked = MOMENT.get();
        return looked == null ? now.get() : looked;
    }

    /** The clock of a real school. */
    static final class RealClock extends Clock {
        private final Clock system = Clock.systemUTC();

        @Override
        public Instant instant() {
            return or(system::instant);
        }

        @Override
        public ZoneId getZone() {
            return system.getZone();
        }

        /** Instants are the same in every zone, and nobody here asks this clock for anything else. */
        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }
}
