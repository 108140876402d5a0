package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;
import zafu.server.standin.SchoolSystemStandIn;
import zafu.server.standin.SchoolSystemStandIn.Mood;

/** The school's information system, also on its bad days. */
class SchoolSystemTest extends ServerTest {
    @Autowired
    SchoolSystemStandIn standIn;

    @AfterEach
    void calmAgain() {
        standIn.behave(Mood.FINE);
    }

    private static List<String> kinds(JsonNode shown) {
        return shown.get("waiting")
                .get("preview")
                .get("counts")
                .valueStream()
                .map(each -> each.get("kind").asString())
                .toList();
    }

    private static JsonNode pull(HttpCaller administrator) {
        return administrator.post("/api/school/system/pull", null).ok();
    }

    @Test
    void whatChangedIsShownAppliedOnApprovalAndTakenBackWhole() {
        HttpCaller administrator = teacher();
        standIn.behave(Mood.CHANGED);
        JsonNode shown = pull(administrator);
        assertThat(kinds(shown))
                .containsExactly(
                        "NEW_STUDENT",
                        "STUDENT_LINKED",
                        "STUDENT_CHANGED",
                        "STUDENT_GONE",
                        "JOINS_CLASS",
                        "NEED_GRANTED",
                        "NEED_ENDED");
        long heron = heron(administrator);
        String before = students(administrator, heron);
        String path =
                "/api/school/system/pulls/" + shown.get("waiting").get("id").asLong();
        JsonNode taken = administrator.post(path + "/take", null).ok();
        assertThat(students(administrator, heron)).contains("Bryn").contains("Brandt-Lowe");
        assertThat(administrator.post(path + "/take", null).status()).isEqualTo(404);
        assertThat(pull(administrator).get("pulls").get(0).get("state").asString())
                .isEqualTo("NOTHING_NEW");
        administrator
                .post("/api/imports/" + taken.get("importId").asLong() + "/undo", null)
                .done();
        // Ids stay known: they are nobody's business, and make the next pull recognise people.
        assertThat(students(administrator, heron).replaceAll("\"studentNumber\":\"\\d*\"", ""))
                .isEqualTo(before.replaceAll("\"studentNumber\":\"\\d*\"", ""));
    }

    private static long heron(HttpCaller administrator) {
        return administrator
                .get("/api/classes")
                .ok()
                .get("classes")
                .get(0)
                .get("id")
                .asLong();
    }

    private static String students(HttpCaller administrator, long classId) {
        return administrator
                .get("/api/students?sort=name&classId=" + classId)
                .ok()
                .get("students")
                .toString();
    }

    @ParameterizedTest
    @CsvSource({
        "DOWN, The school's system answered with error 503.",
        "RUBBISH, The school's system answered with something that is no list of academicSessions.",
        "SLOW, The school's system took too long to answer."
    })
    void onABadDayItIsSaidAndAllIsKept(Mood mood, String sentence) {
        HttpCaller administrator = teacher();
        String before = students(administrator, heron(administrator));
        standIn.behave(mood);
        JsonNode last = pull(administrator).get("pulls").get(0);
        assertThat(last.get("state").asString()).isEqualTo("FAILED");
        assertThat(last.get("message").asString()).isEqualTo(sentence + " Nothing was changed.");
        assertThat(students(administrator, heron(administrator))).isEqualTo(before);
    }

    @Test
    void aWrongTokenAndAWrongAddressAreSaid() {
        HttpCaller administrator = teacher();
        administrator
                .put("/api/school/system", Map.of("address", standIn.address(), "token", "wrong", "nightly", false))
                .ok();
        assertThat(pull(administrator).get("pulls").get(0).get("message").asString())
                .startsWith("The school's system does not accept our token.");
        administrator
                .put("/api/school/system", Map.of("address", "http://localhost:1", "nightly", false))
                .ok();
        assertThat(pull(administrator).get("pulls").get(0).get("message").asString())
                .startsWith("The school's system does not answer at its address.");
        JsonNode shown = administrator
                .put(
                        "/api/school/system",
                        Map.of("address", standIn.address() + "/", "token", SchoolSystemStandIn.TOKEN, "nightly", true))
                .ok();
        assertThat(shown.get("address").asString()).isEqualTo(standIn.address());
        assertThat(shown.toString()).doesNotContain(SchoolSystemStandIn.TOKEN);
        assertThat(administrator
                        .put("/api/school/system", Map.of("address", "ftp://x", "nightly", false))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aListThatIsLeftIsGone() {
        HttpCaller administrator = teacher();
        standIn.behave(Mood.CHANGED);
        long waiting = pull(administrator).get("waiting").get("id").asLong();
        JsonNode after = administrator
                .post("/api/school/system/pulls/" + waiting + "/leave", null)
                .ok();
        assertThat(after.has("waiting")).isFalse();
        assertThat(after.get("pulls").get(0).get("state").asString()).isEqualTo("LEFT");
    }
}
