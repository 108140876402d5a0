package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.marking.PartNames;
import zafu.server.library.QuestionBody.Piece;
import zafu.server.library.StudentPages.QuestionPart;
import zafu.server.library.StudentPages.QuestionSheet;

/** What of a question is shown to a student, and what never is. */
class StudentPagesTest {
    private static QuestionSheet sheet(QuestionKind kind, QuestionBody body, @Nullable Integer choices) {
        return sheet("attempt", kind, body, choices);
    }

    private static QuestionSheet sheet(String secret, QuestionKind kind, QuestionBody body, @Nullable Integer choices) {
        StudentPages.Written written = new StudentPages.Written(7, kind, "Which *one*?", 2, body);
        PartNames names =
                PartNames.of(secret, 7, StudentPages.sortable(kind, body).size());
        return StudentPages.sheet(written, choices, names);
    }

    private static List<Integer> names(List<QuestionPart> parts) {
        return parts.stream().map(QuestionPart::name).toList();
    }

    @Test
    void optionsStandInTheirOrderWithTheirPlaces() {
        QuestionBody body = QuestionBody.empty().withOptions(List.of("wind", "*moon*", "crab"), 1, null);
        QuestionSheet shown = sheet(QuestionKind.SINGLE_CHOICE, body, null);
        assertThat(shown.prompt()).isEqualTo("Which <em>one</em>?");
        assertThat(names(shown.parts())).containsExactly(0, 1, 2);
        assertThat(shown.parts().get(1).html()).isEqualTo("<em>moon</em>");
        assertThat(shown.parts().get(1).text()).isEqualTo("moon");
    }

    @Test
    void fewerChoicesKeepTheirPlacesSoThatAnAnswerMeansTheSame() {
        QuestionBody body = QuestionBody.empty()
                .withOptions(List.of("wind", "moon", "crab", "sun"), 1, null)
                .withLeaveOut(List.of(0));
        assertThat(names(sheet(QuestionKind.SINGLE_CHOICE, body, 3).parts())).containsExactly(1, 2, 3);
        assertThat(names(sheet(QuestionKind.SINGLE_CHOICE, body, 2).parts())).containsExactly(1, 2);
    }

    @Test
    void whatIsToBeOrderedIsShuffledUnderNamesThatAreOthersInEveryAttempt() {
        QuestionBody order = QuestionBody.empty().withOptions(List.of("low", "rising", "high"), null, null);
        List<QuestionPart> shown = sheet(QuestionKind.ORDERING, order, null).parts();
        assertThat(shown).extracting(QuestionPart::text).containsExactlyInAnyOrder("low", "rising", "high");
        assertThat(shown).extracting(QuestionPart::text).isNotEqualTo(List.of("low", "rising", "high"));
        assertThat(names(sheet("another", QuestionKind.ORDERING, order, null).parts()))
                .doesNotContainAnyElementsOf(names(shown));
    }

    /** Of every kind two bodies that differ in their right answers alone. */
    static Stream<Arguments> otherRightAnswers() {
        return Arrays.stream(QuestionKind.values()).map(StudentPagesTest::twoWithOtherRightAnswers);
    }

    private static Arguments twoWithOtherRightAnswers(QuestionKind kind) {
        QuestionBody empty = QuestionBody.empty();
        List<String> options = List.of("wind", "moon", "crab");
        return switch (kind) {
            case SINGLE_CHOICE ->
                Arguments.of(kind, empty.withOptions(options, 0, null), empty.withOptions(options, 2, null));
            case MULTIPLE_CHOICE ->
                Arguments.of(
                        kind,
                        empty.withOptions(options, null, List.of(0, 1)),
                        empty.withOptions(options, null, List.of(2)));
            case ORDERING ->
                Arguments.of(
                        kind,
                        empty.withOptions(options, null, null),
                        empty.withOptions(List.of("crab", "moon", "wind"), null, null));
            case MATCHING ->
                Arguments.of(
                        kind,
                        empty.withMatching(List.of("full", "new"), List.of("spring", "neap"), List.of(0, 1)),
                        empty.withMatching(List.of("full", "new"), List.of("neap", "spring"), List.of(0, 1)));
            case NUMERIC ->
                Arguments.of(
                        kind,
                        empty.withNumber(new BigDecimal("6"), new BigDecimal("0.5"), "hours"),
                        empty.withNumber(new BigDecimal("1200"), BigDecimal.ZERO, "hours"));
            case SHORT_ANSWER ->
                Arguments.of(
                        kind, empty.withAccepted(List.of("moon")), empty.withAccepted(List.of("the wind", "a breeze")));
            case BLANKS ->
                Arguments.of(
                        kind,
                        empty.withPieces(List.of(
                                Piece.blank(List.of("moon"), null),
                                Piece.blank(List.of("sea"), List.of("sea", "sky")))),
                        empty.withPieces(List.of(
                                Piece.blank(List.of("wind", "air"), null),
                                Piece.blank(List.of("sky"), List.of("sea", "sky")))));
            case LONG_ANSWER -> Arguments.of(kind, empty.withGuidance("A reason: 2"), empty.withGuidance("None"));
            case HOT_WORDS ->
                Arguments.of(
                        kind,
                        empty.withPieces(List.of(Piece.hot("so", true), Piece.hot("sea", false))),
                        empty.withPieces(List.of(Piece.hot("so", false), Piece.hot("sea", true))));
        };
    }

    @ParameterizedTest
    @MethodSource("otherRightAnswers")
    void questionsWithOtherRightAnswersLookTheSame(QuestionKind kind, QuestionBody one, QuestionBody other) {
        assertThat(one).isNotEqualTo(other);
        assertThat(alike(kind, one)).isEqualTo(alike(kind, other));
    }

    /** What is shown of a question over many attempts: each look that a student can have, however often. */
    private static Set<String> alike(QuestionKind kind, QuestionBody body) {
        Set<String> looks = new TreeSet<>();
        for (int attempt = 0; attempt < 300; attempt++) {
            QuestionSheet shown = sheet("attempt " + attempt, kind, body, null);
            looks.add("" + byRank(shown.parts()) + byRank(shown.partners()) + shown.pieces() + shown.unit());
        }
        return looks;
    }

    /** Names are others each time, so each is put as its place among all of them. */
    private static List<String> byRank(List<QuestionPart> parts) {
        List<Integer> inOrder = names(parts).stream().sorted().toList();
        return parts.stream()
                .map(part -> inOrder.indexOf(part.name()) + " " + part.html() + " " + part.text())
                .toList();
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
