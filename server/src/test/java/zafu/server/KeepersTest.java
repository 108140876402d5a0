package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What all classes share is changed by administrators and by whom they name, and by nobody else. */
class KeepersTest extends ServerTest {
    private static final String FIRST = "first-password";
    private static int made;
    private HttpCaller adult;
    private long account;

    @BeforeEach
    void somebodyWithoutAClass() {
        String name = "no class " + ++made;
        account = newAccount(name, FIRST);
        adult = signInFirst(name, FIRST);
    }

    private void name(boolean keepsShared) {
        teacher()
                .put(
                        "/api/school/adults/" + account + "/rights",
                        Map.of("administrator", false, "keepsShared", keepsShared))
                .done();
    }

    /** Puts the calendar as it is, a skill away, and benchmarks of a grade that nobody is in, and answers what came of each. */
    private List<Integer> changesOfWhatIsShared() {
        HttpCaller administrator = teacher();
        JsonNode year = administrator.get("/api/school/calendar").ok();
        JsonNode skill = administrator
                .post("/api/skills", skill("Reads a tide table " + ++made))
                .ok();
        return List.of(
                adult.put("/api/school/calendar", year).status(),
                adult.call("DELETE", "/api/skills/" + skill.get("id").asLong(), null)
                        .status(),
                adult.put("/api/measures/1/cuts", Map.of("grade", 13, "season", "SPRING", "cuts", List.of()))
                        .status());
    }

    private static Map<String, Object> skill(String name) {
        return Map.of("name", name, "strand", "", "description", "", "prerequisites", List.of(), "codes", List.of());
    }

    @Test
    void whoHasNoClassChangesNothingThatAllShare() {
        assertThat(changesOfWhatIsShared()).containsOnly(403);
        assertThat(adult.post("/api/skills", skill("Made by nobody")).status()).isEqualTo(403);
    }

    @Test
    void aTeacherOfAClassChangesNoneOfItEither() {
        TestClass own = newClass("a teacher's", 1);
        own.teacher
                .put("/api/classes/" + own.id + "/adults/" + account, Map.of("role", "OWNER"))
                .done();
        assertThat(changesOfWhatIsShared()).containsOnly(403);
    }

    @Test
    void whomAnAdministratorNamesMayUntilItIsTakenBack() {
        name(true);
        assertThat(changesOfWhatIsShared()).doesNotContain(403);
        name(false);
        assertThat(changesOfWhatIsShared()).containsOnly(403);
    }
}
