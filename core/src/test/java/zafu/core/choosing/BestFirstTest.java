package zafu.core.choosing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.skill.SkillId;

class BestFirstTest {
    private static final LocalDate TODAY = LocalDate.parse("2027-02-09");
    private static final SkillId CAUSE = new SkillId(1);
    private static final NumericScale READING = new NumericScale(0, 1200, 0, Better.HIGHER, OptionalDouble.of(22));
    private static final LevelRange RANGE = new LevelRange(540, 640);
    private static final BestFirst FOR_SIX = new BestFirst(Set.of(CAUSE), Optional.of(RANGE), 6, TODAY);

    private static Candidate plain(long id) {
        return new Candidate(id, "Item " + id, Set.of(), Optional.empty(), false, TODAY.minusYears(2), 0, 0);
    }

    private static Candidate atLevel(long id, double low, double high) {
        return new Candidate(
                id, "Item " + id, Set.of(), Optional.of(new LevelRange(low, high)), false, TODAY.minusYears(2), 0, 0);
    }

    private static Candidate with(Candidate each, Set<SkillId> trains, boolean starred, LocalDate madeOn, int usedBy) {
        return new Candidate(each.id(), each.title(), trains, each.levels(), starred, madeOn, usedBy, each.words());
    }

    private static List<Long> order(Candidate... candidates) {
        return FOR_SIX.sort(List.of(candidates)).stream().map(Candidate::id).toList();
    }

    @Test
    void aNarrowGroupIsGivenTwiceTheMeasuresErrorOnEitherSideOfItsMedian() {
        List<Double> reef = List.of(549.0, 572.0, 588.0, 590.0, 595.0, 600.0, 604.0);
        assertThat(LevelRange.suggest(reef, READING)).contains(new LevelRange(540, 640));
    }

    @Test
    void aWideGroupIsGivenItsOwnSpread() {
        LevelRange wide =
                LevelRange.suggest(List.of(400.0, 600.0, 800.0), READING).orElseThrow();
        assertThat(wide.low()).isEqualTo(430);
        assertThat(wide.high()).isEqualTo(770);
    }

    @Test
    void aRangeStaysOnTheScaleAndNobodyGivesNone() {
        assertThat(LevelRange.suggest(List.of(10.0), READING)).contains(new LevelRange(0, 60));
        assertThat(LevelRange.suggest(List.of(), READING)).isEmpty();
    }

    @Test
    void namedLevelsAreNotSplit() {
        NumericScale levels = new NumericScale(0, 8, 0, Better.HIGHER, OptionalDouble.empty());
        assertThat(LevelRange.suggest(List.of(3.0, 3.0, 4.0), levels)).contains(new LevelRange(2, 4));
    }

    @Test
    void skillGoesBeforeLevelAndLevelBeforeAStar() {
        Candidate skilled = with(plain(3), Set.of(CAUSE), false, TODAY.minusYears(2), 0);
        Candidate level = atLevel(2, 600, 600);
        Candidate starred = with(atLevel(1, 800, 800), Set.of(), true, TODAY.minusYears(2), 0);
        assertThat(order(starred, level, skilled)).containsExactly(3L, 2L, 1L);
    }

    @Test
    void whatTheStudentsHaveHadComesAfterWhatIsNewToThem() {
        Candidate had = with(plain(1), Set.of(), false, TODAY.minusYears(2), 4);
        assertThat(order(had, plain(2))).containsExactly(2L, 1L);
    }

    @Test
    void theNewerOfTwoComesFirstAndEqualsStandByTitle() {
        Candidate fresh = with(plain(9), Set.of(), false, TODAY.minusDays(3), 0);
        assertThat(order(plain(2), plain(1), fresh)).containsExactly(9L, 1L, 2L);
    }

    @Test
    void aTextBesideTheRangeCountsTheLessTheFartherItLies() {
        assertThat(order(atLevel(1, 720, 720), atLevel(2, 660, 660), atLevel(3, 500, 560)))
                .containsExactly(3L, 2L, 1L);
        assertThat(RANGE.distanceTo(500, 520)).isEqualTo(20);
        assertThat(RANGE.distanceTo(700, 720)).isEqualTo(60);
    }
}
