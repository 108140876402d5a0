package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
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
}
