package zafu.server.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.server.attempt.MyWorkApi.TryClock;
import zafu.server.library.QuestionKind;

class OneAttemptTest {
    private static final Instant START = Instant.parse("2027-02-09T12:00:00Z");

    private static Attempt running(int minutes, int breakMinutes) {
        Attempt attempt = new Attempt();
        attempt.startedAt = START;
        attempt.minutes = minutes;
        attempt.breakMinutes = breakMinutes;
        attempt.endsAt = START.plusSeconds(minutes * 60L);
        return attempt;
    }

    @Test
    void theClockSaysWhatIsLeftAndStandsStillInABreak() {
        Attempt attempt = running(20, 5);
        TryClock clock = TryClocks.shown(attempt, START.plusSeconds(60));
        assertThat(clock.workSecondsLeft()).isEqualTo(19 * 60);
        assertThat(clock.breakSecondsLeft()).isEqualTo(5 * 60);
        attempt.take(attempt.time().pausedAt(START.plusSeconds(60)));
        TryClock paused = TryClocks.shown(attempt, START.plusSeconds(120));
        assertThat(paused.workSecondsLeft()).isEqualTo(19 * 60);
        assertThat(paused.breakSecondsLeft()).isEqualTo(4 * 60);
        assertThat(attempt.endsAt).isAfter(START.plusSeconds(20 * 60));
    }

    @Test
    void itIsOverAtItsEndAndOnceItIsHandedIn() {
        Attempt attempt = running(20, 0);
        assertThat(attempt.isOverAt(START.plusSeconds(20 * 60 - 1))).isFalse();
        assertThat(attempt.isOverAt(START.plusSeconds(20 * 60))).isTrue();
        attempt.handedInAt = START.plusSeconds(30);
        assertThat(TryClocks.shown(attempt, START.plusSeconds(60)).over()).isTrue();
    }

    @Test
    void aShareIsThereOnceAllIsMarked() {
        Attempt attempt = running(20, 0);
        assertThat(attempt.markedShare()).isEmpty();
        attempt.handedInAt = START.plusSeconds(60);
        attempt.toMark = 1;
        attempt.earned = 3.0;
        attempt.possible = 4.0;
        assertThat(attempt.markedShare()).isEmpty();
        attempt.toMark = 0;
        assertThat(attempt.markedShare()).hasValue(0.75);
        attempt.possible = null;
        assertThat(attempt.markedShare()).as("nothing in it gives points").hasValue(0);
    }

    @ParameterizedTest
    @CsvSource({
        "SHORT_ANSWER,  ' Sea  Lavender ', sea lavender, true",
        "SHORT_ANSWER,  lavender,          sea lavender, false",
        "SINGLE_CHOICE, 1,                 1,            true",
        "ORDERING,      '0,1',             '1,0',        false"
    })
    void typedWordsAreTheSameWhateverTheirCaseAndSpacing(QuestionKind kind, String one, String other, boolean same) {
        assertThat(AcceptedHere.isSame(kind, one, other)).isEqualTo(same);
    }

    @Test
    void flagsAreKeptOnceEachInTheirOrder() {
        assertThat(Flags.read(Flags.written(List.of(7L, 3L, 7L)))).containsExactly(7L, 3L);
        assertThat(Flags.read(Flags.written(List.of()))).isEmpty();
    }
}
