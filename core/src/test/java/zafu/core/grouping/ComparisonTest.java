package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.roster.StudentId;

/** Groups of now are paired with those of before so that as many students as can be have stayed. */
class ComparisonTest {
    private static Set<StudentId> group(long... ids) {
        Set<StudentId> group = new TreeSet<>();
        for (long id : ids) {
            group.add(new StudentId(id));
        }
        return group;
    }

    @Test
    void aGroupGoesOnFromTheOneItSharesMostWith() {
        Comparison comparison = Comparison.of(
                List.of(group(1, 2, 3), group(4, 5, 6)), List.of(group(4, 5, 7), group(1, 2, 6), group(8)));
        assertThat(comparison.pairs()).containsExactly(Optional.of(1), Optional.of(0), Optional.empty());
    }

    @Test
    void nothingIsPairedWithNothing() {
        assertThat(Comparison.of(List.of(), List.of(group(1))).pairs()).containsExactly(Optional.empty());
        assertThat(Comparison.of(List.of(group(1)), List.of()).pairs()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void noOtherPairingKeepsMoreStudents(int seed) {
        Random chance = new Random(seed);
        List<Set<StudentId>> before = dealt(chance, 14, 1 + chance.nextInt(4));
        List<Set<StudentId>> now = dealt(chance, 14, 1 + chance.nextInt(4));
        int stayed = 0;
        List<Optional<Integer>> pairs = Comparison.of(before, now).pairs();
        for (int g = 0; g < now.size(); g++) {
            int group = g;
            stayed += pairs.get(g)
                    .map(place -> Comparison.inCommon(now.get(group), before.get(place)))
                    .orElse(0);
        }
        assertThat(pairs.stream().flatMap(Optional::stream)).doesNotHaveDuplicates();
        assertThat(stayed).isEqualTo(most(before, now, 0, new boolean[before.size()]));
    }

    private static List<Set<StudentId>> dealt(Random chance, int students, int groups) {
        List<Set<StudentId>> dealt = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            dealt.add(new TreeSet<>());
        }
        for (int s = 0; s < students; s++) {
            dealt.get(chance.nextInt(groups)).add(new StudentId(s));
        }
        Collections.shuffle(dealt, chance);
        return dealt;
    }

    private static int most(List<Set<StudentId>> before, List<Set<StudentId>> now, int g, boolean[] used) {
        if (g == now.size()) {
            return 0;
        }
        int best = most(before, now, g + 1, used);
        for (int place = 0; place < before.size(); place++) {
            if (!used[place]) {
                used[place] = true;
                int here = Comparison.inCommon(now.get(g), before.get(place));
                best = Math.max(best, here + most(before, now, g + 1, used));
                used[place] = false;
            }
        }
        return best;
    }
}
