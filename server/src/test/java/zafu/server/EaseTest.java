package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** How a student likes to read goes with them, and follows what is granted where they have not chosen. */
class EaseTest extends ServerTest {
    private static Map<String, Object> ease(String size) {
        Map<String, Object> ease = new LinkedHashMap<>();
        ease.put("textSize", size);
        ease.put("spacing", "WIDE");
        ease.put("typeface", "ROUND");
        ease.put("colours", "NIGHT");
        ease.put("lineFocus", true);
        ease.put("clockHidden", false);
        return ease;
    }

    private static String size(HttpCaller student) {
        return student.get("/api/my/ease").ok().get("textSize").asString();
    }

    @Test
    void whatIsChosenIsThereOnAnotherDevice() {
        TestClass own = newClass("ease", 2);
        own.signedIn(1).put("/api/my/ease", ease("LARGER")).ok();
        JsonNode elsewhere = own.signedIn(1).get("/api/my/ease").ok();
        assertThat(elsewhere.get("textSize").asString()).isEqualTo("LARGER");
        assertThat(elsewhere.get("lineFocus").asBoolean()).isTrue();
        assertThat(size(own.signedIn(2))).isEqualTo("USUAL");
    }

    @Test
    void largeTextIsThereWhereItIsGrantedAndAnotherChoiceBeatsIt() {
        TestClass own = newClass("ease granted", 1);
        own.grant(1, "LARGE_TEXT", null).ok();
        HttpCaller student = own.signedIn(1);
        assertThat(size(student)).isEqualTo("LARGE");
        student.put("/api/my/ease", ease("USUAL")).ok();
        assertThat(size(student)).isEqualTo("USUAL");
    }

    @Test
    void toLeaveItAsItComesIsNoChoice() {
        TestClass own = newClass("ease as it comes", 1);
        HttpCaller student = own.signedIn(1);
        student.put("/api/my/ease", ease("USUAL")).ok();
        own.grant(1, "LARGE_TEXT", null).ok();
        assertThat(size(student)).isEqualTo("LARGE");
    }

    private static JsonNode language(HttpCaller student) {
        return student.get("/api/my/ease").ok().path("language");
    }

    @Test
    void pagesSpeakTheLanguageOfHomeUntilTheStudentChoosesAnother() {
        TestClass own = newClass("ease language", 1);
        HttpCaller student = own.signedIn(1);
        assertThat(language(student).isMissingNode() || language(student).isNull())
                .isTrue();
        own.speaksAtHome(1, "Español");
        assertThat(language(student).asString()).isEqualTo("es");
        Map<String, Object> wanted = ease("USUAL");
        wanted.put("language", "es");
        student.put("/api/my/ease", wanted).ok();
        own.speaksAtHome(1, "ar");
        assertThat(language(student).asString()).as("as it came was no choice").isEqualTo("ar");
        wanted.put("language", "zh");
        student.put("/api/my/ease", wanted).ok();
        assertThat(language(own.signedIn(1)).asString()).isEqualTo("zh");
    }

    @Test
    void aLanguageThatZafuDoesNotSpeakIsRefused() {
        TestClass own = newClass("ease unspoken", 1);
        Map<String, Object> wanted = ease("USUAL");
        wanted.put("language", "tlh");
        assertThat(own.signedIn(1).put("/api/my/ease", wanted).status()).isEqualTo(422);
    }

    @Test
    void aTeacherChoosesForAStudentUntilTheStudentChooses() {
        TestClass own = newClass("ease by the teacher", 1);
        String path = "/api/students/" + own.student(1) + "/language";
        own.speaksAtHome(1, "Arabic");
        JsonNode asItComes = own.teacher.get(path).ok();
        assertThat(asItComes.path("chosen").isMissingNode()).isTrue();
        assertThat(asItComes.get("atHome").asString()).isEqualTo("ar");
        own.teacher.put(path, Map.of("chosen", "zh")).ok();
        HttpCaller student = own.signedIn(1);
        assertThat(language(student).asString()).isEqualTo("zh");
        Map<String, Object> wanted = ease("USUAL");
        wanted.put("language", "fr");
        student.put("/api/my/ease", wanted).ok();
        assertThat(own.teacher.get(path).ok().get("chosen").asString()).isEqualTo("fr");
        own.teacher.put(path, Map.of()).ok();
        assertThat(language(student).asString()).as("as at home again").isEqualTo("ar");
        assertThat(own.teacher.put(path, Map.of("chosen", "tlh")).status()).isEqualTo(422);
        assertThat(student.put(path, Map.of("chosen", "en")).status()).isEqualTo(403);
    }

    @Test
    void anAdultKeepsTheirLanguageAndStudentsPagesHaveMore() {
        TestClass own = newClass("ease adult", 1);
        own.teacher.put("/api/account/language", Map.of("language", "fr")).done();
        assertThat(own.teacher.get("/api/session").ok().get("language").asString())
                .isEqualTo("fr");
        assertThat(own.teacher
                        .put("/api/account/language", Map.of("language", "ar"))
                        .status())
                .isEqualTo(422);
        own.teacher.put("/api/account/language", Map.of("language", "en")).done();
    }
}
