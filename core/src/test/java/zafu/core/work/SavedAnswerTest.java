package zafu.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.work.SavedAnswer.Becomes;
import zafu.core.work.SavedAnswer.Sent;

class SavedAnswerTest {
    private static final SavedAnswer FIFTH_OF_TABLET = new SavedAnswer(5, "tablet", 12);

    @Test
    void aDeviceThatGoesOnNeedsNoAcknowledgementOfItsLastAnswer() {
        assertThat(FIFTH_OF_TABLET.onArrivalOf(new Sent(3, "tablet", 13))).isEqualTo(Becomes.SAVED);
    }

    @Test
    void whatIsSentTwiceIsOne() {
        assertThat(FIFTH_OF_TABLET.onArrivalOf(new Sent(4, "tablet", 12))).isEqualTo(Becomes.HERE_ALREADY);
    }

    @Test
    void anEarlierAnswerThatComesLaterIsOvertaken() {
        assertThat(FIFTH_OF_TABLET.onArrivalOf(new Sent(4, "tablet", 11))).isEqualTo(Becomes.OVERTAKEN);
    }

    @Test
    void anotherDeviceThatHasSeenItGoesOn() {
        assertThat(FIFTH_OF_TABLET.onArrivalOf(new Sent(5, "phone", 1))).isEqualTo(Becomes.SAVED);
    }

    @Test
    void anotherDeviceThatHasNotSeenItAsksTheStudent() {
        assertThat(FIFTH_OF_TABLET.onArrivalOf(new Sent(4, "phone", 900))).isEqualTo(Becomes.CHANGED_ELSEWHERE);
    }

    @Test
    void anEmptyPageDoesNotOverwriteWhatItNeverSaw() {
        assertThat(FIFTH_OF_TABLET.onArrivalOf(new Sent(0, "phone", 1))).isEqualTo(Becomes.CHANGED_ELSEWHERE);
    }

    @Test
    void whatATeacherLetsCountIsNewerThanEveryDevicesAnswer() {
        SavedAnswer let = FIFTH_OF_TABLET.byNoDevice();
        assertThat(let.number()).isEqualTo(6);
        assertThat(let.onArrivalOf(new Sent(5, "tablet", 13))).isEqualTo(Becomes.CHANGED_ELSEWHERE);
        assertThat(let.onArrivalOf(new Sent(6, "tablet", 13))).isEqualTo(Becomes.SAVED);
    }

    @Test
    void theFirstAnswerOfAllIsSaved() {
        assertThat(SavedAnswer.NOTHING.onArrivalOf(new Sent(0, "phone", 1))).isEqualTo(Becomes.SAVED);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whateverOneDeviceGaveLastIsSavedInWhateverOrderAndHoweverOftenItArrives(long seed) {
        Random random = new Random(seed);
        List<Sent> all = new ArrayList<>();
        for (int given = 1; given <= 12; given++) {
            for (int copies = 1 + random.nextInt(3); copies > 0; copies--) {
                all.add(new Sent(random.nextInt(given), "tablet", given));
            }
        }
        Collections.shuffle(all, random);
        SavedAnswer saved = SavedAnswer.NOTHING;
        for (Sent sent : all) {
            if (saved.onArrivalOf(sent) == Becomes.SAVED) {
                saved = saved.with(sent);
            }
        }
        assertThat(saved.given()).isEqualTo(12);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void aDeviceNeverReplacesAnAnswerOfAnotherThatItHasNotSeen(long seed) {
        Random random = new Random(seed);
        SavedAnswer saved = SavedAnswer.NOTHING;
        long[] seen = new long[3];
        for (int given = 1; given <= 200; given++) {
            int device = random.nextInt(3);
            if (random.nextBoolean()) {
                seen[device] = saved.number();
            }
            Sent sent = new Sent(seen[device], "device " + device, given);
            boolean own = saved.device().equals(sent.device());
            boolean knows = own || seen[device] == saved.number();
            assertThat(saved.onArrivalOf(sent)).isEqualTo(knows ? Becomes.SAVED : Becomes.CHANGED_ELSEWHERE);
            if (knows) {
                saved = saved.with(sent);
                seen[device] = saved.number();
            }
        }
    }
}
