package zafu.server.qti;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import zafu.server.library.QuestionKind;

/** Quizzes of cartridges, as QTI 1.2 writes them. */
class OldQuizTest {
    private static OldQuiz read(String items) {
        String xml = "<questestinterop><assessment ident=\"a\" title=\" Tides \"><qtimetadata><qtimetadatafield>"
                + "<fieldlabel>qmd_timelimit</fieldlabel><fieldentry>20</fieldentry></qtimetadatafield></qtimetadata>"
                + "<section ident=\"s\">" + items + "</section></assessment></questestinterop>";
        return OldQuiz.read(Xml.parse(xml.getBytes(StandardCharsets.UTF_8)), picture -> picture);
    }

    private static String item(String profile, String weight, String presentation, String conditions) {
        return "<item ident=\"i\" title=\"Tide\"><itemmetadata><qtimetadata>" + field("cc_profile", profile)
                + (weight.isEmpty() ? "" : field("cc_weighting", weight)) + "</qtimetadata></itemmetadata>"
                + "<presentation>" + presentation + "</presentation><resprocessing>" + conditions
                + "</resprocessing></item>";
    }

    private static String field(String label, String entry) {
        return "<qtimetadatafield><fieldlabel>" + label + "</fieldlabel><fieldentry>" + entry
                + "</fieldentry></qtimetadatafield>";
    }

    private static String text(String words) {
        return "<material><mattext texttype=\"text/plain\">" + words + "</mattext></material>";
    }

    private static String label(String ident, String words) {
        return "<response_label ident=\"" + ident + "\">" + text(words) + "</response_label>";
    }

    private static String earns(String test) {
        return "<respcondition><conditionvar>" + test
                + "</conditionvar><setvar varname=\"SCORE\">100</setvar></respcondition>";
    }

    private static String equal(String value, String more) {
        return "<varequal respident=\"r\"" + more + ">" + value + "</varequal>";
    }

    private static final String TRUE_FALSE = "<response_lid ident=\"r\"><render_choice>" + label("t", "True")
            + label("f", "False") + "</render_choice></response_lid>";

    @Test
    void trueOrFalseIsOneOfTwo() {
        OldQuiz quiz =
                read(item("cc.true_false.v0p1", "2", text("The sea is *salty*.") + TRUE_FALSE, earns(equal("t", ""))));
        assertThat(quiz.title()).isEqualTo("Tides");
        assertThat(quiz.minutes()).isEqualTo(20);
        QuestionRead question = quiz.questions().get(0);
        assertThat(question.question().kind()).isEqualTo(QuestionKind.SINGLE_CHOICE);
        assertThat(question.question().points()).isEqualTo(2);
        assertThat(question.question().body().options()).containsExactly("True", "False");
        assertThat(question.question().body().right()).isZero();
        assertThat(zafu.server.library.Markdown.plain(question.question().prompt()))
                .isEqualTo("The sea is *salty*.");
    }

    @Test
    void conditionsThatEarnNothingSayNothing() {
        String feedbackOnly = "<respcondition><conditionvar>" + equal("f", "")
                + "</conditionvar><displayfeedback linkrefid=\"x\"/></respcondition>";
        OldQuiz quiz =
                read(item("cc.true_false.v0p1", "", text("Salty?") + TRUE_FALSE, feedbackOnly + earns(equal("t", ""))));
        assertThat(quiz.questions().get(0).question().body().right()).isZero();
    }

    @Test
    void wordsThatMindCapitalsAreTakenAndThisIsSaid() {
        OldQuiz quiz = read(item(
                "cc.fib.v0p1",
                "",
                text("Who?") + "<response_str ident=\"r\"><render_fib/></response_str>",
                earns(equal("Moon", " case=\"Yes\"") + equal("the Moon", ""))));
        QuestionRead question = quiz.questions().get(0);
        assertThat(question.question().body().accepted()).containsExactly("Moon", "the Moon");
        assertThat(question.changes()).containsExactly("capitals and small letters count the same here");
    }

    @Test
    void whatDoesNotSayWhatIsRightOrIsOfAnotherKindIsNamed() {
        OldQuiz quiz = read(item("cc.multiple_choice.v0p1", "", text("Which?") + TRUE_FALSE, "")
                + item("cc.something_new", "", text("Which?"), "")
                + item("cc.true_false.v0p1", "2.5", text("Half?") + TRUE_FALSE, earns(equal("t", ""))));
        assertThat(quiz.questions()).isEmpty();
        assertThat(quiz.leftOut())
                .extracting(PackageRead.Finding::why)
                .satisfiesExactly(
                        why -> assertThat(why).contains("does not say what is right"),
                        why -> assertThat(why).contains("cc.something_new"),
                        why -> assertThat(why).contains("2.5 points"));
        assertThat(quiz.leftOut().get(0).where()).isEqualTo("\"Tide\"");
    }

    @Test
    void aFileWithoutAnAssessmentIsNoQuiz() {
        assertThatThrownBy(() -> OldQuiz.read(
                        Xml.parse("<questestinterop/>".getBytes(StandardCharsets.UTF_8)), picture -> picture))
                .isInstanceOf(CannotTake.class)
                .hasMessageContaining("no assessment");
    }
}
