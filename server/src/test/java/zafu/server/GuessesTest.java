package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** Guessing becomes dear, and nobody who is right is shut out by somebody who is wrong. */
class GuessesTest extends ServerTest {
    private static final String CODE_OF_NOBODY = "WRNGCODE";

    private static HttpCaller.Answer passwordOf(HttpCaller caller, String name, String password) {
        return caller.post("/api/sign-in/adult", Map.of("name", name, "password", password));
    }

    private static HttpCaller.Answer code(HttpCaller caller, String code) {
        return caller.post("/api/sign-in/student", Map.of("code", code));
    }

    private HttpCaller.Answer knock(HttpCaller caller, String code, String password) {
        return caller.post(
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

    private void wrongPasswords(String name, int times) {
        for (int i = 0; i < times; i++) {
            HttpCaller guesser = nobody();
            HttpCaller.Answer wrong = passwordOf(guesser, name, "guess-" + i);
            if (wrong.status() == 429) {
                wrong = passwordOf(EffortDone.by(guesser, wrong), name, "guess-" + i);
            }
            assertThat(wrong.status()).isEqualTo(401);
        }
    }

    private static int bitsWanted(HttpCaller.Answer refused) {
        assertThat(refused.status()).isEqualTo(429);
        return Integer.parseInt(refused.body().get("effort").asString().split("\\.")[1]);
    }

    @Test
    void aTeacherGetsInWhileOthersGuessAtHerAccount() {
        HttpCaller herDevice = teacher();
        herDevice.post("/api/sign-out", null);
        wrongPasswords("ottoline", 20);
        assertThat(passwordOf(herDevice, "ottoline", "salt-marsh-5").status()).isEqualTo(200);
        HttpCaller newDevice = nobody();
        HttpCaller.Answer first = passwordOf(newDevice, "ottoline", "salt-marsh-5");
        assertThat(first.body().get("code").asString()).isEqualTo("effort-first");
        assertThat(passwordOf(EffortDone.by(newDevice, first), "ottoline", "salt-marsh-5")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aClassGetsInAfterThreeHundredWrongCodesFromItsAddress() {
        TestClass own = newClass("three hundred", 2);
        HttpCaller known = own.signedIn(1);
        known.post("/api/sign-out", null);
        for (int i = 0; i < 300; i++) {
            code(nobody(), CODE_OF_NOBODY);
        }
        assertThat(code(known, own.codeOf(1)).status()).isEqualTo(200);
        HttpCaller unknown = nobody();
        HttpCaller.Answer first = code(unknown, own.codeOf(2));
        assertThat(first.status()).isEqualTo(429);
        assertThat(code(EffortDone.by(unknown, first), own.codeOf(2)).status()).isEqualTo(200);
    }

    @Test
    void eachGuessIsDearerThanTheOneBeforeAndNothingIsDearerThanAFewSeconds() {
        wrongPasswords("guessed at", 9);
        int early = bitsWanted(passwordOf(nobody(), "guessed at", "x"));
        wrongPasswords("guessed at", 12);
        int later = bitsWanted(passwordOf(nobody(), "guessed at", "x"));
        assertThat(later).isGreaterThan(early).isLessThanOrEqualTo(18);
    }

    @Test
    void madeUpNamesBuyAGuesserNothing() {
        wrongPasswords("one account", 12);
        HttpCaller flood = nobody();
        int before = bitsWanted(passwordOf(nobody(), "one account", "x"));
        for (int i = 0; i < 10_050; i++) {
            HttpCaller.Answer answer = passwordOf(flood, "made up " + i, "guess");
            assertThat(answer.status()).isIn(401, 429);
        }
        assertThat(bitsWanted(passwordOf(nobody(), "one account", "x"))).isGreaterThanOrEqualTo(before);
    }

    @Test
    void effortCountsOnceForWhatItWasWantedForAndInTime() {
        wrongPasswords("first", 9);
        wrongPasswords("second", 9);
        HttpCaller guesser = nobody();
        HttpCaller.Answer wanted = passwordOf(guesser, "first", "x");
        EffortDone.by(guesser, wanted);
        assertThat(passwordOf(guesser, "second", "x").status()).isEqualTo(429);
        assertThat(passwordOf(guesser, "first", "x").status()).isEqualTo(401);
        assertThat(passwordOf(guesser, "first", "x").status()).isEqualTo(429);
        EffortDone.by(guesser, passwordOf(guesser, "first", "x"));
        clock.advance(Duration.ofMinutes(2).plusSeconds(1));
        assertThat(passwordOf(guesser, "first", "x").status()).isEqualTo(429);
    }

    @Test
    void effortThatNobodyWantedIsWorthNothing() {
        wrongPasswords("forged", 9);
        String wanted = passwordOf(nobody(), "forged", "x").body().get("effort").asString();
        String easier = wanted.replaceFirst("\\.\\d+\\.", ".1.");
        for (String shown : new String[] {EffortDone.done(easier), wanted, "", ":", "a.b.c.d.e:1", wanted + ":x"}) {
            assertThat(passwordOf(nobody().showing(shown), "forged", "x").status())
                    .as(shown)
                    .isEqualTo(429);
        }
    }

    @Test
    void whatWasWrongIsForgottenWithTime() {
        wrongPasswords("long ago", 12);
        assertThat(passwordOf(nobody(), "long ago", "x").status()).isEqualTo(429);
        clock.advance(Duration.ofMinutes(40));
        assertThat(passwordOf(nobody(), "long ago", "x").status()).isEqualTo(401);
    }

    @Test
    void aDoorThatIsGuessedAtIsOneDoorAndNotTheSignIn() {
        String guessed = door(newClass("guessed at", 1));
        String other = door(newClass("left alone", 1));
        for (int i = 0; i < 8; i++) {
            assertThat(knock(nobody(), guessed, "guess-" + i).status()).isEqualTo(401);
        }
        HttpCaller child = nobody();
        HttpCaller.Answer first = knock(child, guessed, "cockle");
        assertThat(first.status()).isEqualTo(429);
        assertThat(knock(EffortDone.by(child, first), guessed, "cockle").status())
                .isEqualTo(200);
        assertThat(knock(nobody(), other, "cockle").status()).isEqualTo(200);
        assertThat(passwordOf(nobody(), "ottoline", "salt-marsh-5").status()).isEqualTo(200);
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
        assertThat(knock(nobody(), code, "cockle").status()).isEqualTo(200);
    }
}
