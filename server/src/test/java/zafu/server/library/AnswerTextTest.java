package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.marking.Answer;

class AnswerTextTest {
    @Test
    void placesAreReadAsTheKindMeansThem() {
        assertThat(AnswerText.read(QuestionKind.SINGLE_CHOICE, "2")).isEqualTo(new Answer.Chosen(2));
        assertThat(AnswerText.read(QuestionKind.MULTIPLE_CHOICE, "2,0"))
                .isEqualTo(new Answer.ChosenSet(new TreeSet<>(Set.of(0, 2))));
        assertThat(AnswerText.read(QuestionKind.HOT_WORDS, "1"))
                .isEqualTo(new Answer.ChosenSet(new TreeSet<>(Set.of(1))));
        assertThat(AnswerText.read(QuestionKind.ORDERING, "2,0,1")).isEqualTo(new Answer.Ordered(List.of(2, 0, 1)));
        assertThat(AnswerText.read(QuestionKind.MATCHING, "0:1,1:0")).isEqualTo(new Answer.Matched(Map.of(0, 1, 1, 0)));
    }

    @Test
    void everyBlankIsALineAlsoAnEmptyOneAtTheEnd() {
        assertThat(AnswerText.read(QuestionKind.BLANKS, "moon\n\n"))
                .isEqualTo(new Answer.Filled(List.of("moon", "", "")));
    }

    @ParameterizedTest
    @EnumSource(
            value = QuestionKind.class,
            names = {"NUMERIC", "SHORT_ANSWER", "LONG_ANSWER"})
    void wordsStayWords(QuestionKind kind) {
        assertThat(AnswerText.read(kind, "0,1")).isEqualTo(new Answer.Typed("0,1"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "1,", "-1", "99999", "1,,2", "1;2", "1:2:3"})
    void whatCannotBeReadIsTakenAsWordsAndSoNotRight(String given) {
        for (QuestionKind kind : List.of(QuestionKind.MULTIPLE_CHOICE, QuestionKind.ORDERING, QuestionKind.MATCHING)) {
            assertThat(AnswerText.read(kind, given)).as(kind.name()).isEqualTo(new Answer.Typed(given));
        }
    }
}
