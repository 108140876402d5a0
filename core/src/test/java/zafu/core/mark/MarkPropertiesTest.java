package zafu.core.mark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.work.CountingTry;

/** What holds of every mark, whatever was done and however it is weighed. */
class MarkPropertiesTest {
    private static final List<Mark.Category> TWO = List.of(new Mark.Category(1, 30), new Mark.Category(2, 70));

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static List<MarkItem> items(Random random) {
        List<MarkItem> items = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            int possible = 1 + random.nextInt(20);
            InSum inSum =
                    switch (random.nextInt(6)) {
                        case 0 -> new InSum.Waiting();
                        case 1 -> new InSum.Missing();
                        case 2 -> new InSum.Excused();
                        case 3 -> new InSum.NotTheirs();
                        case 4 -> new InSum.Open();
                        default -> new InSum.Marked(random.nextInt(possible + 1));
                    };
            items.add(new MarkItem(i, 1 + random.nextInt(2), possible, inSum, random.nextInt(5) > 0));
        }
        return items;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsNotTheirsOrExcusedChangesNothing(long seed) {
        List<MarkItem> items = items(new Random(seed));
        List<MarkItem> fewer = items.stream()
                .filter(each -> !(each.inSum() instanceof InSum.NotTheirs
                        || each.inSum() instanceof InSum.Excused
                        || each.inSum() instanceof InSum.Open))
                .toList();
        assertThat(Mark.of(TWO, true, items).overall())
                .isEqualTo(Mark.of(TWO, true, fewer).overall());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void orderAndTheSizeOfWeightsDoNotMatter(long seed) {
        List<MarkItem> items = items(new Random(seed));
        List<MarkItem> shuffled = new ArrayList<>(items);
        Collections.shuffle(shuffled, new Random(seed + 1));
        List<Mark.Category> larger = List.of(new Mark.Category(1, 3), new Mark.Category(2, 7));
        Mark one = Mark.of(TWO, false, items);
        Mark other = Mark.of(larger, false, shuffled);
        assertThat(other.overall().isPresent()).isEqualTo(one.overall().isPresent());
        one.overall()
                .ifPresent(share -> assertThat(other.overall().getAsDouble()).isCloseTo(share, within(1e-12)));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aPointMoreIsNeverAWorseMarkAndAMissingPieceNeverABetterOne(long seed) {
        List<MarkItem> items = items(new Random(seed));
        double before = Mark.of(TWO, true, items).overall().orElse(-1);
        List<MarkItem> more = items.stream()
                .map(each -> each.inSum() instanceof InSum.Marked marked
                        ? new MarkItem(
                                each.id(),
                                each.category(),
                                each.possible(),
                                new InSum.Marked(marked.earned() + 1),
                                each.counts())
                        : each)
                .toList();
        assertThat(Mark.of(TWO, true, more).overall().orElse(-1)).isGreaterThanOrEqualTo(before);
        if (before >= 0) {
            List<MarkItem> withMissing = new ArrayList<>(items);
            withMissing.add(new MarkItem(99, 1, 10, new InSum.Missing(), true));
            boolean firstHasMark =
                    Mark.of(TWO, true, items).categories().get(1L).share().isPresent();
            if (firstHasMark) {
                assertThat(Mark.of(TWO, true, withMissing).overall().getAsDouble())
                        .isLessThanOrEqualTo(before);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void thePartsAddUpToTheCategories(long seed) {
        Mark mark = Mark.of(TWO, seed % 2 == 0, items(new Random(seed)));
        mark.categories().forEach((id, category) -> {
            double earned = mark.parts().stream()
                    .filter(part -> part.item().category() == id)
                    .mapToDouble(Mark.Part::earned)
                    .sum();
            double possible = mark.parts().stream()
                    .filter(part -> part.item().category() == id && part.why().counts())
                    .mapToDouble(part -> part.item().possible())
                    .sum();
            assertThat(category.earned()).isCloseTo(earned, within(1e-12));
            assertThat(category.possible()).isCloseTo(possible, within(1e-12));
        });
    }

    @Test
    void theReasonOfEachPartIsSaid() {
        List<MarkItem> items = List.of(
                new MarkItem(1, 1, 5, new InSum.Marked(4), true),
                new MarkItem(2, 1, 5, new InSum.Missing(), true),
                new MarkItem(3, 1, 5, new InSum.Marked(5), false),
                new MarkItem(4, 1, 5, new InSum.Waiting(), true),
                new MarkItem(5, 1, 5, new InSum.Open(), true),
                new MarkItem(6, 1, 5, new InSum.Excused(), true),
                new MarkItem(7, 1, 5, new InSum.NotTheirs(), true));
        assertThat(Mark.of(TWO, false, items).parts())
                .extracting(Mark.Part::why)
                .containsExactly(
                        Mark.Why.MARKED,
                        Mark.Why.MISSING_IS_LEFT_OUT,
                        Mark.Why.DOES_NOT_COUNT,
                        Mark.Why.WAITS_FOR_MARKING,
                        Mark.Why.NOT_DUE,
                        Mark.Why.EXCUSED,
                        Mark.Why.NOT_THEIRS);
    }

    @Test
    void latenessCostsByTheDayAndNeverMoreThanTheMost() {
        LateRule rule = new LateRule(10, 25);
        assertThat(List.of(0, 1, 2, 3, 9)).extracting(rule::percent).containsExactly(0, 10, 20, 25, 25);
        assertThat(rule.left(8, 1)).isEqualTo(7.2, within(1e-12));
        assertThat(LateRule.NONE.left(8, 30)).isEqualTo(8);
    }

    @Test
    void theBestTryCountsAndOfEqualOnesTheLater() {
        List<double[]> tries = List.of(new double[] {5, 10}, new double[] {8, 10}, new double[] {4, 5});
        assertThat(CountingTry.BEST.of(tries, each -> each[0] / each[1])).containsSame(tries.get(2));
        assertThat(CountingTry.LAST.of(tries.subList(0, 2), each -> each[0] / each[1]))
                .containsSame(tries.get(1));
        assertThat(CountingTry.BEST.of(List.<double[]>of(), each -> each[0])).isEmpty();
    }
}
