package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TravellingClockTest {
    private static final Instant MORNING = Instant.parse("2027-02-09T12:10:00Z");

    @TempDir
    Path folder;

    @Test
    void aStandingClockMovesOnlyWhenItIsMoved() {
        TravellingClock clock = TravellingClock.standingAt(MORNING);
        assertThat(clock.instant()).isEqualTo(MORNING).isEqualTo(clock.instant());
        clock.advance(Duration.ofMinutes(20));
        assertThat(clock.instant()).isEqualTo(MORNING.plusSeconds(1200));
        clock.set(MORNING);
        assertThat(clock.instant()).isEqualTo(MORNING);
    }

    @Test
    void aRunningClockGoesOnFromWhereItWasLeft() throws IOException {
        Path mark = folder.resolve("clock");
        TravellingClock first = TravellingClock.runningFrom(MORNING, mark);
        first.set(MORNING.plusSeconds(3600));
        first.leaveMark();
        TravellingClock next = TravellingClock.runningFrom(MORNING, mark);
        assertThat(next.instant()).isAfterOrEqualTo(MORNING.plusSeconds(3600));
    }

    @Test
    void aRunningClockNeverBeginsBeforeItsMorning() throws IOException {
        Path mark = folder.resolve("clock");
        Files.writeString(mark, MORNING.minusSeconds(3600).toString());
        assertThat(TravellingClock.runningFrom(MORNING, mark).instant()).isAfterOrEqualTo(MORNING);
    }

    @Test
    void aMarkThatCannotBeReadIsPassedOver() throws IOException {
        Path mark = folder.resolve("clock");
        Files.writeString(mark, "yesterday");
        Instant now = TravellingClock.runningFrom(MORNING, mark).instant();
        assertThat(now).isBetween(MORNING, MORNING.plusSeconds(60));
    }

    @Test
    void aStandingClockLeavesNoMark() throws IOException {
        TravellingClock.standingAt(MORNING).leaveMark();
        assertThat(folder).isEmptyDirectory();
    }
}
