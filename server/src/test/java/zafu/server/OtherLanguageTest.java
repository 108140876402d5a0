package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A text that is there in a language that a student was granted can be chosen beside it, by that student alone. */
class OtherLanguageTest extends ServerTest {
    private static Map<String, Object> text(String title, String language, Long sameAs) {
        Map<String, Object> text = new LinkedHashMap<>();
        text.put("kind", "TEXT");
        text.put("title", title);
        text.put("body", title + ".");
        text.put("language", language);
        text.put("sameAs", sameAs);
        return text;
    }

    private HttpCaller.Answer add(String title, String language, Long sameAs) {
        return teacher().post("/api/library/items", text(title, language, sameAs));
    }

    private void grantLanguage(TestClass own, int number, String language) {
        own.teacher
                .post(
                        "/api/students/" + own.student(number) + "/accommodations",
                        Map.of(
                                "support",
                                "LANGUAGE_VERSION",
                                "detail",
                                language,
                                "works",
                                List.of(),
                                "subjects",
                                List.of(),
                                "source",
                                "test"))
                .ok();
    }

    private JsonNode others(TestTask task, int number) {
        return task.start(number).get("inOtherLanguages");
    }

    @Test
    void whoHasTheLanguageGrantedCanChooseItAndNobodyElseSeesIt() {
        long english = add("The marsh drinks", "en", null).ok().get("id").asLong();
        add("La marisma bebe", "es", english).ok();
        add("Le marais boit", "fr", english).ok();
        TestClass own = newClass("languages", 3);
        grantLanguage(own, 1, "Spanish");
        grantLanguage(own, 2, "fr");
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(TestTask.base("texts", List.of(english))).ok();
        own.handOut(task.id, true).ok();
        assertThat(others(task, 1)).hasSize(1);
        assertThat(task.start(1)
                        .get("inOtherLanguages")
                        .get(0)
                        .get("page")
                        .get("title")
                        .asString())
                .isEqualTo("La marisma bebe");
        assertThat(others(task, 2).get(0).get("page").get("language").asString())
                .isEqualTo("fr");
        assertThat(others(task, 3)).isEmpty();
    }

    @Test
    void aTextGivenInAnotherLanguageCanBeReadInTheFirst() {
        long english = add("Tides", "en", null).ok().get("id").asLong();
        long spanish = add("Mareas", "es", english).ok().get("id").asLong();
        TestClass own = newClass("first language", 1);
        grantLanguage(own, 1, "english");
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(TestTask.base("texts", List.of(spanish))).ok();
        own.handOut(task.id, true).ok();
        assertThat(others(task, 1).get(0).get("page").get("title").asString()).isEqualTo("Tides");
    }

    @Test
    void theSameTextIsInAnotherLanguage() {
        long english = add("Crabs", "en", null).ok().get("id").asLong();
        HttpCaller.Answer refused = add("Crabs again", "en-CA", english);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("is in the same language");
        assertThat(add("Cangrejos", "es", 999_999_999L).status()).isEqualTo(404);
    }
}
