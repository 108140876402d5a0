package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of every question, whatever it asks and whatever is answered. */
class MarkingPropertiesTest {
    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    private record Asked(Question question, Answer right) {}

    /** A question of each kind that marks itself, with its right answer. */
    private static List<Asked> questions(Random random) {
        int size = 2 + random.nextInt(5);
        Set<Integer> right = new TreeSet<>();
        while (right.isEmpty()) {
            IntStream.range(0, size).filter(place -> random.nextBoolean()).forEach(right::add);
        }
        List<Integer> partners =
                IntStream.range(0, size).mapToObj(left -> random.nextInt(size)).toList();
        Map<Integer, Integer> pairs = new LinkedHashMap<>();
        IntStream.range(0, size).forEach(left -> pairs.put(left, partners.get(left)));
        List<List<String>> blanks = IntStream.range(0, size)
                .mapToObj(blank -> List.of("word" + blank))
                .toList();
        boolean byPart = random.nextBoolean();
        int one = random.nextInt(size);
        return List.of(
                new Asked(
                        new Question.SingleChoice(
                                IntStream.range(0, size)
                                        .mapToObj(String::valueOf)
                                        .toList(),
                                one),
                        new Answer.Chosen(one)),
                new Asked(new Question.MultipleChoice(size, right, byPart), new Answer.ChosenSet(new TreeSet<>(right))),
                new Asked(new Question.Numeric(BigDecimal.valueOf(one), BigDecimal.ZERO), new Answer.Typed("" + one)),
                new Asked(new Question.ShortAnswer(List.of("moon")), new Answer.Typed(" MOON. ")),
                new Asked(
                        new Question.Ordering(size),
                        new Answer.Ordered(IntStream.range(0, size).boxed().toList())),
                new Asked(new Question.Matching(partners, byPart), new Answer.Matched(pairs)),
                new Asked(
                        new Question.Blanks(blanks, byPart),
                        new Answer.Filled(
                                blanks.stream().map(each -> each.get(0)).toList())));
    }

    private static List<Answer> answers(Random random) {
        List<Integer> some = new ArrayList<>();
        IntStream.range(0, 8).filter(place -> random.nextBoolean()).forEach(some::add);
        Map<Integer, Integer> pairs = new LinkedHashMap<>();
        some.forEach(left -> pairs.put(left, random.nextInt(9)));
        return List.of(
                new Answer.Chosen(random.nextInt(9)),
                new Answer.ChosenSet(new TreeSet<>(some)),
                new Answer.Ordered(some),
                new Answer.Matched(pairs),
                new Answer.Filled(some.stream().map(each -> "word" + each).toList()),
                new Answer.Typed("word" + random.nextInt(3)));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theRightAnswerEarnsAllAndNoOtherMoreThanThat(long seed) {
        Random random = new Random(seed);
        for (Asked asked : questions(random)) {
            assertThat(asked.question().share(asked.right())).hasValue(1);
            assertThat(asked.question().isRight(asked.right())).isTrue();
            for (Answer answer : answers(random)) {
                assertThat(asked.question().share(answer).orElseThrow()).isBetween(0.0, 1.0);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void pointsNeverExceedWhatThereIsAndAreAllForAllOfIt(long seed) {
        Random random = new Random(seed);
        int points = 1 + random.nextInt(20);
        double share = random.nextDouble();
        assertThat(Question.earned(points, share)).isBetween(0, points);
        assertThat(Question.earned(points, 1)).isEqualTo(points);
        assertThat(Question.earned(points, 0)).isZero();
        assertThat(Question.earned(points, share))
                .isLessThanOrEqualTo(Question.earned(points, Math.min(1, share + 0.2)));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void fewerChoicesKeepEveryRightOneAndOneWrongOneAndTheOrder(long seed) {
        Random random = new Random(seed);
        int size = 2 + random.nextInt(7);
        Set<Integer> right = new TreeSet<>(Set.of(random.nextInt(size)));
        List<Integer> leaveOut = IntStream.range(0, size)
                .filter(place -> random.nextBoolean())
                .boxed()
                .toList();
        int wanted = 2 + random.nextInt(5);
        List<Integer> kept = FewerChoices.keep(size, right, leaveOut, wanted);
        assertThat(kept).containsAll(right).isSorted().doesNotHaveDuplicates();
        assertThat(kept).hasSizeGreaterThan(right.size());
        assertThat(kept).hasSize(Math.min(size, Math.max(wanted, right.size() + 1)));
        assertThat(kept).isEqualTo(FewerChoices.keep(size, right, leaveOut, wanted));
    }
}
