package zafu.core.choosing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.skill.SkillId;

/** What holds of the levels that suit a group and of the order of what was found, whatever they are made of. */
class ChoosingPropertiesTest {
    private static final LocalDate TODAY = LocalDate.parse("2027-02-09");

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    private static NumericScale scale(Random random) {
        double lowest = random.nextInt(200) - 100;
        double highest = lowest + 10 + random.nextInt(1500);
        OptionalDouble error =
                random.nextBoolean() ? OptionalDouble.of(1 + random.nextInt(30)) : OptionalDouble.empty();
        return new NumericScale(lowest, highest, random.nextInt(3), Better.of(random.nextBoolean()), error);
    }

    private static List<Double> values(Random random, NumericScale scale) {
        List<Double> values = new ArrayList<>();
        int count = 1 + random.nextInt(12);
        for (int i = 0; i < count; i++) {
            values.add(scale.lowest() + random.nextDouble() * (scale.highest() - scale.lowest()));
        }
        return values;
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theLevelsThatSuitLieOnTheScaleAroundTheMedian(long seed) {
        Random random = new Random(seed);
        NumericScale scale = scale(random);
        List<Double> values = values(random, scale);
        LevelRange range = LevelRange.suggest(values, scale).orElseThrow();
        assertThat(range.low()).isBetween(scale.lowest(), median(values));
        assertThat(range.high()).isBetween(median(values), scale.highest());
        Collections.shuffle(values, random);
        assertThat(LevelRange.suggest(values, scale)).contains(range);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatTouchesTheRangeIsNoDistanceAwayAndNothingElseIs(long seed) {
        Random random = new Random(seed);
        LevelRange range = new LevelRange(random.nextInt(100), 100 + random.nextInt(100));
        double from = random.nextInt(300) - 50;
        double to = from + random.nextInt(60);
        double away = range.distanceTo(from, to);
        assertThat(away == 0).isEqualTo(range.touches(from, to));
        assertThat(away).isGreaterThanOrEqualTo(0);
        // Moving it by as much towards the range makes it touch.
        double nearer = from > range.high() ? -away : away;
        assertThat(range.touches(from + nearer, to + nearer)).isTrue();
    }

    private static Candidate candidate(long id, Random random) {
        return new Candidate(
                id,
                "Item " + random.nextInt(4),
                random.nextBoolean() ? Set.of(new SkillId(1 + random.nextInt(2))) : Set.of(),
                random.nextBoolean()
                        ? Optional.of(new LevelRange(random.nextInt(100), 100 + random.nextInt(100)))
                        : Optional.empty(),
                random.nextBoolean(),
                TODAY.minusDays(random.nextInt(500)),
                random.nextInt(7),
                random.nextInt(5) / 4.0);
    }

    private static List<Candidate> candidates(Random random) {
        List<Candidate> all = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            all.add(candidate(i, random));
        }
        return all;
    }

    private static BestFirst order(Random random) {
        return new BestFirst(
                random.nextBoolean() ? Set.of(new SkillId(1)) : Set.of(),
                random.nextBoolean() ? Optional.of(new LevelRange(80, 120)) : Optional.empty(),
                6,
                TODAY);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void allThatWasFoundIsShownOnceAndNoneBeforeABetterOne(long seed) {
        Random random = new Random(seed);
        BestFirst order = order(random);
        List<Candidate> found = candidates(random);
        List<Candidate> shown = order.sort(found);
        assertThat(shown).containsExactlyInAnyOrderElementsOf(found);
        for (int i = 1; i < shown.size(); i++) {
            assertThat(order.score(shown.get(i))).isLessThanOrEqualTo(order.score(shown.get(i - 1)));
        }
        Collections.shuffle(found, random);
        assertThat(order.sort(found)).isEqualTo(shown);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aStarOrAStudentWhoHasNotHadItNeverMakesItWorse(long seed) {
        Random random = new Random(seed);
        BestFirst order = order(random);
        Candidate plain = candidate(1, random);
        Candidate starred = new Candidate(
                plain.id(),
                plain.title(),
                plain.trains(),
                plain.levels(),
                true,
                plain.madeOn(),
                plain.usedBy(),
                plain.words());
        Candidate unused = new Candidate(
                plain.id(),
                plain.title(),
                plain.trains(),
                plain.levels(),
                plain.starred(),
                plain.madeOn(),
                0,
                plain.words());
        assertThat(order.score(starred)).isGreaterThanOrEqualTo(order.score(plain));
        assertThat(order.score(unused)).isGreaterThanOrEqualTo(order.score(plain));
    }
}
