package zafu.server.qti;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.QuestionKind;

/** Items as other programs write them. */
class QtiReaderTest {
    private static final String MATCH = "<responseProcessing "
            + "template=\"http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct\"/>";
    private static final String MAP = "<responseProcessing "
            + "template=\"http://www.imsglobal.org/question/qti_v2p1/rptemplates/map_response\"/>";

    private static QuestionRead read(String xml) {
        return QtiReader.read(
                Xml.parse(xml.getBytes(StandardCharsets.UTF_8)), picture -> "package:" + picture, BigDecimal.ONE);
    }

    private static String item(String declarations, String body, String processing) {
        return "<assessmentItem xmlns=\"http://www.imsglobal.org/xsd/imsqti_v2p1\" identifier=\"i\" title=\"The tide\" "
                + "adaptive=\"false\" timeDependent=\"false\">" + declarations
                + "<outcomeDeclaration identifier=\"SCORE\" cardinality=\"single\" baseType=\"float\"/>" + "<itemBody>"
                + body + "</itemBody>" + processing + "</assessmentItem>";
    }

    private static String response(String cardinality, String type, String inside) {
        return "<responseDeclaration identifier=\"RESPONSE\" cardinality=\"" + cardinality + "\" baseType=\"" + type
                + "\">" + inside + "</responseDeclaration>";
    }

    private static String correct(String... values) {
        StringBuilder all = new StringBuilder("<correctResponse>");
        for (String value : values) {
            all.append("<value>").append(value).append("</value>");
        }
        return all.append("</correctResponse>").toString();
    }

    @Test
    void aChoiceWithAPromptOfItsOwnAndTextBefore() {
        QuestionDraft question = read(item(
                        response("single", "identifier", correct("B")),
                        "<p>Look at the <strong>moon</strong>.</p><choiceInteraction responseIdentifier=\"RESPONSE\" "
                                + "shuffle=\"true\" maxChoices=\"1\"><prompt>Who pulls?</prompt>"
                                + "<simpleChoice identifier=\"A\">The wind</simpleChoice>"
                                + "<simpleChoice identifier=\"B\">The <em>moon</em></simpleChoice></choiceInteraction>",
                        MATCH))
                .question();
        assertThat(question.kind()).isEqualTo(QuestionKind.SINGLE_CHOICE);
        assertThat(question.prompt()).isEqualTo("Look at the **moon**.\n\nWho pulls?");
        assertThat(question.body().options()).containsExactly("The wind", "The *moon*");
        assertThat(question.body().right()).isEqualTo(1);
        assertThat(question.points()).isEqualTo(1);
    }

    @Test
    void aChoiceOfVersionThree() {
        QuestionDraft question =
                read("<qti-assessment-item xmlns=\"http://www.imsglobal.org/xsd/imsqtiasi_v3p0\" identifier=\"i\" "
                                + "title=\"x\" adaptive=\"false\" time-dependent=\"false\">"
                                + "<qti-response-declaration identifier=\"RESPONSE\" cardinality=\"single\" "
                                + "base-type=\"identifier\"><qti-correct-response><qti-value>B</qti-value>"
                                + "</qti-correct-response></qti-response-declaration><qti-item-body>"
                                + "<qti-choice-interaction response-identifier=\"RESPONSE\" max-choices=\"1\">"
                                + "<qti-prompt>Who pulls?</qti-prompt>"
                                + "<qti-simple-choice identifier=\"A\">Wind</qti-simple-choice>"
                                + "<qti-simple-choice identifier=\"B\">Moon</qti-simple-choice>"
                                + "</qti-choice-interaction></qti-item-body><qti-response-processing "
                                + "template=\"https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/match_correct.xml\"/>"
                                + "</qti-assessment-item>")
                        .question();
        assertThat(question.prompt()).isEqualTo("Who pulls?");
        assertThat(question.body().right()).isEqualTo(1);
    }

