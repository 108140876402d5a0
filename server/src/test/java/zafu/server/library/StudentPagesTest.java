package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import zafu.server.library.QuestionBody.Piece;
import zafu.server.library.StudentPages.QuestionPart;
import zafu.server.library.StudentPages.QuestionSheet;

/** What of a question is shown to a student, and what never is. */
class StudentPagesTest {
    private static QuestionSheet sheet(QuestionKind kind, QuestionBody body, @Nullable Integer choices) {
        return StudentPages.sheet(7, kind, "Which *one*?", 2, body, Markdown.Reader.STUDENT, choices);
    }

    private static List<Integer> places(List<QuestionPart> parts) {
        return parts.stream().map(QuestionPart::place).toList();
    }

    @Test
    void optionsStandInTheirOrderWithTheirPlaces() {
        QuestionBody body = QuestionBody.empty().withOptions(List.of("wind", "*moon*", "crab"), 1, null);
        QuestionSheet shown = sheet(QuestionKind.SINGLE_CHOICE, body, null);
        assertThat(shown.prompt()).isEqualTo("Which <em>one</em>?");
        assertThat(places(shown.parts())).containsExactly(0, 1, 2);
        assertThat(shown.parts().get(1).html()).isEqualTo("<em>moon</em>");
        assertThat(shown.parts().get(1).text()).isEqualTo("moon");
    }

    @Test
    void fewerChoicesKeepTheirPlacesSoThatAnAnswerMeansTheSame() {
        QuestionBody body = QuestionBody.empty()
                .withOptions(List.of("wind", "moon", "crab", "sun"), 1, null)
                .withLeaveOut(List.of(0));
        assertThat(places(sheet(QuestionKind.SINGLE_CHOICE, body, 3).parts())).containsExactly(1, 2, 3);
        assertThat(places(sheet(QuestionKind.SINGLE_CHOICE, body, 2).parts())).containsExactly(1, 2);
    }

    @Test
    void whatIsToBeOrderedOrMatchedIsShuffledWithItsPlaces() {
        QuestionBody order = QuestionBody.empty().withOptions(List.of("low", "rising", "high"), null, null);
        assertThat(places(sheet(QuestionKind.ORDERING, order, null).parts()))
                .containsExactlyInAnyOrder(0, 1, 2)
                .isNotEqualTo(List.of(0, 1, 2));
        QuestionBody match =
                QuestionBody.empty().withMatching(List.of("full", "new"), List.of("spring", "quiet"), List.of(0, 0));
        QuestionSheet shown = sheet(QuestionKind.MATCHING, match, null);
        assertThat(places(shown.parts())).containsExactly(0, 1);
        assertThat(places(shown.partners())).containsExactly(1, 0);
    }

    @Test
    void blanksAndWordsAreNumberedAndTellNothing() {
        QuestionBody blanks = QuestionBody.empty()
                .withPieces(List.of(
                        Piece.plain("The "),
                        Piece.blank(List.of("moon"), null),
                        Piece.plain(" pulls the "),
                        Piece.blank(List.of("sea"), List.of("sky", "sea"))));
        QuestionSheet shown = sheet(QuestionKind.BLANKS, blanks, null);
        assertThat(shown.pieces().get(1).blank()).isZero();
        assertThat(shown.pieces().get(3).blank()).isEqualTo(1);
        assertThat(shown.pieces().get(3).choices()).containsExactly("sky", "sea");
        assertThat(shown.toString()).doesNotContain("moon");
        QuestionBody words = QuestionBody.empty()
                .withPieces(List.of(Piece.hot("because", true), Piece.plain(" of "), Piece.hot("rain", false)));
        QuestionSheet hot = sheet(QuestionKind.HOT_WORDS, words, null);
        assertThat(hot.pieces()).extracting(StudentPages.PiecePage::word).containsExactly(0, null, 1);
    }

    @Test
    void aNumberShowsItsUnitAndNotItself() {
        QuestionBody body = QuestionBody.empty().withNumber(new BigDecimal("6"), new BigDecimal("0.5"), "hours");
        QuestionSheet shown = sheet(QuestionKind.NUMERIC, body, null);
        assertThat(shown.unit()).isEqualTo("hours");
        assertThat(shown.parts()).isEmpty();
        assertThat(shown.toString()).doesNotContain("0.5");
    }
}
