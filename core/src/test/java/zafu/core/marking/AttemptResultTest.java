package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import zafu.core.skill.SkillId;

class AttemptResultTest {
    private static final SkillId TIDES = new SkillId(1);
    private static final SkillId WIND = new SkillId(2);
    private static final AttemptResult.Whole NOT_MARKED = new AttemptResult.Whole.NotMarked();

    private static CountedQuestion marked(double earned, double points, SkillId skill) {
        return new CountedQuestion(points, OptionalDouble.of(earned), Optional.of(skill), Optional.empty());
    }

    private static CountedQuestion waiting(double points) {
        return new CountedQuestion(points, OptionalDouble.empty(), Optional.of(WIND), Optional.empty());
    }

    private static CountedQuestion out(CountedQuestion question, TakenOut how) {
        return new CountedQuestion(question.points(), question.earned(), question.skill(), Optional.of(how));
    }

    private static AttemptResult of(CountedQuestion... questions) {
        return AttemptResult.of(List.of(questions), NOT_MARKED);
    }

    @Test
    void questionsAddUpAndEachSkillHasItsShare() {
        AttemptResult result = of(marked(1, 2, TIDES), marked(2, 2, TIDES), marked(0, 1, WIND));
        assertThat(result.points()).contains(new Points(3, 5));
        assertThat(result.evidence()).isEqualTo(Map.of(TIDES, 0.75, WIND, 0.0));
        assertThat(result.toMark()).isZero();
    }

    @Test
    void whatWaitsForAPersonIsNeitherEarnedNorPossibleYet() {
        AttemptResult result = of(marked(1, 2, TIDES), waiting(4));
        assertThat(result.points()).contains(new Points(1, 2));
        assertThat(result.toMark()).isEqualTo(1);
        assertThat(result.evidence()).containsOnlyKeys(TIDES);
    }

    @Test
    void nothingMarkedIsNoResult() {
        assertThat(of(waiting(4)).points()).isEmpty();
        assertThat(of().points()).isEmpty();
        assertThat(AttemptResult.of(List.of(), new AttemptResult.Whole.Waits()).toMark())
                .isEqualTo(1);
    }

    @Test
    void theWorkAsAWholeIsAddedToItsQuestions() {
        AttemptResult.Whole given = new AttemptResult.Whole.Given(new Points(7, 10));
        assertThat(AttemptResult.of(List.of(marked(1, 2, TIDES)), given).points())
                .contains(new Points(8, 12));
    }

    @Test
    void fullPointsForAllIsAlsoForAnswersThatAreMissingOrWait() {
        AttemptResult result = of(
                out(marked(0, 2, TIDES), TakenOut.FULL_POINTS),
                out(waiting(4), TakenOut.FULL_POINTS),
                marked(1, 2, WIND));
        assertThat(result.points()).contains(new Points(7, 8));
        assertThat(result.toMark()).isZero();
        assertThat(result.evidence()).isEqualTo(Map.of(WIND, 0.5));
    }

    @Test
    void whatIsNotCountedLeavesTheSum() {
        AttemptResult result = of(out(marked(2, 2, TIDES), TakenOut.NOT_COUNTED), marked(1, 2, WIND));
        assertThat(result.points()).contains(new Points(1, 2));
        assertThat(result.evidence()).containsOnlyKeys(WIND);
        assertThat(of(out(marked(2, 2, TIDES), TakenOut.NOT_COUNTED)).points()).isEmpty();
    }

    @Test
    void aPersonsPointsStandBeforeThoseForAllAndThoseBeforeItsOwn() {
        OptionalDouble none = OptionalDouble.empty();
        OptionalDouble share = OptionalDouble.of(0.5);
        assertThat(CountedQuestion.earned(4, OptionalDouble.of(3), OptionalDouble.of(1), share))
                .hasValue(3);
        assertThat(CountedQuestion.earned(4, none, OptionalDouble.of(1), share)).hasValue(1);
        assertThat(CountedQuestion.earned(5, none, none, share)).hasValue(2);
        assertThat(CountedQuestion.earned(4, none, none, none)).isEmpty();
    }
}