    @Test
    void partsThatEarnAlikeEarnByPartAndAMilderRuleForWrongOnesIsSaid() {
        QuestionRead read = read(item(
                response(
                        "multiple",
                        "identifier",
                        correct("A", "C")
                                + "<mapping defaultValue=\"0\"><mapEntry mapKey=\"A\" mappedValue=\"1\"/>"
                                + "<mapEntry mapKey=\"C\" mappedValue=\"1\"/></mapping>"),
                "<choiceInteraction responseIdentifier=\"RESPONSE\" maxChoices=\"0\"><prompt>Which?</prompt>"
                        + "<simpleChoice identifier=\"A\">a</simpleChoice><simpleChoice identifier=\"B\">b</simpleChoice>"
                        + "<simpleChoice identifier=\"C\">c</simpleChoice></choiceInteraction>",
                MAP));
        assertThat(read.question().kind()).isEqualTo(QuestionKind.MULTIPLE_CHOICE);
        assertThat(read.question().body().rights()).containsExactly(0, 2);
        assertThat(read.question().body().byPart()).isTrue();
        assertThat(read.question().points()).isEqualTo(2);
        assertThat(read.changes()).singleElement().asString().contains("takes a right one back");
    }

    @Test
    void anOrderIsReadInItsRightOrder() {
        QuestionDraft question = read(item(
                        response("ordered", "identifier", correct("C", "A", "B")),
                        "<orderInteraction responseIdentifier=\"RESPONSE\" shuffle=\"true\"><prompt>Order</prompt>"
                                + "<simpleChoice identifier=\"A\">rising</simpleChoice>"
                                + "<simpleChoice identifier=\"B\">high</simpleChoice>"
                                + "<simpleChoice identifier=\"C\">low</simpleChoice></orderInteraction>",
                        MATCH))
                .question();
        assertThat(question.body().options()).containsExactly("low", "rising", "high");
    }

    @Test
    void pairsAreReadWithWhatBelongsToNone() {
        QuestionDraft question = read(item(
                        response("multiple", "directedPair", correct("F S", "N S")),
                        "<matchInteraction responseIdentifier=\"RESPONSE\" maxAssociations=\"2\"><prompt>Match</prompt>"
                                + "<simpleMatchSet><simpleAssociableChoice identifier=\"F\" matchMax=\"1\">full"
                                + "</simpleAssociableChoice><simpleAssociableChoice identifier=\"N\" matchMax=\"1\">new"
                                + "</simpleAssociableChoice></simpleMatchSet><simpleMatchSet>"
                                + "<simpleAssociableChoice identifier=\"Q\" matchMax=\"2\">quiet</simpleAssociableChoice>"
                                + "<simpleAssociableChoice identifier=\"S\" matchMax=\"2\">spring</simpleAssociableChoice>"
                                + "</simpleMatchSet></matchInteraction>",
                        MATCH))
                .question();
        assertThat(question.body().partners()).containsExactly("quiet", "spring");
        assertThat(question.body().pairs()).containsExactly(1, 1);
    }

    @Test
    void aWordWithinALineIsABlankAndOneBelowItAShortAnswer() {
        String mapping = correct("moon")
                + "<mapping defaultValue=\"0\"><mapEntry mapKey=\"moon\" mappedValue=\"1\" caseSensitive=\"false\"/>"
                + "<mapEntry mapKey=\"Moon's pull\" mappedValue=\"1\" caseSensitive=\"false\"/></mapping>";
        String entry = "<textEntryInteraction responseIdentifier=\"RESPONSE\" expectedLength=\"15\"/>";
        QuestionDraft within = read(item(
                        response("single", "string", mapping), "<p>The " + entry + " pulls the sea.</p>", MAP))
                .question();
        assertThat(within.kind()).isEqualTo(QuestionKind.BLANKS);
        assertThat(within.body().pieces())
                .extracting(piece -> piece.text())
                .containsExactly("The ", "", " pulls the sea.");
        QuestionDraft below = read(item(
                        response("single", "string", mapping), "<p>What pulls the sea?</p><p>" + entry + "</p>", MAP))
                .question();
        assertThat(below.kind()).isEqualTo(QuestionKind.SHORT_ANSWER);
        assertThat(below.prompt()).isEqualTo("What pulls the sea?");
        assertThat(below.body().accepted()).containsExactly("moon", "Moon's pull");
    }

