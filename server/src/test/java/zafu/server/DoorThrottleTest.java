package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** Guessing at a class's door is slowed down for that door alone. */
class DoorThrottleTest extends ServerTest {
    private HttpCaller.Answer knock(String code, String password) {
        return nobody().post(
                        "/api/join",
                        Map.of("code", code, "password", password, "givenName", "Bryn", "familyName", "Hollowell"));
    }

    private static String door(TestClass own) {
        return own.teacher
                .put("/api/classes/" + own.id + "/door", Map.of("opened", true, "password", "cockle"))
                .ok()
                .get("code")
                .asString();
    }

    @Test
    void afterEightWrongPasswordsThisDoorIsShutForAWhileAndOthersAreNot() {
        String guessed = door(newClass("guessed at", 1));
        String other = door(newClass("left alone", 1));
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            statuses.add(knock(guessed, "guess-" + i).status());
        }
        assertThat(statuses).startsWith(401).endsWith(429);
        assertThat(knock(guessed, "cockle").status()).isEqualTo(429);
        assertThat(knock(other, "cockle").status()).isEqualTo(200);
    }

    @Test
    void aDoorNeedsAPasswordAndKeepsItsCode() {
        TestClass own = newClass("door code", 1);
        String path = "/api/classes/" + own.id + "/door";
        assertThat(own.teacher.put(path, Map.of("opened", true)).status()).isEqualTo(422);
        assertThat(own.teacher
                        .put(path, Map.of("opened", true, "password", "abc"))
                        .status())
                .isEqualTo(422);
        String code = door(own);
        own.teacher.put(path, Map.of("opened", false)).ok();
        assertThat(own.teacher
                        .put(path, Map.of("opened", true))
                        .ok()
                        .get("code")
                        .asString())
                .isEqualTo(code);
        assertThat(knock(code, "cockle").status()).isEqualTo(200);
    }
}
