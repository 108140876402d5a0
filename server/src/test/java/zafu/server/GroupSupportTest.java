package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Support staff of named groups see, mark and help in the groups that the bench says they lead, and nowhere else. */
class GroupSupportTest extends ServerTest {

    /** A class of four in two groups, of which Wen leads the upper: S3 and S4. */
    private final class Led {
        final TestClass own;
        final long arrangement;
        final long lower;
        final long upper;
        final HttpCaller wen;

        Led(String name) {
            own = newClass(name, 4);
            arrangement = own.arrange(2);
            lower = own.groups(arrangement).get(0);
            upper = own.groups(arrangement).get(1);
            own.shareWith("Wen", "GROUP_SUPPORT");
            own.leads("Wen", arrangement, upper);
            wen = nobody().signInAdult("wen", "salt-marsh-5");
        }
    }

    private static List<String> names(JsonNode students) {
        return students.valueStream()
                .map(each -> each.get("givenName").asString())
                .sorted()
                .toList();
    }

    @Test
    void theGridTheListAndTheGroupsHoldTheirStudentsAlone() {
        Led led = new Led("led groups");
        TestTask.out(led.own, TestClass.forEveryone());
        JsonNode grid = led.wen
                .get("/api/classes/" + led.own.id + "/progress?arrangementId=" + led.arrangement)
                .ok();
        assertThat(grid.get("groups")).hasSize(1);
        assertThat(names(grid.get("groups").get(0).get("students"))).containsExactly("S3", "S4");
        assertThat(grid.get("mayChange").asBoolean()).isFalse();

        JsonNode screen = led.wen
                .get("/api/students?classId=" + led.own.id + "&sort=name")
                .ok();
        assertThat(names(screen.get("students"))).containsExactly("S3", "S4");
        assertThat(screen.toString()).doesNotContain("\"S1\"", "\"S2\"");

        JsonNode cards =
                led.wen.get("/api/classes/" + led.own.id + "/arrangements").ok();
        assertThat(cards).hasSize(1);
        assertThat(cards.get(0).get("groups").valueStream().map(each -> each.get("id")
                        .asLong()))
                .containsExactly(led.upper);
        assertThat(cards.get(0).get("notPlaced").asInt()).isZero();
    }

    @Test
    void aStudentOfAnotherGroupIsNotHere() {
        Led led = new Led("led students");
        led.own.grant(3, "UNTIMED", null).ok();
        assertThat(led.wen.get("/api/students/" + led.own.student(3)).status()).isEqualTo(200);
        assertThat(led.wen.get("/api/students/" + led.own.student(3) + "/needs").status())
                .isEqualTo(200);
        assertThat(led.wen.get("/api/students/" + led.own.student(1)).status()).isEqualTo(404);
        assertThat(led.wen.get("/api/students/" + led.own.student(1) + "/needs").status())
                .isEqualTo(404);
        assertThat(led.wen.get("/api/classes/" + led.own.id + "/needs").status())
                .isIn(403, 404);
    }

    @Test
    void theyMarkTheirGroupsAndNoOther() {
        Led led = new Led("led marking");
        TestTask task = TestTask.out(led.own, TestClass.forEveryone());
        long lowTry = handedIn(led, task, 1);
        long highTry = handedIn(led, task, 4);
        JsonNode sheet = led.wen.get("/api/tasks/" + task.id + "/marking").ok();
        assertThat(names(sheet.get("works"))).containsExactly("S4");
        assertThat(sheet.get("mayMark").asBoolean()).isTrue();
        assertThat(sheet.get("mayAccept").asBoolean()).isFalse();

        Map<String, Object> mark = Map.of("earned", 1.5, "possible", 2.0);
        assertThat(led.wen.put("/api/tries/" + highTry + "/mark", mark).status())
                .isLessThan(300);
        assertThat(led.wen.put("/api/tries/" + lowTry + "/mark", mark).status()).isEqualTo(404);
        assertThat(led.wen
                        .post("/api/tasks/" + task.id + "/returned", Map.of("tries", List.of(lowTry), "returned", true))
                        .status())
                .isEqualTo(404);
        assertThat(led.own
                        .teacher
                        .get("/api/tries/" + highTry)
                        .ok()
                        .get("earned")
                        .asDouble())
                .isEqualTo(1.5);
    }

    private static long handedIn(Led led, TestTask task, int number) {
        long id = task.start(number).get("id").asLong();
        led.own.signedIn(number).post("/api/my/tries/" + id + "/hand-in", null).ok();
        return id;
    }

