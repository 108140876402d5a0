package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Surveys and pair notes. */
class WishTest extends ServerTest {
    private static long ask(TestClass own) {
        return own.teacher
                .post(
                        "/api/classes/" + own.id + "/surveys",
                        Map.of("question", "What next?", "options", List.of("Birds", "Tides", "Boats", "Plants")))
                .ok()
                .get("id")
                .asLong();
    }

    private static JsonNode shown(TestClass own) {
        return own.teacher.get("/api/classes/" + own.id + "/surveys").ok().get(0);
    }

    private static List<Long> options(JsonNode survey) {
        return TestClass.ids(survey.get("options"));
    }

    @Test
    void repliesComeInAndAreCountedByRank() {
        TestClass own = newClass("survey", 3);
        long survey = ask(own);
        List<Long> options = options(shown(own));
        HttpCaller one = own.signedIn(1);
        JsonNode asked = one.get("/api/my/surveys").ok().get(0);
        assertThat(asked.get("question").asString()).isEqualTo("What next?");
        one.put("/api/my/surveys/" + survey, Map.of("ranked", List.of(options.get(2), options.get(0))))
                .done();
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/surveys/" + survey + "/replies/" + own.student(2),
                        Map.of("ranked", List.of(options.get(2))))
                .done();
        JsonNode after = shown(own);
        assertThat(after.get("waiting").asInt()).isEqualTo(1);
        assertThat(after.get("options").get(2).get("chosen").valueStream().map(JsonNode::asInt))
                .containsExactly(2, 0, 0);
        assertThat(after.get("options").get(0).get("chosen").valueStream().map(JsonNode::asInt))
                .containsExactly(0, 1, 0);
        assertThat(after.get("replies").valueStream().map(each -> each.get("filledIn")
                        .asBoolean()))
                .containsExactlyInAnyOrder(false, true);
    }

    @Test
    void onlyThreeDifferentOptionsOfTheSurveyAreTaken() {
        TestClass own = newClass("survey refused", 1);
        long survey = ask(own);
        List<Long> options = options(shown(own));
        HttpCaller one = own.signedIn(1);
        String path = "/api/my/surveys/" + survey;
        assertThat(one.put(path, Map.of("ranked", List.of(options.get(0), options.get(0))))
                        .status())
                .isEqualTo(422);
        assertThat(one.put(path, Map.of("ranked", List.of(999_999))).status()).isEqualTo(422);
        assertThat(one.put(path, Map.of("ranked", options)).status()).isEqualTo(422);
    }

    @Test
    void aClosedSurveyTakesNothingAndIsNotShown() {
        TestClass own = newClass("survey closed", 1);
        long survey = ask(own);
        own.teacher
                .post("/api/classes/" + own.id + "/surveys/" + survey + "/close", null)
                .done();
        HttpCaller one = own.signedIn(1);
        assertThat(one.get("/api/my/surveys").ok()).isEmpty();
        assertThat(one.put("/api/my/surveys/" + survey, Map.of("ranked", List.of()))
                        .status())
                .isEqualTo(409);
        own.teacher
                .post("/api/classes/" + own.id + "/surveys/" + survey + "/open", null)
                .done();
        assertThat(one.get("/api/my/surveys").ok()).hasSize(1);
    }

    @Test
    void aPairHasOneNoteWhicheverWayRoundItIsSaid() {
        TestClass own = newClass("pairs", 3);
        String path = "/api/classes/" + own.id + "/pair-notes";
        own.teacher
                .put(
                        path,
                        Map.of("oneId", own.student(1), "otherId", own.student(2), "kind", "WORKS_WELL", "weight", 2))
                .done();
        own.teacher
                .put(
                        path,
                        Map.of(
                                "oneId",
                                own.student(2),
                                "otherId",
                                own.student(1),
                                "kind",
                                "MUST_BE_APART",
                                "weight",
                                1))
                .done();
        JsonNode notes = own.teacher.get(path).ok();
        assertThat(notes).hasSize(1);
        assertThat(notes.get(0).get("kind").asString()).isEqualTo("MUST_BE_APART");
        Map<String, Object> alone =
                Map.of("oneId", own.student(1), "otherId", own.student(1), "kind", "WORKS_WELL", "weight", 1);
        assertThat(own.teacher.put(path, alone).status()).isEqualTo(422);
        own.teacher
                .call("DELETE", path + "/" + notes.get(0).get("id").asLong(), null)
                .done();
        assertThat(own.teacher.get(path).ok()).isEmpty();
    }
}
