package zafu.core.targeting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import zafu.core.targeting.DoneFirst.Work;

class DoneFirstTest {
    private static final Work LOG = new Work(1, true, true, false);
    private static final Work MAP = new Work(2, false, true, false);

    @Test
    void whatIsDoneFirstHoldsBackTheOthersUntilItIsHandedIn() {
        assertThat(DoneFirst.holdingBack(MAP, List.of(LOG, MAP))).contains(1L);
        assertThat(DoneFirst.holdingBack(MAP, List.of(new Work(1, true, true, true), MAP)))
                .isEmpty();
    }

    @Test
    void whatCannotBeWorkedOnHoldsNothingBack() {
        assertThat(DoneFirst.holdingBack(MAP, List.of(new Work(1, true, false, false), MAP)))
                .isEmpty();
    }

    /** Whatever stands open, something can be done, unless all of it is handed in. */
    @RepeatedTest(100)
    void nobodyIsStuck(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        List<Work> all = new ArrayList<>();
        for (int id = 0; id < 6; id++) {
            all.add(new Work(id, random.nextBoolean(), random.nextBoolean(), random.nextBoolean()));
        }
        List<Work> open =
                all.stream().filter(each -> each.open() && !each.handedIn()).toList();
        assertThat(open.isEmpty()
                        || open.stream().anyMatch(each -> DoneFirst.holdingBack(each, all)
                                .isEmpty()))
                .isTrue();
    }
}