    @Test
    void supportStaffOfTheWholeClassMarkEverybodyAndViewersNobody() {
        Led led = new Led("support marks");
        TestTask task = TestTask.out(led.own, TestClass.forEveryone());
        long lowTry = handedIn(led, task, 1);
        Map<String, Object> mark = Map.of("earned", 1, "possible", 2);
        led.own.shareWith("Wen", "SUPPORT");
        assertThat(led.wen.put("/api/tries/" + lowTry + "/mark", mark).status()).isLessThan(300);
        assertThat(led.wen
                        .post("/api/tasks/" + task.id + "/accepted", Map.of("questionId", 1, "given", "1", "points", 1))
                        .status())
                .as("what is for all who gave an answer is the teachers' to say")
                .isEqualTo(403);
        led.own.shareWith("Wen", "VIEWER");
        assertThat(led.wen.put("/api/tries/" + lowTry + "/mark", mark).status()).isEqualTo(403);
        assertThat(led.wen
                        .get("/api/tasks/" + task.id + "/marking")
                        .ok()
                        .get("mayMark")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void whoLeadsNoGroupThatATaskIsForLearnsNotEvenItsName() {
        Led led = new Led("led and told");
        TestTask other = TestTask.out(led.own, TestClass.targets(false, List.of(led.lower), List.of(), List.of()));
        String grid = "/api/classes/" + led.own.id + "/progress";
        assertThat(led.wen.get(grid).ok().get("tasks")).isEmpty();
        assertThat(led.wen.get("/api/tasks/" + other.id + "/live").status()).isEqualTo(404);
        TestTask theirs = TestTask.out(led.own, TestClass.forEveryone());
        assertThat(led.wen.get(grid).ok().get("tasks")).hasSize(1);
        led.own.step(led.arrangement, Map.of("kind", "LEAD", "groupId", led.upper, "adults", List.of()));
        assertThat(led.wen.get(grid).ok().get("tasks")).isEmpty();
        for (String part : List.of("/live", "/results", "/marking")) {
            assertThat(led.wen.get("/api/tasks/" + theirs.id + part).status()).isEqualTo(404);
        }
    }

    @Test
    void whoStopsLeadingStopsSeeing() {
        Led led = new Led("led no more");
        led.own.step(led.arrangement, Map.of("kind", "LEAD", "groupId", led.upper, "adults", List.of()));
        JsonNode grid = led.wen
                .get("/api/classes/" + led.own.id + "/progress?arrangementId=" + led.arrangement)
                .ok();
        assertThat(grid.get("groups")).isEmpty();
        assertThat(led.wen.get("/api/students/" + led.own.student(3)).status()).isEqualTo(404);
    }

    @Test
    void theyKeepTheCornerOfTheirGroup() {
        Led led = new Led("led corners");
        long theirs = corner(led, led.upper);
        long other = corner(led, led.lower);
        JsonNode all = led.wen.get("/api/classes/" + led.own.id + "/corners").ok();
        assertThat(all.get("corners").valueStream().map(each -> each.get("id").asLong()))
                .containsExactly(theirs);
        assertThat(led.wen.get("/api/corners/" + other).status()).isEqualTo(404);
        assertThat(notice(led, false, theirs)).isLessThan(300);
        assertThat(notice(led, false, theirs, other)).isIn(403, 404);
        assertThat(notice(led, true, theirs)).isEqualTo(403);
        led.own.teacher.post("/api/classes/" + led.own.id + "/notices", said("For everyone.", true));
        assertThat(led.wen
                        .get("/api/corners/" + theirs)
                        .ok()
                        .get("notices")
                        .valueStream()
                        .map(each -> each.get("text").asString() + " " + each.get("mayChange")))
                .containsExactlyInAnyOrder("Bring the tide log. true", "For everyone. false");
    }

    private static long corner(Led led, long group) {
        return led.own
                .teacher
                .post("/api/groups/" + group + "/corner", null)
                .ok()
                .get("id")
                .asLong();
    }

    private static int notice(Led led, boolean everyone, Long... corners) {
        return led.wen
                .post("/api/classes/" + led.own.id + "/notices", said("Bring the tide log.", everyone, corners))
                .status();
    }

    private static Map<String, Object> said(String text, boolean everyone, Long... corners) {
        return Map.of("version", 0, "text", text, "link", "", "everyone", everyone, "corners", List.of(corners));
    }
}