    @Test
    void aNumberIsReadWithItsToleranceItsUnitAndPointsOfAConditionOfItsOwn() {
        QuestionDraft question = read(item(
                        response("single", "float", correct("6.0")),
                        "<div>How long?</div><div><textEntryInteraction responseIdentifier=\"RESPONSE\"/> hours</div>",
                        "<responseProcessing><responseCondition><responseIf><equal toleranceMode=\"absolute\" "
                                + "tolerance=\"0.5 0.5\"><variable identifier=\"RESPONSE\"/>"
                                + "<correct identifier=\"RESPONSE\"/></equal><setOutcomeValue identifier=\"SCORE\">"
                                + "<baseValue baseType=\"float\">3</baseValue></setOutcomeValue></responseIf>"
                                + "</responseCondition></responseProcessing>"))
                .question();
        assertThat(question.kind()).isEqualTo(QuestionKind.NUMERIC);
        assertThat(question.body().tolerance()).isEqualByComparingTo("0.5");
        assertThat(question.body().unit()).isEqualTo("hours");
        assertThat(question.points()).isEqualTo(3);
    }

    private static final String WITHIN_A_HALF =
            "<responseProcessing><responseCondition><responseIf><equal toleranceMode=\"absolute\" "
                    + "tolerance=\"0.5 0.5\"><variable identifier=\"RESPONSE\"/>"
                    + "<correct identifier=\"RESPONSE\"/></equal><setOutcomeValue identifier=\"SCORE\">"
                    + "<baseValue baseType=\"float\">1</baseValue></setOutcomeValue></responseIf>"
                    + "</responseCondition></responseProcessing>";

    /** Once it became a text to be matched with "12.5", and the tolerance was lost. */
    @Test
    void aNumberWithinALineIsANumberToo() {
        QuestionDraft question = read(item(
                        response("single", "float", correct("12.5")),
                        "<p>The tide.</p><p>It takes <textEntryInteraction responseIdentifier=\"RESPONSE\"/> hours"
                                + " to come back.</p>",
                        WITHIN_A_HALF))
                .question();
        assertThat(question.kind()).isEqualTo(QuestionKind.NUMERIC);
        assertThat(question.prompt()).isEqualTo("The tide.\n\nIt takes _____ hours to come back.");
        assertThat(question.body().value()).isEqualByComparingTo("12.5");
        assertThat(question.body().tolerance()).isEqualByComparingTo("0.5");
    }

    @Test
    void choicesWithinALineAreBlanksToPick() {
        QuestionDraft question = read(item(
                        response("single", "identifier", correct("Y")),
                        "<p>The <inlineChoiceInteraction responseIdentifier=\"RESPONSE\" shuffle=\"false\">"
                                + "<inlineChoice identifier=\"G\">sun</inlineChoice>"
                                + "<inlineChoice identifier=\"Y\">moon</inlineChoice></inlineChoiceInteraction> pulls.</p>",
                        MATCH))
                .question();
        assertThat(question.body().pieces().get(1).choices()).containsExactly("sun", "moon");
        assertThat(question.body().pieces().get(1).accepted()).containsExactly("moon");
    }

    @Test
    void wordsOfATextAndALongAnswerAreRead() {
        QuestionDraft words = read(item(
                        response("multiple", "identifier", correct("B")),
                        "<hottextInteraction responseIdentifier=\"RESPONSE\" maxChoices=\"1\"><prompt>The reason?</prompt>"
                                + "<p>It is <hottext identifier=\"A\">wet</hottext> <hottext identifier=\"B\">because"
                                + "</hottext> it rains.</p></hottextInteraction>",
                        MATCH))
                .question();
        assertThat(words.prompt()).isEqualTo("The reason?");
        assertThat(words.body().hotPieces()).extracting(piece -> piece.right()).containsExactly(false, true);
        QuestionDraft text = read(item(
                        response("single", "string", ""),
                        "<extendedTextInteraction responseIdentifier=\"RESPONSE\"><prompt>Tell it.</prompt>"
                                + "</extendedTextInteraction><rubricBlock view=\"scorer\"><p>Two reasons</p></rubricBlock>",
                        ""))
                .question();
        assertThat(text.kind()).isEqualTo(QuestionKind.LONG_ANSWER);
        assertThat(text.body().guidance()).isEqualTo("Two reasons");
    }

