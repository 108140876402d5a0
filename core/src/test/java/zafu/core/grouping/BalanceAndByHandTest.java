package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;

class BalanceAndByHandTest {
    private static final List<StudentId> FOUR =
            IntStream.range(0, 4).mapToObj(StudentId::new).toList();

    @Test
    void theLikeliestCountIsNeverPointedOutAndTheRarestIsLeastProbable() {
        for (int size = 2; size <= 12; size++) {
            double rarest = 2;
            double likeliest = -1;
            for (int have = 0; have <= Math.min(size, 10); have++) {
                double probability = new BalanceCheck(26, 10, size, have, 1).probability();
                assertThat(probability).isBetween(0.0, 1.0);
                rarest = Math.min(rarest, probability);
                likeliest = Math.max(likeliest, probability);
            }
            assertThat(likeliest).isCloseTo(1, within(1e-9));
            assertThat(rarest).isLessThan(0.5);
        }
    }

    @Test
    void havingAndNotHavingAreJudgedAlike() {
        for (int have = 0; have <= 7; have++) {
            double having = new BalanceCheck(26, 9, 7, have, 1).probability();
            double lacking = new BalanceCheck(26, 17, 7, 7 - have, 1).probability();
            assertThat(having).isCloseTo(lacking, within(1e-9));
        }
    }

    @Test
    void whatCannotBeIsABugOfTheCaller() {
        assertThatThrownBy(() -> new BalanceCheck(26, 3, 7, 4, 1)).hasMessageContaining("cannot be out of");
        assertThatThrownBy(() -> new Rules.Pair(FOUR.get(0), FOUR.get(0))).hasMessageContaining("twice");
        assertThatThrownBy(() -> new Weighted(0, Better.HIGHER, Map.of())).hasMessageContaining("not above 0");
    }

    @Test
    void onACutAndInTheOutermostGroupsNothingIsSuggested() {
        Regrouping regrouping = new Regrouping(List.of(700.0, 500.0), 20);
        assertThat(regrouping.of(0, 1200)).isEqualTo(Regrouping.Advice.STAY);
        assertThat(regrouping.of(2, 0)).isEqualTo(Regrouping.Advice.STAY);
        assertThat(regrouping.of(1, 700)).isEqualTo(Regrouping.Advice.STAY);
        assertThat(regrouping.of(1, 500)).isEqualTo(Regrouping.Advice.STAY);
        assertThat(regrouping.of(1, 720)).isEqualTo(Regrouping.Advice.WATCH);
        assertThat(regrouping.of(1, 721)).isEqualTo(Regrouping.Advice.MOVE_UP);
        assertThat(regrouping.of(1, 479)).isEqualTo(Regrouping.Advice.MOVE_DOWN);
    }

    @Test
    void aHandBeginsWithWhatItAskedFor() {
        assertThat(groups(new ByHand.Empty(3))).containsExactly(List.of(), List.of(), List.of());
        assertThat(groups(new ByHand.OneEach(FOUR))).hasSize(4).allMatch(group -> group.size() == 1);
        assertThat(groups(new ByHand.WholeClass(FOUR))).containsExactly(FOUR);
        List<List<StudentId>> earlier = List.of(List.of(FOUR.get(0), new StudentId(99)), List.of(FOUR.get(3)));
        assertThat(groups(new ByHand.CopyOf(earlier, FOUR)))
                .as("who is no longer here is left out of a copy")
                .containsExactly(List.of(FOUR.get(0)), List.of(FOUR.get(3)));
    }

    private static List<List<StudentId>> groups(GroupingMethod method) {
        return ((Proposal.Groups) method.propose()).groups();
    }
}
