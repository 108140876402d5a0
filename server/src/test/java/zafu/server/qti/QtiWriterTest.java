package zafu.server.qti;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.Markdown;
import zafu.server.library.QuestionBody;
import zafu.server.library.QuestionBody.Piece;
import zafu.server.library.QuestionKind;

/** Every kind of question goes out in both versions and is read again as it was. */
class QtiWriterTest {
    private static final QuestionBody EMPTY = QuestionBody.empty();

    private static QuestionDraft question(QuestionKind kind, int points, QuestionBody body) {
        return new QuestionDraft(kind, "Which of *these*?", points, body);
    }

    static Stream<QuestionDraft> everyKind() {
        List<String> options = List.of("the **moon**", "the wind & rain", "a < b");
        return Stream.of(
                question(QuestionKind.SINGLE_CHOICE, 1, EMPTY.withOptions(options, 0, null)),
                question(
                        QuestionKind.SINGLE_CHOICE,
                        3,
                        EMPTY.withOptions(options, 1, null)
                                .withLeaveOut(List.of(2, 0))
                                .withFeedback("Yes, *so*.", "Look again.")),
                question(QuestionKind.MULTIPLE_CHOICE, 2, EMPTY.withOptions(options, null, List.of(0, 2))),
                question(
                        QuestionKind.MULTIPLE_CHOICE,
                        5,
                        EMPTY.withOptions(options, null, List.of(0, 1)).withByPart(true)),
                question(QuestionKind.NUMERIC, 1, EMPTY.withNumber(new BigDecimal("6"), BigDecimal.ZERO, null)),
                question(
                        QuestionKind.NUMERIC,
                        2,
                        EMPTY.withNumber(new BigDecimal("-6.25"), new BigDecimal("0.5"), "m/s")
                                .withFeedback(null, "Count.")),
                question(QuestionKind.SHORT_ANSWER, 2, EMPTY.withAccepted(List.of("the moon", "moon's pull"))),
                question(QuestionKind.ORDERING, 1, EMPTY.withOptions(options, null, null)),
                question(
                        QuestionKind.MATCHING,
                        2,
                        EMPTY.withMatching(List.of("a", "b"), List.of("x", "y", "z"), List.of(1, 1))),
                question(
                        QuestionKind.MATCHING,
                        3,
                        EMPTY.withMatching(List.of("a", "b"), List.of("x", "y"), List.of(1, 0))
                                .withByPart(true)),
                question(
                        QuestionKind.BLANKS,
                        2,
                        EMPTY.withPieces(List.of(
                                new Piece("The ", null, null, null),
                                Piece.blank(List.of("moon", "Moon"), null),
                                new Piece(" pulls\nthe ", null, null, null),
                                Piece.blank(List.of("sea"), List.of("sky", "sea")),
                                new Piece(".", null, null, null)))),
                question(
                        QuestionKind.BLANKS,
                        4,
                        EMPTY.withPieces(List.of(
                                        Piece.blank(List.of("It"), null), new Piece(" ebbs.", null, null, null)))
                                .withByPart(true)),
                question(
                        QuestionKind.HOT_WORDS,
                        2,
                        EMPTY.withPieces(List.of(
                                Piece.hot("So", true),
                                new Piece(" it rains, ", null, null, null),
                                Piece.hot("but", false),
                                new Piece(" not here.", null, null, null)))),
                question(QuestionKind.LONG_ANSWER, 4, EMPTY.withGuidance("Two reasons, *one* point each.")));
    }

    private static QuestionRead outAndIn(QuestionDraft question, QtiVersion version) {
        String xml = new QtiWriter(question, markdown -> Markdown.html(markdown))
                .write("q1", "Title", version, "en")
                .write(version::elementName, version::attributeName);
        Element item = Xml.parse(xml.getBytes(StandardCharsets.UTF_8));
        return QtiReader.read(item, picture -> picture, BigDecimal.ONE);
    }

    @ParameterizedTest
    @MethodSource("everyKind")
    void versionTwoComesBackAsItWas(QuestionDraft question) {
        QuestionRead read = outAndIn(question, QtiVersion.V2_1);
        assertThat(read.question()).usingRecursiveComparison().isEqualTo(question);
        assertThat(read.changes()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("everyKind")
    void versionThreeComesBackAsItWas(QuestionDraft question) {
        QuestionRead read = outAndIn(question, QtiVersion.V3_0);
        assertThat(read.question()).usingRecursiveComparison().isEqualTo(question);
        assertThat(read.changes()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(QtiVersion.class)
    void theNamesAreThoseOfTheVersion(QtiVersion version) {
        QuestionDraft question = question(QuestionKind.SINGLE_CHOICE, 1, EMPTY.withOptions(List.of("a", "b"), 0, null));
        String xml = new QtiWriter(question, markdown -> "<p>" + markdown + "</p>")
                .write("q1", "Title", version, "en")
                .write(version::elementName, version::attributeName);
        if (version == QtiVersion.V2_1) {
            assertThat(xml)
                    .contains("<choiceInteraction responseIdentifier=\"RESPONSE\"")
                    .contains("timeDependent=\"false\"");
        } else {
            assertThat(xml)
                    .contains("<qti-choice-interaction response-identifier=\"RESPONSE\"")
                    .contains("time-dependent=\"false\"")
                    .contains("<qti-base-value base-type=\"float\">1</qti-base-value>")
                    .contains("<p>")
                    .doesNotContain("<qti-p>");
        }
    }

    @Test
    void whatXmlCannotCarryIsDroppedAndTheRestEscaped() {
        String xml = Tag.of("p", "a\u0000b <&\"")
                .with("title", "one\ntwo")
                .with("none", null)
                .write(name -> name, name -> name);
        assertThat(xml).isEqualTo("<p title=\"one&#10;two\">ab &lt;&amp;&quot;</p>");
    }
}
