package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** A session ends with what it rests on, and nobody goes on being what they are no longer. */
class EndedSessionsTest extends ServerTest {
    private static final String FIRST = "first-password";
    private long account;

    private HttpCaller newAdult(String name) {
        account = newAccount(name, FIRST);
        return signInFirst(name, FIRST);
    }

    private HttpCaller again(String name) {
        return nobody().signInAdult(name, "my own " + FIRST);
    }

    private static void codes(TestClass own, String deed) {
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/entry-codes",
                        Map.of("deed", deed, "students", List.of(own.student(1))))
                .done();
    }

    private void rights(boolean administrator) {
        teacher()
                .put(
                        "/api/school/adults/" + account + "/rights",
                        Map.of("administrator", administrator, "keepsShared", false))
                .done();
    }

    private HttpCaller.Answer close(HttpCaller who, boolean closed) {
        return who.put("/api/school/adults/" + account + "/closed", Map.of("closed", closed));
    }

    private static String who(HttpCaller caller) {
        return caller.get("/api/session").ok().get("who").asString();
    }

    @ParameterizedTest
    @ValueSource(strings = {"RENEW", "REVOKE"})
    void aCodeThatIsReplacedOrTakenAwayEndsWhatItOpened(String deed) {
        TestClass own = newClass("ended " + deed, 1);
        JsonNode page = TestTask.out(own, TestClass.forEveryone()).start(1);
        HttpCaller stolen = own.signedIn(1);
        stolen.get("/api/my/work").ok();
        codes(own, deed);
        String answer = "/api/my/tries/" + page.get("id").asLong() + "/answers/"
                + page.get("questions").get(0).get("id").asLong();
        assertThat(stolen.put(answer, Map.of("given", "1")).status()).isEqualTo(401);
        assertThat(stolen.get("/api/my/work").status()).isEqualTo(401);
        assertThat(who(stolen)).isEqualTo("NOBODY");
    }

    /** A device on which student 1 has come back by picture. */
    private static HttpCaller backByPicture(TestClass own) {
        own.teacher
                .put("/api/classes/" + own.id + "/picture-entry", Map.of("allowed", true))
                .ok();
        HttpCaller device = own.signedIn(1);
        device.put("/api/my/device", Map.of("picture", 3, "pin", "4711")).ok();
        device.post("/api/sign-out", null);
        JsonNode face = device.get("/api/sign-in/device").ok().get("faces").get(0);
        device.post("/api/sign-in/device", Map.of("face", face.get("id").asLong(), "pin", "4711"))
                .ok();
        return device;
    }

    @Test
    void whoCameBackByPictureLeavesWithThePicture() {
        TestClass own = newClass("picture ends", 1);
        HttpCaller device = backByPicture(own);
        device.get("/api/my/work").ok();
        own.teacher
                .put("/api/classes/" + own.id + "/picture-entry", Map.of("allowed", false))
                .ok();
        assertThat(device.get("/api/my/work").status()).isEqualTo(401);
    }

    @Test
    void aStudentWhoNoLongerWantsAPictureGoesOnWorking() {
        TestClass own = newClass("picture given up", 1);
        HttpCaller device = backByPicture(own);
        device.call("DELETE", "/api/my/device", null).ok();
        device.get("/api/my/work").ok();
    }

    @Test
    void aNewPasswordEndsEveryOtherSessionAndNotTheOneItWasChangedIn() {
        HttpCaller here = newAdult("changes");
        HttpCaller elsewhere = again("changes");
        here.put("/api/account/password", Map.of("before", "my own " + FIRST, "password", "another of my own"))
                .done();
        assertThat(elsewhere.get("/api/classes").status()).isEqualTo(401);
        here.get("/api/classes").ok();
    }

    @Test
    void aPasswordThatIsResetEndsEverySession() {
        HttpCaller adult = newAdult("is reset");
        teacher()
                .post("/api/school/adults/" + account + "/password", Map.of("password", "given once more"))
                .done();
        assertThat(adult.get("/api/classes").status()).isEqualTo(401);
    }

    @Test
    void whoIsNoLongerAnAdministratorIsNoneFromTheNextRequestOn() {
        HttpCaller adult = newAdult("was administrator");
        assertThat(adult.get("/api/school/adults").status()).isEqualTo(403);
        rights(true);
        assertThat(adult.get("/api/school/adults").status()).isEqualTo(200);
        rights(false);
        assertThat(adult.get("/api/school/adults").status()).isEqualTo(403);
    }

    @Test
    void aClosedAccountIsOpenedByNothingUntilItIsOpenedAgain() {
        HttpCaller adult = newAdult("leaves");
        TestClass own = newClass("of who leaves", 1);
        own.teacher
                .put("/api/classes/" + own.id + "/adults/" + account, Map.of("role", "CO_TEACHER"))
                .done();
        String feed = adult.post("/api/calendar/feeds", Map.of("classId", own.id))
                .ok()
                .get("address")
                .asString()
                .replaceFirst("^https?://[^/]+", "");
        close(teacher(), true).done();
        assertThat(adult.get("/api/classes").status()).isEqualTo(401);
        Map<String, String> right = Map.of("name", "leaves", "password", "my own " + FIRST);
        assertThat(nobody().post("/api/sign-in/adult", right).status()).isEqualTo(401);
        assertThat(nobody().get(feed).status()).isEqualTo(404);
        assertThat(teacher().get("/api/adults").ok().findValuesAsString("displayName"))
                .doesNotContain("leaves");
        close(teacher(), false).done();
        again("leaves").get("/api/classes/" + own.id + "/students").ok();
    }

    @Test
    void nobodyShutsOutThemselvesAndSoTheLastAdministratorStays() {
        newAdult("second administrator");
        rights(true);
        HttpCaller second = again("second administrator");
        assertThat(close(second, true).status()).isEqualTo(409);
        assertThat(second.put(
                                "/api/school/adults/" + account + "/rights",
                                Map.of("administrator", false, "keepsShared", true))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whereIAmSignedInIsListedAndEndedOneByOneOrAllAtOnce() {
        HttpCaller here = newAdult("everywhere");
        HttpCaller library = again("everywhere");
        HttpCaller home = again("everywhere");
        JsonNode places = here.get("/api/account/sign-ins").ok();
        assertThat(places).hasSize(3);
        assertThat(places.findValues("here")).filteredOn(JsonNode::asBoolean).hasSize(1);
        assertThat(places.toString()).doesNotContain(here.cookieHeader());
        JsonNode ofLibrary = library.get("/api/account/sign-ins").ok();
        String key = ofLibrary
                .valueStream()
                .filter(each -> each.get("here").asBoolean())
                .findFirst()
                .orElseThrow()
                .get("key")
                .asString();
        assertThat(teacher()
                        .call("DELETE", "/api/account/sign-ins/" + key, null)
                        .status())
                .isEqualTo(404);
        here.call("DELETE", "/api/account/sign-ins/" + key, null).done();
        assertThat(library.get("/api/classes").status()).isEqualTo(401);
        home.get("/api/classes").ok();
        here.post("/api/account/sign-out-everywhere", null).done();
        assertThat(home.get("/api/classes").status()).isEqualTo(401);
        here.get("/api/classes").ok();
        assertThat(here.get("/api/account/sign-ins").ok()).hasSize(1);
    }
}
