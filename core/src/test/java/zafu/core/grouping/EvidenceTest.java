package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.grouping.Certainty.Measured;
import zafu.core.grouping.Evidence.Dated;

class EvidenceTest {
    private static final Certainty THREE = new Certainty(List.of(600.0, 500.0));

    @ParameterizedTest
    @CsvSource({
        "0, 0.5",
        "1, 0.8413447460685429",
        "1.96, 0.9750021048517795",
        "-3, 0.0013498980316300946",
        "-8, 6.220960574271786e-16",
        "-20, 2.753624118606234e-89"
    })
    void theNormalDistributionIsExactInItsTailsToo(double x, double share) {
        assertThat(Normal.below(x)).isCloseTo(share, within(1e-13 * share));
    }

    @Test
    void whereNoErrorIsKnownAPlaceIsSure() {
        assertThat(THREE.shares(new Measured(600, 0))).as("on a cut: above it").containsExactly(1.0, 0.0, 0.0);
        assertThat(THREE.again(new Measured(599.9, 0))).isEqualTo(1);
        assertThat(THREE.steadiness(List.of())).isEqualTo(1);
        assertThatThrownBy(() -> new Measured(1, Double.NaN)).hasMessageContaining("below 0");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void sharesAddUpAndALargerErrorIsLessSure(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            double value = 300 + random.nextInt(500);
            double error = 1 + random.nextInt(60);
            assertThat(THREE.shares(new Measured(value, error)).stream()
                            .mapToDouble(Double::doubleValue)
                            .sum())
                    .isCloseTo(1, within(1e-12));
            int group = THREE.groupOf(value);
            // In the middle group a larger error may only take away.
            if (group == 1) {
                assertThat(THREE.share(1, new Measured(value, error * 2)))
                        .isLessThanOrEqualTo(THREE.share(1, new Measured(value, error)) + 1e-12);
            }
        }
    }

    @Test
    void oneOddValueDoesNotMoveAChild() {
        List<Dated> steady = List.of(new Dated(550, 20, 6), new Dated(548, 20, 3), new Dated(552, 20, 1));
        assertThat(MoveByEvidence.of(List.of(600.0, 500.0), 1, new Evidence(steady))
                        .advice())
                .isEqualTo(MoveByEvidence.Advice.STAY);
        List<Dated> odd = new ArrayList<>(steady);
        odd.add(new Dated(630, 20, 0));
        assertThat(MoveByEvidence.of(List.of(600.0, 500.0), 1, new Evidence(odd))
                        .advice())
                .isEqualTo(MoveByEvidence.Advice.STAY);
        assertThat(MoveByEvidence.of(List.of(600.0, 500.0), 1, new Evidence(odd.subList(3, 4)))
                        .advice())
                .as("that value alone would")
                .isEqualTo(MoveByEvidence.Advice.MOVE_UP);
    }

    @Test
    void ofValuesWithoutErrorTheNewestStandsAlone() {
        Evidence exact = new Evidence(List.of(new Dated(700, 0, 2), new Dated(550, 0, 0), new Dated(400, 5, 1)));
        assertThat(exact.estimate()).isEqualTo(new Measured(550, 0));
        assertThatThrownBy(() -> new Evidence(List.of())).hasMessageContaining("without a value");
    }

    @Test
    void whoIsWatchedIsToldWhetherOneMoreValueWouldDecide() {
        MoveByEvidence once = MoveByEvidence.of(List.of(600.0), 1, new Evidence(List.of(new Dated(612, 12, 0))));
        assertThat(once.advice()).isEqualTo(MoveByEvidence.Advice.WATCH);
        assertThat(once.to()).isZero();
        assertThat(once.oneMoreDecides()).isTrue();
        MoveByEvidence unsure = MoveByEvidence.of(List.of(600.0), 1, new Evidence(List.of(new Dated(604, 12, 0))));
        assertThat(unsure.oneMoreDecides()).isFalse();
    }

    /** Against all divisions by score, one after the other. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void fewestMovesAreAsGoodAsTryingAllDivisions(long seed) {
        Random random = new Random(seed);
        int n = 6 + random.nextInt(5);
        int groups = 2 + random.nextInt(2);
        List<Double> values = random.doubles(n, 300, 800)
                .mapToObj(each -> (double) Math.round(each))
                .sorted(Comparator.reverseOrder())
                .toList();
        List<OptionalInt> now = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int group = random.nextInt(groups + 1);
            now.add(group == groups ? OptionalInt.empty() : OptionalInt.of(group));
        }
        FewestMoves fewest = new FewestMoves(values, now, groups, new Sizes(1, n));
        double[] least = new double[n + 1];
        java.util.Arrays.fill(least, Double.POSITIVE_INFINITY);
        tryAll(values, now, groups, 0, 0, 0, 0, least);
        List<OptionalDouble> found = fewest.leastSpreadByMoves();
        double best = Double.POSITIVE_INFINITY;
        for (int moves = 0; moves <= n; moves++) {
            best = Math.min(best, least[moves]);
            assertThat(found.get(moves).orElse(Double.POSITIVE_INFINITY))
                    .isCloseTo(best, within(1e-6 * Math.max(1, best)));
        }
        List<FewestMoves.Reached> worth = fewest.worthChoosing();
        for (int i = 1; i < worth.size(); i++) {
            assertThat(worth.get(i).moves()).isGreaterThan(worth.get(i - 1).moves());
            assertThat(worth.get(i).spread()).isLessThan(worth.get(i - 1).spread());
        }
        worth.forEach(each -> assertThat(
                        each.sizes().stream().mapToInt(Integer::intValue).sum())
                .isEqualTo(n));
    }

    private static void tryAll(
            List<Double> values,
            List<OptionalInt> now,
            int groups,
            int group,
            int placed,
            int moved,
            double spread,
            double[] least) {
        int n = values.size();
        if (group == groups) {
            if (placed == n) {
                least[moved] = Math.min(least[moved], spread);
            }
            return;
        }
        for (int to = placed + 1; to <= n; to++) {
            List<Double> run = values.subList(placed, to);
            double mean =
                    run.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
            double cost = run.stream()
                    .mapToDouble(each -> (each - mean) * (each - mean))
                    .sum();
            int moves = 0;
            for (int i = placed; i < to; i++) {
                moves += now.get(i).isPresent() && now.get(i).getAsInt() == group ? 0 : 1;
            }
            tryAll(values, now, groups, group + 1, to, moved + moves, spread + cost, least);
        }
    }

    @Test
    void valuesAndGroupsMustBelongTogether() {
        assertThatThrownBy(() -> new FewestMoves(List.of(1.0), List.of(), 1, new Sizes(1, 1)))
                .hasMessageContaining("1 values and 0 groups");
    }
}
