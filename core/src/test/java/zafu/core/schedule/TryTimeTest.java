package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.schedule.TryTime.Breaks;

class TryTimeTest {
    private static final Instant START = Instant.parse("2027-02-09T12:00:00Z");

    private static TryTime of(Integer minutes, int added, Instant closes, int breakMinutes) {
        return new TryTime(
                START,
                minutes == null ? OptionalInt.empty() : OptionalInt.of(minutes),
                added,
                Optional.ofNullable(closes),
                new Breaks(Duration.ofMinutes(breakMinutes), Duration.ZERO, Optional.empty()));
    }

    private static Instant after(long minutes) {
        return START.plus(Duration.ofMinutes(minutes));
    }

    @Test
    void itEndsAfterItsMinutesAndThoseAdded() {
        assertThat(of(20, 0, null, 0).end()).contains(after(20));
        assertThat(of(20, 5, null, 0).end()).contains(after(25));
    }

    @Test
    void itEndsWhenTheTaskClosesIfThatIsSooner() {
        assertThat(of(20, 0, after(8), 5).end()).contains(after(8));
        assertThat(of(20, 0, after(30), 0).end()).contains(after(20));
        assertThat(of(null, 0, after(30), 0).end()).contains(after(30));
        assertThat(of(null, 0, null, 0).end()).isEmpty();
    }

    @Test
    void onABreakTheWorkLeftStandsStillAndTheEndMoves() {
        TryTime paused = of(20, 0, null, 5).pausedAt(after(4));
        assertThat(paused.workLeftAt(after(4))).contains(Duration.ofMinutes(16));
        assertThat(paused.workLeftAt(after(7))).contains(Duration.ofMinutes(16));
        assertThat(paused.breakLeftAt(after(7))).isEqualTo(Duration.ofMinutes(2));
        assertThat(paused.resumedAt(after(7)).end()).contains(after(23));
    }

    @Test
    void aBreakIsOverWithItsSum() {
        TryTime paused = of(20, 0, null, 5).pausedAt(after(4));
        assertThat(paused.isOnBreakAt(after(9).minusMillis(1))).isTrue();
        assertThat(paused.isOnBreakAt(after(9))).isFalse();
        assertThat(paused.workLeftAt(after(11))).contains(Duration.ofMinutes(14));
        assertThat(paused.pausedAt(after(11)).breaks().used()).isEqualTo(Duration.ofMinutes(5));
    }

    @Test
    void withoutALimitThereIsNothingToStop() {
        TryTime open = of(null, 0, null, 5);
        assertThat(open.breakLeftAt(after(1))).isEqualTo(Duration.ZERO);
        assertThat(open.pausedAt(after(1))).isEqualTo(open.resumedAt(after(1)));
    }

    static java.util.stream.Stream<Long> seeds() {
        return java.util.stream.LongStream.range(0, 300).boxed();
    }

    /** Whatever breaks are begun and ended, and whenever: nobody works longer or shorter than they have. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everybodyWorksAsLongAsTheyHave(long seed) {
        Random random = new Random(seed);
        int minutes = 1 + random.nextInt(60);
        int added = random.nextInt(10);
        int granted = random.nextInt(15);
        TryTime time = of(minutes, added, null, granted);
        Duration worked = Duration.ZERO;
        Duration rested = Duration.ZERO;
        Instant now = START;
        while (time.end().orElseThrow().isAfter(now)) {
            Instant next = now.plusSeconds(1 + random.nextInt(90));
            if (next.isAfter(time.end().orElseThrow())) {
                next = time.end().orElseThrow();
            }
            Instant breakEnds = time.isOnBreakAt(now) ? time.breaks().until().orElseThrow() : now;
            Instant working = breakEnds.isAfter(next) ? next : breakEnds;
            rested = rested.plus(Duration.between(now, working));
            worked = worked.plus(Duration.between(working, next));
            now = next;
            time = switch (random.nextInt(4)) {
                case 0 -> time.pausedAt(now);
                case 1 -> time.resumedAt(now);
                default -> time;
            };
            assertThat(time.workLeftAt(now))
                    .contains(Duration.ofMinutes((long) minutes + added).minus(worked));
        }
        assertThat(worked).isEqualTo(Duration.ofMinutes((long) minutes + added));
        assertThat(rested).isLessThanOrEqualTo(Duration.ofMinutes(granted));
    }
}
