package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The server answers in the language of the page, and what it keeps is read in the language of whoever reads it. */
class SpokenToTest extends ServerTest {
    private static String refused(HttpCaller.Answer answer) {
        return answer.body().get("detail").asString();
    }

    @ParameterizedTest
    @CsvSource({
        "fr, Nous ne connaissons pas ce code. Regarde encore une fois ta carte.",
        "es, No conocemos este código. Mira otra vez tu tarjeta.",
        "ar, لا نعرف هذا الرمز. انظر إلى بطاقتك مرة أخرى.",
        "zh, 没有这个登录码。请再看看你的卡片。",
        "tlh, We do not know this code. Look at your card once more."
    })
    void aRefusalComesInTheLanguageOfThePage(String language, String sentence) {
        assertThat(refused(nobody().speaking(language).post("/api/sign-in/student", Map.of("code", "abcdefgh"))))
                .isEqualTo(sentence);
    }

    @Test
    void whereNoPageHasChosenYetTheBrowserSaysWhichLanguage() throws Exception {
        HttpRequest asked = HttpRequest.newBuilder(
                        URI.create("http://localhost:" + port + "/calendar/nothing-here.ics"))
                .header("Accept-Language", "pt-BR, fr-CA;q=0.8, en;q=0.5")
                .build();
        String said = HttpClient.newHttpClient()
                .send(asked, HttpResponse.BodyHandlers.ofString())
                .body();
        assertThat(said).contains("Introuvable ici : ce calendrier.");
    }

    @Test
    void theTrailIsReadInTheLanguageOfTheReader() {
        TestClass own = newClass("spoken trail", 2);
        String path = "/api/classes/" + own.id + "/history";
        JsonNode english =
                own.teacher.speaking("en").get(path).ok().get("lines").get(0);
        assertThat(english.get("deed").asString()).isEqualTo("class list imported");
        assertThat(english.get("facts").asString()).isEqualTo("2 rows, 2 scores");
        JsonNode spanish =
                own.teacher.speaking("es").get(path).ok().get("lines").get(0);
        assertThat(spanish.get("deed").asString()).isEqualTo("lista de clase importada");
        assertThat(spanish.get("facts").asString()).isEqualTo("2 filas, 2 resultados");
        own.teacher.speaking("en");
    }

    @Test
    void aListThatGoesOutInFrenchComesInAgain() {
        TestClass own = newClass("spoken list", 3);
        own.teacher.speaking("fr");
        byte[] list = own.teacher
                .getBytes("/api/classes/" + own.id + "/export?what=SCORES&as=CSV")
                .body();
        assertThat(new String(list, StandardCharsets.UTF_8)).contains("Prénom", "Nom de famille", "Numéro");
        JsonNode preview = own.teacher
                .upload(
                        "/api/class-lists/preview",
                        list,
                        Map.of("classId", own.id, "className", "", "grade", 5, "takenOn", "2027-02-02"))
                .ok();
        own.teacher.speaking("en");
        assertThat(preview.get("columns")
                        .valueStream()
                        .map(each -> each.get("use").get("as").asString()))
                .contains("GIVEN_NAME", "FAMILY_NAME", "DATE", "SCORE")
                .doesNotContain("NOTHING");
        assertThat(preview.get("questions")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"French, tape ton code", "Spanish, escribe tu código", "Arabic, واكتب رمزك", "Chinese, 输入登录码"})
    void aCardSaysHowToEnterAsTheSchoolAndAsHomeSaysIt(String home, String words) throws Exception {
        TestClass own = newClass("spoken card " + home, 1);
        own.speaksAtHome(1, home);
        byte[] cards = own.teacher
                .speaking("en")
                .getBytes("/api/classes/" + own.id + "/entry-cards")
                .body();
        assertThat(text(cards)).contains(letters("and type your code, or scan:"), letters(words));
    }

    @ParameterizedTest
    @CsvSource({"Spanish, Entrega: ", "Chinese, 截止：", "Polish, Due: "})
    void aCalendarProgramReadsInTheLanguageOfTheOneWhoseFeedItIs(String home, String due) {
        TestClass own = newClass("spoken feed " + home, 1);
        TestTask task = TestTask.draft(own, TestClass.targets(true, List.of(), List.of(), List.of()));
        task.change(TestTask.base("due", "2027-02-16T15:00")).ok();
        own.handOut(task.id, true).ok();
        own.speaksAtHome(1, home);
        String address = own.signedIn(1)
                .post("/api/my/calendar/feeds", null)
                .ok()
                .get("address")
                .asString();
        assertThat(nobody().get(address).text()).contains("SUMMARY:" + due);
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument read = Loader.loadPDF(pdf)) {
            return letters(new PDFTextStripper().getText(read));
        }
    }

    /** Without blanks, as lines may break anywhere; joined letters as those that they are made of. */
    private static String letters(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKC).replaceAll("\\s+", "");
    }
}
