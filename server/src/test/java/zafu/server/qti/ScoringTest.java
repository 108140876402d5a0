package zafu.server.qti;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ways of scoring that say what ours do, and ways that do not. */
class ScoringTest {
    private static final String RIGHT =
            "<match><variable identifier=\"RESPONSE\"/><correct identifier=\"RESPONSE\"/></match>";
    private static final String NOTHING = set("0");

    private static Scoring of(String processing) {
        String xml = "<assessmentItem>" + processing + "</assessmentItem>";
        return Scoring.of(Xml.parse(xml.getBytes(StandardCharsets.UTF_8)));
    }

    private static Scoring rules(String rules) {
        return of("<responseProcessing>" + rules + "</responseProcessing>");
    }

    private static String set(String value) {
        return "<setOutcomeValue identifier=\"SCORE\"><baseValue baseType=\"float\">" + value
                + "</baseValue></setOutcomeValue>";
    }

    private static String when(String test, String then, String otherwise) {
        return "<responseCondition><responseIf>" + test + then + "</responseIf>"
                + (otherwise.isEmpty() ? "" : "<responseElse>" + otherwise + "</responseElse>")
                + "</responseCondition>";
    }

    @ParameterizedTest
    @CsvSource({
        "http://www.imsglobal.org/question/qti_v2p0/rptemplates/match_correct, MATCH",
        "http://www.imsglobal.org/question/qti_v2p1/rptemplates/map_response.xml, MAP",
        "https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/match_correct.xml, MATCH"
    })
    void theStandardTemplatesAreKnownInEveryVersion(String template, Scoring.Way way) {
        assertThat(of("<responseProcessing template=\"" + template + "\"/>").way())
                .isEqualTo(way);
    }

    @Test
    void noProcessingIsForAPerson() {
        assertThat(of("").way()).isEqualTo(Scoring.Way.NONE);
        assertThat(rules("").way()).isEqualTo(Scoring.Way.NONE);
    }

    @Test
    void aConditionThatSaysTheSameAsATemplateIsOne() {
        Scoring scoring = rules(when(RIGHT, set("2"), NOTHING));
        assertThat(scoring.way()).isEqualTo(Scoring.Way.MATCH);
        assertThat(scoring.points()).contains(new BigDecimal("2"));
    }

    @Test
    void pointsMayBeAddedToTheScoreSoFar() {
        String sum = "<setOutcomeValue identifier=\"SCORE\"><sum><variable identifier=\"SCORE\"/>"
                + "<baseValue baseType=\"float\">3</baseValue></sum></setOutcomeValue>";
        assertThat(rules(NOTHING + when(RIGHT, sum, "")).points()).contains(new BigDecimal("3"));
    }

    @Test
    void aConditionThatOnlyChoosesFeedbackDoesNotScore() {
        String feedback =
                "<setOutcomeValue identifier=\"FEEDBACK\"><baseValue baseType=\"identifier\">right</baseValue>"
                        + "</setOutcomeValue>";
        Scoring scoring =
                rules("<setOutcomeValue identifier=\"SCORE\"><mapResponse identifier=\"RESPONSE\"/></setOutcomeValue>"
                        + when(RIGHT, feedback, ""));
        assertThat(scoring.way()).isEqualTo(Scoring.Way.MAP);
    }

    @Test
    void aToleranceMustBeTheSameOnBothSidesEndsIncluded() {
        String ends = "<variable identifier=\"RESPONSE\"/><correct identifier=\"RESPONSE\"/></equal>";
        assertThat(rules(when("<equal toleranceMode=\"absolute\" tolerance=\"0.5\">" + ends, set("1"), ""))
                        .tolerance())
                .contains(new BigDecimal("0.5"));
        assertThat(rules(when("<equal toleranceMode=\"exact\">" + ends, set("1"), ""))
                        .tolerance())
                .isEmpty();
        for (String other : new String[] {
            "toleranceMode=\"relative\" tolerance=\"5\"",
            "toleranceMode=\"absolute\" tolerance=\"0.5 1\"",
            "toleranceMode=\"absolute\" tolerance=\"1\" includeUpperBound=\"false\""
        }) {
            assertThatThrownBy(() -> rules(when("<equal " + other + ">" + ends, set("1"), "")))
                    .isInstanceOf(CannotTake.class)
                    .hasMessageContaining("tolerance");
        }
    }

    @Test
    void capitalsThatMatterAreNamed() {
        String test = "<stringMatch caseSensitive=\"true\"><variable identifier=\"RESPONSE\"/>"
                + "<correct identifier=\"RESPONSE\"/></stringMatch>";
        assertThatThrownBy(() -> rules(when(test, set("1"), ""))).hasMessageContaining("capitals");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<lookupOutcomeValue identifier=\"SCORE\"/>",
                "<responseCondition><responseIf><isNull><variable identifier=\"RESPONSE\"/></isNull>"
                        + "<setOutcomeValue identifier=\"SCORE\"><baseValue>1</baseValue></setOutcomeValue></responseIf>"
                        + "</responseCondition>",
                "<setOutcomeValue identifier=\"SCORE\"><product><baseValue>2</baseValue></product></setOutcomeValue>"
            })
    void anyOtherWayIsNamed(String rule) {
        assertThatThrownBy(() -> rules(rule)).isInstanceOf(CannotTake.class);
    }

    @Test
    void somethingForAWrongAnswerIsAnotherWay() {
        assertThatThrownBy(() -> rules(when(RIGHT, set("2"), set("1")))).isInstanceOf(CannotTake.class);
        assertThatThrownBy(() -> rules(when(RIGHT, set("2"), NOTHING) + when(RIGHT, set("1"), "")))
                .isInstanceOf(CannotTake.class);
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2.0, 2", "100, 100"})
    void pointsAreWhole(String points, int whole) {
        assertThat(Scoring.points(new BigDecimal(points))).isEqualTo(whole);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "0.5", "-1", "101"})
    void otherPointsAreNamed(String points) {
        assertThatThrownBy(() -> Scoring.points(new BigDecimal(points))).hasMessageContaining("whole, from 1 to 100");
    }
}