    static Stream<Arguments> whatHasNoPlaceHere() {
        String choice = "<choiceInteraction responseIdentifier=\"RESPONSE\" maxChoices=\"1\"><prompt>Which?</prompt>"
                + "<simpleChoice identifier=\"A\">a</simpleChoice><simpleChoice identifier=\"B\">b</simpleChoice>"
                + "</choiceInteraction>";
        String right = response("single", "identifier", correct("A"));
        return Stream.of(
                Arguments.of(
                        item(right, "<sliderInteraction responseIdentifier=\"RESPONSE\"/>", MATCH),
                        "sliderInteraction"),
                Arguments.of(item(right, choice + choice, MATCH), "2 things of different kinds"),
                Arguments.of(item(right, "<p>Only text</p>", MATCH), "asks nothing"),
                Arguments.of(item("", choice, MATCH), "does not say what is right"),
                Arguments.of(item(right, "<object data=\"x.mp4\" type=\"video/mp4\"/>" + choice, MATCH), "<object>"),
                Arguments.of(item(right, choice + "<p>And more.</p>", MATCH), "more text after"),
                Arguments.of(
                        item(
                                right,
                                choice,
                                "<responseProcessing><responseCondition><responseIf><gt><variable identifier=\"X\"/>"
                                        + "<baseValue baseType=\"float\">1</baseValue></gt><setOutcomeValue "
                                        + "identifier=\"SCORE\"><baseValue baseType=\"float\">1</baseValue>"
                                        + "</setOutcomeValue></responseIf></responseCondition></responseProcessing>"),
                        "scored in a way of its own"),
                Arguments.of(
                        item(
                                response(
                                        "multiple",
                                        "identifier",
                                        "<mapping><mapEntry mapKey=\"A\" mappedValue=\"1\"/>"
                                                + "<mapEntry mapKey=\"B\" mappedValue=\"2\"/></mapping>"),
                                choice.replace("maxChoices=\"1\"", "maxChoices=\"0\""),
                                MAP),
                        "different points"));
    }

    @ParameterizedTest
    @MethodSource("whatHasNoPlaceHere")
    void whatHasNoPlaceHereIsSaid(String xml, String why) {
        assertThatThrownBy(() -> read(xml)).isInstanceOf(CannotTake.class).hasMessageContaining(why);
    }

    @Test
    void entitiesAreNotRead() {
        String xml = "<!DOCTYPE x [<!ENTITY secret SYSTEM \"file:///etc/passwd\">]><x>&secret;</x>";
        assertThatThrownBy(() -> Xml.parse(xml.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(CannotTake.class)
                .hasMessageContaining("entities");
    }

    @Test
    void signsOfMarkdownStayWhatTheyAre() {
        HtmlMarkdown markdown = new HtmlMarkdown(picture -> picture);
        assertThat(markdown.ofPage("<p>2 * 3 * 4</p>")).isEqualTo("2 * 3 * 4");
        assertThat(zafu.server.library.Markdown.plain(markdown.ofPage("<p>*not* _so_ [x](y)</p>")))
                .isEqualTo("*not* _so_ [x](y)");
        assertThat(markdown.ofPage("<ul><li>one</li><li>two <b>big</b></li></ul><table><tr><th>a</th></tr>"
                        + "<tr><td>1</td></tr></table>"))
                .isEqualTo("- one\n- two **big**\n\n| a |\n| --- |\n| 1 |");
        assertThat(List.of(markdown.ofPage("<p>x</p><script>alert(1)</script>")))
                .containsExactly("x");
    }
}
