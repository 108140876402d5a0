package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Coming back on a known device by picture and PIN, where the teacher allows it. */
class DeviceTest extends ServerTest {
    private void allow(TestClass own, boolean allowed) {
        own.teacher
                .put("/api/classes/" + own.id + "/picture-entry", Map.of("allowed", allowed))
                .ok();
    }

    /** A browser on which student 1 has chosen picture 3 and is gone again. */
    private HttpCaller knownDevice(TestClass own) {
        allow(own, true);
        HttpCaller device = own.signedIn(1);
        device.put("/api/my/device", Map.of("picture", 3, "pin", "4711")).ok();
        device.post("/api/sign-out", null);
        return device;
    }

    private static JsonNode faces(HttpCaller device) {
        return device.get("/api/sign-in/device").ok().get("faces");
    }

    private static HttpCaller.Answer comeBack(HttpCaller device, long face, String pin) {
        return device.post("/api/sign-in/device", Map.of("face", face, "pin", pin));
    }

    @Test
    void theRightPictureAndNumberOpenTheirOwnWork() {
        TestClass own = newClass("come back", 1);
        HttpCaller device = knownDevice(own);
        JsonNode face = faces(device).get(0);
        assertThat(face.get("picture").asInt()).isEqualTo(3);
        assertThat(comeBack(device, face.get("id").asLong(), "4711")
                        .ok()
                        .get("studentId")
                        .asLong())
                .isEqualTo(own.student(1));
        assertThat(device.get("/api/my/work").ok().get("givenName").asString()).isEqualTo("S1");
    }

    @Test
    void thePageBeforeSigningInNamesNobody() {
        HttpCaller device = knownDevice(newClass("names nobody", 1));
        assertThat(device.get("/api/sign-in/device").text())
                .doesNotContain("S1")
                .doesNotContain("student");
    }

    @Test
    void onAnotherDeviceTheNumberIsWorthNothing() {
        TestClass own = newClass("another device", 1);
        long face = faces(knownDevice(own)).get(0).get("id").asLong();
        assertThat(faces(nobody())).isEmpty();
        assertThat(comeBack(nobody(), face, "4711").status()).isEqualTo(401);
        HttpCaller other = newClass("another class", 1).signedIn(1);
        other.post("/api/sign-out", null);
        assertThat(comeBack(other, face, "4711").status()).isEqualTo(401);
    }

    @Test
    void afterFiveWrongNumbersOnlyTheCardHelps() {
        TestClass own = newClass("five wrong", 1);
        HttpCaller device = knownDevice(own);
        long face = faces(device).get(0).get("id").asLong();
        for (int i = 0; i < 5; i++) {
            assertThat(comeBack(device, face, "000" + i).status()).isEqualTo(401);
        }
        assertThat(faces(device)).isEmpty();
        assertThat(comeBack(device, face, "4711").status()).isEqualTo(401);
        assertThat(device.post("/api/sign-in/student", Map.of("code", own.codeOf(1)))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void theTeacherMayEndItForTheClass() {
        TestClass own = newClass("ended", 1);
        HttpCaller device = knownDevice(own);
        long face = faces(device).get(0).get("id").asLong();
        allow(own, false);
        assertThat(faces(device)).isEmpty();
        assertThat(comeBack(device, face, "4711").status()).isEqualTo(401);
        assertThat(own.signedIn(1)
                        .put("/api/my/device", Map.of("picture", 1, "pin", "4711"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aNewCardEndsItToo() {
        TestClass own = newClass("new card", 1);
        HttpCaller device = knownDevice(own);
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/entry-codes",
                        Map.of("deed", "RENEW", "students", List.of(own.student(1))))
                .done();
        assertThat(faces(device)).isEmpty();
    }

    @Test
    void aPictureIsOneStudentsOnADevice() {
        TestClass own = newClass("one picture", 2);
        HttpCaller device = knownDevice(own);
        device.signInStudent(own.codeOf(2));
        assertThat(TestClass.longs(device.get("/api/my/device").ok().get("taken")))
                .containsExactly(3L);
        assertThat(device.put("/api/my/device", Map.of("picture", 3, "pin", "1212"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void wrongCodesOfOneChildDoNotLockOutTheClassBehindTheSameAddress() {
        TestClass own = newClass("one address", 2);
        HttpCaller child = own.signedIn(1);
        child.post("/api/sign-out", null);
        HttpCaller.Answer last = null;
        for (int i = 0; i < 25; i++) {
            last = child.post("/api/sign-in/student", Map.of("code", "WRNGCODE"));
        }
        assertThat(last.status()).isEqualTo(429);
        assertThat(nobody().post("/api/sign-in/student", Map.of("code", own.codeOf(2)))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void theSessionSaysWhetherOthersUseTheDevice() {
        TestClass own = newClass("shared", 1);
        HttpCaller shared = own.signedIn(1);
        assertThat(shared.get("/api/session").ok().get("sharedDevice").asBoolean())
                .isTrue();
        HttpCaller ones = nobody();
        ones.post("/api/sign-in/student", Map.of("code", own.codeOf(1), "ownDevice", true))
                .ok();
        assertThat(ones.get("/api/session").ok().get("sharedDevice").asBoolean())
                .isFalse();
    }
}
