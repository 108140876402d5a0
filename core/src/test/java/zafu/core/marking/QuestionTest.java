package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuestionTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"6|true", "6,5|true", "5.5|true", "6.51|false", "six|false", "''|false"})
    void aNumberIsRightWithinTheToleranceEndsIncluded(String typed, boolean right) {
        Question hours = new Question.Numeric(new BigDecimal("6"), new BigDecimal("0.5"));
        assertThat(hours.isRight(new Answer.Typed(typed))).isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"The smallest channels|true", "' the  smallest channels. '|true", "the wide channels|false"})
    void aShortAnswerForgivesCaseSpacingAndAFullStop(String typed, boolean right) {
        Question where = new Question.ShortAnswer(List.of("small channels", "the smallest channels"));
        assertThat(where.isRight(new Answer.Typed(typed))).isEqualTo(right);
    }

    @Test
    void anAccentMayBeEncodedEitherWay() {
        Question word = new Question.ShortAnswer(List.of("marée"));
        assertThat(word.isRight(new Answer.Typed("mare\u0301e"))).isTrue();
    }

    @Test
    void anAnswerOfAnotherKindIsNotRight() {
        Question choice = new Question.SingleChoice(List.of("wind", "moon"), 1);
        assertThat(choice.isRight(new Answer.Chosen(1))).isTrue();
        assertThat(choice.isRight(new Answer.Chosen(0))).isFalse();
        assertThat(choice.isRight(new Answer.Typed("moon"))).isFalse();
    }

    private static double share(Question question, Answer answer) {
        return question.share(answer).orElseThrow();
    }

    private static Answer chosen(Integer... places) {
        return new Answer.ChosenSet(new TreeSet<>(List.of(places)));
    }

    @Test
    void ofSeveralRightOnesAllAndNoOtherMustBeChosen() {
        Question whole = new Question.MultipleChoice(4, Set.of(0, 2), false);
        assertThat(share(whole, chosen(0, 2))).isEqualTo(1);
        assertThat(share(whole, chosen(0))).isZero();
        assertThat(share(whole, chosen(0, 2, 3))).isZero();
    }

    @Test
    void byPartAWrongChoiceTakesARightOneBackAndNothingFallsBelowZero() {
        Question byPart = new Question.MultipleChoice(4, Set.of(0, 2), true);
        assertThat(share(byPart, chosen(0))).isEqualTo(0.5);
        assertThat(share(byPart, chosen(0, 2, 3))).isEqualTo(0.5);
        assertThat(share(byPart, chosen(1, 3))).isZero();
    }

    @Test
    void anOrderIsRightOnlyAsAWhole() {
        Question order = new Question.Ordering(3);
        assertThat(share(order, new Answer.Ordered(List.of(0, 1, 2)))).isEqualTo(1);
        assertThat(share(order, new Answer.Ordered(List.of(0, 2, 1)))).isZero();
    }

    @Test
    void pairsAndBlanksEarnByPartWhereTheTeacherSaysSo() {
        Question pairs = new Question.Matching(List.of(1, 0, 1), true);
        assertThat(share(pairs, new Answer.Matched(Map.of(0, 1, 1, 1, 2, 1)))).isEqualTo(2 / 3.0);
        Question blanks = new Question.Blanks(List.of(List.of("moon"), List.of("six", "6")), true);
        assertThat(share(blanks, new Answer.Filled(List.of("Moon", "7")))).isEqualTo(0.5);
        Question whole = new Question.Blanks(List.of(List.of("moon"), List.of("six", "6")), false);
        assertThat(share(whole, new Answer.Filled(List.of("Moon", "7")))).isZero();
        assertThat(share(whole, new Answer.Filled(List.of("moon", "6")))).isEqualTo(1);
    }

    @Test
    void aLongAnswerIsForAPersonToMark() {
        assertThat(new Question.LongAnswer().share(new Answer.Typed("The moon pulls.")))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"3, 1, 3", "3, 0.67, 2", "1, 0.99, 0", "2, 0.5, 1"})
    void pointsAreWholeAndRoundedDown(int points, double share, int earned) {
        assertThat(Question.earned(points, share)).isEqualTo(earned);
    }

    @Test
    void aThirdOfThreePointsIsOne() {
        assertThat(Question.earned(3, 1 / 3.0)).isEqualTo(1);
    }

    @Test
    void fewerChoicesLeaveOutWhatTheTeacherMarkedFirstAndNeverARightOne() {
        assertThat(FewerChoices.keep(5, Set.of(4), List.of(1), 3)).containsExactly(0, 2, 4);
        assertThat(FewerChoices.keep(4, Set.of(0, 1), List.of(), 2)).containsExactly(0, 1, 2);
        assertThat(FewerChoices.keep(3, Set.of(0), List.of(), 4)).containsExactly(0, 1, 2);
    }
}
