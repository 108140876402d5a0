package zafu.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.measure.Better;

/** What holds of every series of values, and of what is said about it. */
class GrowthPropertiesTest {
    private static final LocalDate BEGIN = LocalDate.of(2027, 1, 11);
    private static final LocalDate GOAL_DATE = LocalDate.of(2027, 5, 31);

    static LongStream seeds() {
        return LongStream.range(0, 50);
    }

    private static List<Point> points(Random random) {
        List<Point> points = new ArrayList<>();
        LocalDate date = BEGIN;
        int count = 2 + random.nextInt(10);
        for (int i = 0; i < count; i++) {
            points.add(new Point(date, 40 + random.nextInt(30)));
            date = date.plusDays(1 + random.nextInt(9));
        }
        return points;
    }

    private static List<Point> mirrored(List<Point> points) {
        return points.stream()
                .map(each -> new Point(each.date(), -each.value()))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void bothSlopesFollowAStraightLine(long seed) {
        Random random = new Random(seed);
        double slope = random.nextInt(9) - 4;
        List<Point> straight = points(random).stream()
                .map(each -> new Point(
                        each.date(), 50 + slope * java.time.temporal.ChronoUnit.DAYS.between(BEGIN, each.date()) / 7))
                .toList();
        Trend trend = Trend.of(straight);
        assertThat(trend.perWeek().orElseThrow()).isCloseTo(slope, within(1e-9));
        assertThat(trend.medianPerWeek().orElseThrow()).isCloseTo(slope, within(1e-9));
        assertThat(trend.at(0).orElseThrow()).isCloseTo(50, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void lowerIsBetterIsTheMirrorImage(long seed) {
        List<Point> points = points(new Random(seed));
        AimLine aim = AimLine.from(points, 80, GOAL_DATE);
        AimLine below = AimLine.from(mirrored(points), -80, GOAL_DATE);
        assertThat(Advice.of(mirrored(points), below, Better.LOWER)).isEqualTo(Advice.of(points, aim, Better.HIGHER));
        assertThat(Trend.of(mirrored(points)).perWeek().orElseThrow())
                .isCloseTo(-Trend.of(points).perWeek().orElseThrow(), within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void oneOddValueMovesTheMedianSlopeLess(long seed) {
        Random random = new Random(seed);
        List<Point> straight = new ArrayList<>();
        for (int week = 0; week < 9; week++) {
            straight.add(new Point(BEGIN.plusWeeks(week), 40 + 2 * week));
        }
        int odd = random.nextInt(9);
        straight.set(odd, new Point(straight.get(odd).date(), 95));
        assertThat(Trend.of(straight).medianPerWeek().orElseThrow()).isCloseTo(2, within(1.0));
    }

    @Test
    void aValueOnTheLineIsOnNeitherSide() {
        List<Point> points = new ArrayList<>();
        for (int week = 0; week < 6; week++) {
            points.add(new Point(BEGIN.plusWeeks(week), 50));
        }
        AimLine level = AimLine.from(points, 50, GOAL_DATE);
        assertThat(Advice.of(points, level, Better.HIGHER)).isEqualTo(Advice.KEEP_GOING);
        assertThat(Advice.of(points.subList(0, 5), level, Better.HIGHER)).isEqualTo(Advice.TOO_EARLY_TO_SAY);
        assertThat(level.perWeek()).isZero();
    }

    @Test
    void valuesOfOneDayHaveNoTrend() {
        List<Point> oneDay = List.of(new Point(BEGIN, 4), new Point(BEGIN, 6));
        assertThat(Trend.of(oneDay).perWeek()).isEmpty();
        assertThat(Trend.of(oneDay).medianPerWeek()).isEmpty();
        assertThat(Trend.of(List.of()).perWeek()).isEmpty();
    }

    @Test
    void groupsGrowApartTogetherOrNeither() {
        List<Point> up = List.of(new Point(BEGIN, 60), new Point(GOAL_DATE, 80));
        List<Point> slow = List.of(new Point(BEGIN, 40), new Point(GOAL_DATE, 45));
        List<Point> once = List.of(new Point(BEGIN, 0));
        GroupsApart apart = GroupsApart.of(Map.of("high", List.of(up), "low", List.of(slow, once)))
                .orElseThrow();
        assertThat(apart).isEqualTo(new GroupsApart(20, 35));
        assertThat(apart.way(3)).isEqualTo(GroupsApart.Way.APART);
        assertThat(apart.way(20)).isEqualTo(GroupsApart.Way.ALIKE);
        assertThat(new GroupsApart(35, 20).way(0)).isEqualTo(GroupsApart.Way.TOGETHER);
        assertThat(GroupsApart.of(Map.of("high", List.of(up), "low", List.of(once))))
                .isEmpty();
    }
}
