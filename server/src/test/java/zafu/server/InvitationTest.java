package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Adults asked into a class by mail: once, in time, and only by whoever may share the class. */
class InvitationTest extends ServerTest {
    private static final String PASSWORD = "harbour-light-9";
    private static int count;

    private TestClass own;
    private String name;

    @BeforeEach
    void aClass() {
        clock.set(at("2027-02-09T09:00"));
        own = newClass("invitations", 2);
        name = "newcomer-" + ++count;
    }

    /** The secret of the address in the newest mail. */
    private String invite(String role) {
        own.teacher
                .post("/api/classes/" + own.id + "/invitations", Map.of("email", "new@harbour.example", "role", role))
                .ok();
        JsonNode mail = teacher().get("/api/school/mails").ok().get(0);
        assertThat(mail.get("recipient").asString()).isEqualTo("new@harbour.example");
        Matcher address =
                Pattern.compile("/invited/(\\S+)").matcher(mail.get("body").asString());
        assertThat(address.find()).isTrue();
        return address.group(1);
    }

    private HttpCaller.Answer accept(String token) {
        return nobody().post(
                        "/api/invited/" + token,
                        Map.of("name", name, "displayName", "Perpetua Lanternrow", "password", PASSWORD));
    }

    private String stateOfTheNewest() {
        return own.teacher
                .get("/api/classes/" + own.id + "/invitations")
                .ok()
                .get(0)
                .get("state")
                .asString();
    }

    @Test
    void whoHoldsTheAddressGetsAnAccountAndTheRoleOnce() {
        String token = invite("SUPPORT");
        JsonNode asked = nobody().get("/api/invited/" + token).ok();
        assertThat(asked.get("className").asString()).startsWith("invitations");
        assertThat(asked.get("by").asString()).isEqualTo("Ottoline Farrow");
        assertThat(accept(token).status()).isEqualTo(200);
        HttpCaller adult = nobody().signInAdult(name, PASSWORD);
        assertThat(adult.get("/api/classes/" + own.id + "/progress").status()).isEqualTo(200);
        assertThat(adult.post("/api/classes/" + own.id + "/tasks", Map.of("name", "x"))
                        .status())
                .isEqualTo(403);
        assertThat(stateOfTheNewest()).isEqualTo("ACCEPTED");
        name = "another-" + count;
        assertThat(accept(token).status()).as("the address works once").isEqualTo(404);
        assertThat(nobody().get("/api/invited/" + token).status()).isEqualTo(404);
    }

    @Test
    void whoHasAnAccountAcceptsWithIt() {
        String token = invite("CO_TEACHER");
        name = "idris";
        assertThat(accept(token).status())
                .as("nobody gets into an account by an invitation")
                .isEqualTo(422);
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.get("/api/classes/" + own.id + "/progress").status()).isEqualTo(404);
        idris.post("/api/invited/" + token + "/signed-in", null).done();
        assertThat(idris.post("/api/classes/" + own.id + "/tasks", Map.of("name", "x"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void whoWorksThereAlreadyKeepsTheRole() {
        String token = invite("VIEWER");
        assertThat(own.teacher
                        .post("/api/invited/" + token + "/signed-in", null)
                        .status())
                .isEqualTo(409);
        assertThat(own.teacher
                        .post("/api/classes/" + own.id + "/tasks", Map.of("name", "x"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void afterAWeekOrWhenTakenBackItIsTooLate() {
        String late = invite("VIEWER");
        clock.set(at("2027-02-16T09:00"));
        assertThat(accept(late).status()).isEqualTo(404);
        assertThat(stateOfTheNewest()).isEqualTo("EXPIRED");
        String back = invite("VIEWER");
        long id = own.teacher
                .get("/api/classes/" + own.id + "/invitations")
                .ok()
                .get(0)
                .get("id")
                .asLong();
        own.teacher
                .call("DELETE", "/api/classes/" + own.id + "/invitations/" + id, null)
                .done();
        assertThat(accept(back).status()).isEqualTo(404);
        assertThat(stateOfTheNewest()).isEqualTo("TAKEN_BACK");
    }

    @Test
    void aGuessedAddressAndAHalfFilledFormDoNothing() {
        assertThat(accept("guessed").status()).isEqualTo(404);
        String token = invite("VIEWER");
        assertThat(nobody().post("/api/invited/" + token, Map.of("name", name, "displayName", "P", "password", "short"))
                        .status())
                .isEqualTo(422);
        assertThat(own.teacher
                        .post(
                                "/api/classes/" + own.id + "/invitations",
                                Map.of("email", "no address", "role", "VIEWER"))
                        .status())
                .isEqualTo(422);
        assertThat(stateOfTheNewest()).isEqualTo("OPEN");
    }
}
