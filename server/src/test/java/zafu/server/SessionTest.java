package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.session.web.http.CookieSerializer;
import zafu.server.demo.HttpCaller;

class SessionTest extends ServerTest {
    @Autowired
    CookieSerializer cookies;

    private static String who(HttpCaller caller) {
        return caller.get("/api/session").ok().get("who").asString();
    }

    private String codeOf(TestClass own) {
        return own.teacher
                .get("/api/classes/" + own.id + "/students")
                .ok()
                .get(0)
                .get("entryCode")
                .asString();
    }

    @Test
    void theSessionSaysWhoIsThereAndForgetsThemOnSigningOut() {
        HttpCaller teacher = teacher();
        assertThat(who(teacher)).isEqualTo("ADULT");
        teacher.post("/api/sign-out", null);
        assertThat(who(teacher)).isEqualTo("NOBODY");
        assertThat(teacher.get("/api/classes").status()).isEqualTo(401);
    }

    @Test
    void anEntryCodeMayBeTypedAsAChildTypesIt() {
        String code = codeOf(newClass("typed", 1));
        String typed = " " + code.substring(0, 4).toLowerCase() + "-"
                + code.substring(4).toLowerCase() + " ";
        assertThat(who(nobody().signInStudent(typed))).isEqualTo("STUDENT");
        assertThat(who(nobody().signInStudent(code.replace('Q', 'O').replace('J', '1'))))
                .isEqualTo("STUDENT");
    }

    @Test
    void aRenewedCodeReplacesTheOldOne() {
        TestClass own = newClass("renewed", 1);
        String old = codeOf(own);
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/entry-codes",
                        Map.of("deed", "RENEW", "students", List.of(own.student(1))))
                .done();
        assertThat(codeOf(own)).isNotEqualTo(old);
        assertThat(nobody().post("/api/sign-in/student", Map.of("code", old)).status())
                .isEqualTo(401);
        assertThat(who(nobody().signInStudent(codeOf(own)))).isEqualTo("STUDENT");
    }

    @Test
    void signingInIsSeenAsTheLastTimeHere() {
        TestClass own = newClass("last here", 1);
        clock.set(at("2027-02-09T10:30"));
        nobody().signInStudent(codeOf(own));
        assertThat(own.teacher
                        .get("/api/classes/" + own.id + "/students")
                        .ok()
                        .get(0)
                        .get("lastHere")
                        .asString())
                .isEqualTo(at("2027-02-09T10:30").toString());
    }

    @Test
    void aWrongPasswordIsRefusedWithASentence() {
        HttpCaller.Answer refused =
                nobody().post("/api/sign-in/adult", Map.of("name", "ottoline", "password", "wrong"));
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("Name and password do not go together. Please try again.");
        assertThat(refused.body().get("code").asString()).isEqualTo("wrong-sign-in");
    }

    @Test
    void aSchoolIsSetUpOnlyOnce() {
        Map<String, Object> again = Map.of(
                "schoolName", "Another",
                "zone", "America/Halifax",
                "weekdays", new String[] {"MONDAY"},
                "terms", new Object[] {Map.of("name", "Year", "from", "2027-01-04", "to", "2027-06-30")},
                "name", "intruder",
                "displayName", "Intruder",
                "password", "long enough it is");
        HttpCaller.Answer refused = nobody().post("/api/first-run", again);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(nobody().post("/api/sign-in/adult", Map.of("name", "intruder", "password", "long enough it is"))
                        .status())
                .isEqualTo(401);
    }

    private HttpResponse<String> page(String path) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .build();
        return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    }

    private static String policyOf(HttpResponse<String> response) {
        return response.headers().firstValue("Content-Security-Policy").orElse("");
    }

    @Test
    void whereNothingIsAPersonSeesAPageAndAProgramAProblem() throws Exception {
        HttpRequest byPerson = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/nowhere/at/all"))
                .header("Accept", "text/html,application/xhtml+xml;q=0.9")
                .build();
        HttpResponse<String> seen = HttpClient.newHttpClient().send(byPerson, HttpResponse.BodyHandlers.ofString());
        assertThat(seen.statusCode()).isEqualTo(404);
        assertThat(seen.headers().firstValue("Content-Type").orElse("")).startsWith("text/html");
        assertThat(policyOf(seen)).contains("default-src 'none'");
        HttpResponse<String> read = page("/nowhere/at/all");
        assertThat(read.statusCode()).isEqualTo(404);
        assertThat(read.body()).contains("There is nothing at this address.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/classes/1/arrange/2", "/my/tries/5", "/sign-in"})
    void everyPlaceOfTheFrontEndIsServedUnderAStrictPolicy(String path) throws Exception {
        HttpResponse<String> response = page(path);
        assertThat(response.statusCode()).isEqualTo(200);
        assertThat(policyOf(response))
                .contains("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'")
                .doesNotContain("unsafe");
    }

    @Test
    void whatSomebodySaysOfAProxyIsNotBelieved() throws Exception {
        HttpRequest forged = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/session"))
                .header("X-Forwarded-Proto", "https")
                .header("X-Forwarded-For", "203.0.113.7")
                .header("Forwarded", "proto=https;for=203.0.113.7")
                .build();
        HttpResponse<String> answer = HttpClient.newHttpClient().send(forged, HttpResponse.BodyHandlers.ofString());
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
        assertThat(answer.headers().allValues("Set-Cookie"))
                .allSatisfy(cookie -> assertThat(cookie).doesNotContain("Secure"));
    }

    @Test
    void aPageAsksForNothingOfTheDeviceAndIsNoPartOfAnother() throws Exception {
        HttpResponse<String> response = page("/");
        assertThat(response.headers().firstValue("Permissions-Policy").orElse(""))
                .contains("camera=()", "microphone=()", "geolocation=()");
        assertThat(response.headers().firstValue("Cross-Origin-Opener-Policy")).contains("same-origin");
        assertThat(response.headers().firstValue("Cross-Origin-Resource-Policy"))
                .contains("same-origin");
    }

    @Test
    void overTlsCookiesBelongToThisHostAlone() {
        MockHttpServletRequest overTls = new MockHttpServletRequest();
        overTls.setSecure(true);
        MockHttpServletResponse response = new MockHttpServletResponse();
        cookies.writeCookieValue(new CookieSerializer.CookieValue(overTls, response, "an-id"));
        assertThat(response.getHeader("Set-Cookie"))
                .startsWith("__Host-zafu_session=")
                .contains("Secure", "HttpOnly", "SameSite=Strict", "Path=/")
                .doesNotContain("Domain");
        overTls.setCookies(new Cookie("zafu_session", "planted by a neighbour"));
        assertThat(cookies.readCookieValues(overTls)).isEmpty();
    }

    @Test
    void eachPageHasANonceOfItsOwn() throws Exception {
        assertThat(nonceOf(page("/"))).isNotEqualTo(nonceOf(page("/")));
    }

    private static String nonceOf(HttpResponse<String> response) {
        Matcher nonce = Pattern.compile("'nonce-([^']+)'").matcher(policyOf(response));
        assertThat(nonce.find()).isTrue();
        return nonce.group(1);
    }

    @Test
    void whatIsNotThereSaysSoWithoutAStackTrace() throws Exception {
        HttpCaller.Answer answer = teacher().get("/api/tasks/999999");
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.body().get("detail").asString()).isEqualTo("There is no such task here.");
        assertThat(page("/assets/none.js").body()).doesNotContain("at org.", "Exception");
    }
}
