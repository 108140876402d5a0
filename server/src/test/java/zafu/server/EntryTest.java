package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zafu.server.demo.HttpCaller;

/** Entry cards and joining through the door. */
class EntryTest extends ServerTest {
    private static PDDocument cards(TestClass own, String query) throws Exception {
        HttpResponse<byte[]> response = own.teacher.getBytes("/api/classes/" + own.id + "/entry-cards" + query);
        assertThat(response.headers().firstValue("Content-Type")).contains("application/pdf");
        return Loader.loadPDF(response.body());
    }

    @Test
    void eightCardsFillAPageAndCarryNameCodeAndOurFonts() throws Exception {
        TestClass own = newClass("cards", 9);
        try (PDDocument pdf = cards(own, "")) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            String text = new PDFTextStripper().getText(pdf);
            String code = own.teacher
                    .get("/api/classes/" + own.id + "/students")
                    .ok()
                    .get(0)
                    .get("entryCode")
                    .asString();
            assertThat(text).contains("S9 Test", code.substring(0, 4) + "-" + code.substring(4), "Quillmere");
            PDPage page = pdf.getPage(0);
            for (var name : page.getResources().getFontNames()) {
                PDFont font = page.getResources().getFont(name);
                assertThat(font.isEmbedded()).as(font.getName()).isTrue();
            }
        }
    }

    @Test
    void longNamesKeepEightCardsToAPage() throws Exception {
        TestClass own = newClass("long cards", 9);
        for (int i = 1; i <= 8; i++) {
            rename(own, i, "Wilhelmina Aurelia-Constantina", "of the Upper Salt Marshes and the Lower Harbour " + i);
        }
        try (PDDocument pdf = cards(own, "")) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
    }

    @Test
    void whoseNameCannotBePrintedIsSaidBefore() {
        TestClass own = newClass("names", 3);
        rename(own, 1, "小林", "桜");
        rename(own, 2, "สมชาย", "");
        assertThat(own.teacher
                        .get("/api/classes/" + own.id + "/names-not-printed")
                        .ok()
                        .valueStream()
                        .map(JsonNode::asString))
                .containsExactly("สมชาย");
    }

    private static void rename(TestClass own, int student, String given, String family) {
        String path = "/api/students/" + own.student(student);
        JsonNode sheet = own.teacher.get(path).ok();
        ObjectNode facts = (ObjectNode) sheet.get("facts").deepCopy();
        facts.put("givenName", given).put("familyName", family);
        own.teacher
                .put(path, Map.of("facts", facts, "version", sheet.get("version"), "tags", List.of()))
                .ok();
    }

    @Test
    void cardsAreForASelectionAndOnlyForThoseWithACode() throws Exception {
        TestClass own = newClass("some cards", 3);
        try (PDDocument pdf = cards(own, "?students=" + own.student(1) + "," + own.student(3))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("S1 Test", "S3 Test")
                    .doesNotContain("S2 Test");
        }
        revoke(own, 2);
        HttpCaller.Answer refused =
                own.teacher.get("/api/classes/" + own.id + "/entry-cards?students=" + own.student(2));
        assertThat(refused.status()).isEqualTo(409);
    }

    private static void revoke(TestClass own, int number) {
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/entry-codes",
                        Map.of("deed", "REVOKE", "students", List.of(own.student(number))))
                .done();
    }

    @Test
    void aRevokedCodeOpensNothingUntilAnotherIsIssued() {
        TestClass own = newClass("revoked", 1);
        own.signedIn(1);
        revoke(own, 1);
        assertThat(own.row(1).get("hasCode").asBoolean()).isFalse();
        HttpCaller late = nobody();
        String code = TestClass.of(own.teacher, port, own.id).codeOf(1);
        assertThat(code).isNull();
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/entry-codes",
                        Map.of("deed", "RENEW", "students", List.of(own.student(1))))
                .done();
        late.signInStudent(TestClass.of(own.teacher, port, own.id).codeOf(1));
        assertThat(late.get("/api/my/work").status()).isEqualTo(200);
    }

    private static String door(TestClass own, boolean opened) {
        return own.teacher
                .put("/api/classes/" + own.id + "/door", Map.of("opened", opened, "password", "cockle"))
                .ok()
                .get("code")
                .asString();
    }

    private HttpCaller.Answer join(String code, String password, String given, String family) {
        return join(nobody(), code, password, given, family);
    }

    private static HttpCaller.Answer join(
            HttpCaller browser, String code, String password, String given, String family) {
        return browser.post(
                "/api/join", Map.of("code", code, "password", password, "givenName", given, "familyName", family));
    }

    private static JsonNode firstAsking(TestClass own) {
        return own.teacher
                .get("/api/classes/" + own.id + "/door")
                .ok()
                .get("asking")
                .get(0);
    }

    /** Asks to come in, and is let in. */
    private static String letIn(TestClass own, HttpCaller browser, String given, String family, Object said) {
        String token = join(browser, door(own, true), "cockle", given, family)
                .ok()
                .get("token")
                .asString();
        long request = firstAsking(own).get("id").asLong();
        own.teacher
                .post("/api/classes/" + own.id + "/door/" + request + "/let-in", said)
                .done();
        return "/api/join/" + token;
    }

    @Test
    void theCodeIsToldOnceAndToTheBrowserThatAskedAlone() {
        TestClass own = newClass("told once", 1);
        HttpCaller browser = nobody();
        String path = letIn(own, browser, "Bryn", "Hollowell", null);
        assertThat(nobody().get(path).status()).isEqualTo(404);
        assertThat(nobody().post(path + "/code", null).status()).isEqualTo(404);
        assertThat(browser.get(path).ok().get("state").asString()).isEqualTo("LET_IN");
        String code = browser.post(path + "/code", null).ok().get("entryCode").asString();
        assertThat(nobody().signInStudent(code).get("/api/my/work").status()).isEqualTo(200);
        assertThat(browser.post(path + "/code", null).status()).isEqualTo(409);
    }

    @Test
    void afterTenMinutesTheCodeIsNotToldAnyMore() {
        HttpCaller browser = nobody();
        String path = letIn(newClass("too late to tell", 1), browser, "Bryn", "Hollowell", null);
        clock.advance(Duration.ofMinutes(10).plusSeconds(1));
        assertThat(browser.post(path + "/code", null).status()).isEqualTo(409);
    }

    @Test
    void aCodeThatWasReplacedIsNotTold() {
        TestClass own = newClass("replaced meanwhile", 1);
        HttpCaller browser = nobody();
        String path = letIn(own, browser, "S1", "Test", Map.of("who", "SAME"));
        clock.advance(Duration.ofMinutes(1));
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/entry-codes",
                        Map.of("deed", "RENEW", "students", List.of(own.student(1))))
                .done();
        assertThat(browser.post(path + "/code", null).status()).isEqualTo(409);
    }

    @Test
    void behindAClosedDoorNothingIsTold() {
        TestClass own = newClass("closed meanwhile", 1);
        HttpCaller browser = nobody();
        String path = letIn(own, browser, "Bryn", "Hollowell", null);
        door(own, false);
        assertThat(browser.post(path + "/code", null).status()).isEqualTo(409);
    }

    @Test
    void whoKnowsCodeAndPasswordWaitsUntilTheTeacherLetsThemIn() {
        TestClass own = newClass("door", 1);
        String code = door(own, true);
        HttpCaller browser = nobody();
        String token = join(browser, code.toLowerCase(), "cockle", "Bryn", "Hollowell")
                .ok()
                .get("token")
                .asString();
        String path = "/api/join/" + token;
        assertThat(browser.get(path).ok().get("state").asString()).isEqualTo("WAITING");
        assertThat(browser.post(path + "/code", null).status()).isEqualTo(409);
        assertThat(own.screen("").get("total").asInt()).isEqualTo(1);
        JsonNode asking = firstAsking(own);
        assertThat(asking.get("known").asBoolean()).isFalse();
        own.teacher
                .post("/api/classes/" + own.id + "/door/" + asking.get("id").asLong() + "/let-in", null)
                .done();
        assertThat(own.screen("").get("total").asInt()).isEqualTo(2);
        String entryCode =
                browser.post(path + "/code", null).ok().get("entryCode").asString();
        assertThat(nobody().signInStudent(entryCode).get("/api/my/work").status())
                .isEqualTo(200);
    }

    @Test
    void somebodyOfTheClassIsRecognisedAndNotDoubled() {
        TestClass own = newClass("door known", 1);
        String code = door(own, true);
        join(code, "cockle", "s1", "test").ok();
        JsonNode asking = firstAsking(own);
        assertThat(asking.get("known").asBoolean()).isTrue();
        String letIn = "/api/classes/" + own.id + "/door/" + asking.get("id").asLong() + "/let-in";
        HttpCaller.Answer asks = own.teacher.post(letIn, null);
        assertThat(asks.status()).isEqualTo(409);
        assertThat(asks.body().get("detail").asString())
                .isEqualTo("There is s1 test in this class already. Say whether it is the same child.");
        own.teacher.post(letIn, Map.of("who", "SAME")).done();
        assertThat(own.screen("").get("total").asInt()).isEqualTo(1);
    }

    @Test
    void anotherChildOfTheSameNameIsAnotherChild() {
        TestClass own = newClass("same name", 1);
        letIn(own, nobody(), "S1", "Test", Map.of("who", "ANOTHER"));
        assertThat(own.screen("").get("total").asInt()).isEqualTo(2);
    }

    @Test
    void aWrongPasswordAClosedDoorAndBeingTurnedAwayAllSaySo() {
        TestClass own = newClass("door shut", 1);
        String code = door(own, true);
        assertThat(join(code, "mussel", "A", "B").status()).isEqualTo(401);
        assertThat(join("ZZZZZZ", "cockle", "A", "B").status()).isEqualTo(401);
        HttpCaller browser = nobody();
        String token = join(browser, code, "cockle", "A", "B").ok().get("token").asString();
        long request = firstAsking(own).get("id").asLong();
        own.teacher
                .post("/api/classes/" + own.id + "/door/" + request + "/turn-away", null)
                .done();
        assertThat(browser.get("/api/join/" + token).ok().get("state").asString())
                .isEqualTo("TURNED_AWAY");
        door(own, false);
        assertThat(join(code, "cockle", "A", "B").body().get("detail").asString())
                .startsWith("Nobody is taken in just now.");
    }

    @Test
    void anAdultWithAPasswordOfAnothersChoosingIsAskedForTheirOwn() {
        HttpCaller administrator = teacher();
        Map<String, Object> wanted = new HashMap<>(Map.of(
                "name", "tamsel", "displayName", "Tam Selwick", "password", "first-password", "administrator", false));
        long id =
                administrator.post("/api/school/adults", wanted).ok().get("id").asLong();
        assertThat(administrator.post("/api/school/adults", wanted).status()).isEqualTo(422);
        HttpCaller tam = nobody().signInAdult("tamsel", "first-password");
        assertThat(tam.get("/api/session").ok().get("mustChangePassword").asBoolean())
                .isTrue();
        assertThat(tam.get("/api/classes").status()).isEqualTo(403);
        assertThat(tam.put("/api/account/password", Map.of("before", "wrong", "password", "my own password"))
                        .status())
                .isEqualTo(422);
        tam.put("/api/account/password", Map.of("before", "first-password", "password", "my own password"))
                .done();
        assertThat(tam.get("/api/session").ok().get("mustChangePassword").asBoolean())
                .isFalse();
        assertThat(tam.get("/api/classes").status()).isEqualTo(200);
        administrator
                .post("/api/school/adults/" + id + "/password", Map.of("password", "second-password"))
                .done();
        assertThat(nobody().post("/api/sign-in/adult", Map.of("name", "tamsel", "password", "my own password"))
                        .status())
                .isEqualTo(401);
    }

    @Test
    void aClassKeepsAnOwner() {
        TestClass own = newClass("owner", 1);
        String adults = "/api/classes/" + own.id + "/adults";
        long me = own.teacher.get(adults).ok().get(0).get("id").asLong();
        assertThat(own.teacher
                        .put(adults + "/" + me, Map.of("role", "VIEWER"))
                        .body()
                        .get("detail")
                        .asString())
                .startsWith("A class needs an owner.");
        assertThat(own.teacher.call("DELETE", adults + "/" + me, null).status()).isEqualTo(409);
    }

    @Test
    void classesAreMadeNamedAnewArchivedAndBroughtBack() {
        HttpCaller teacher = teacher();
        Map<String, Object> edit =
                Map.of("name", "Harbour club", "grade", 5, "subject", "science", "termIds", List.of());
        long id = teacher.post("/api/classes", edit).ok().get("id").asLong();
        teacher.post("/api/classes/" + id + "/archive", null).done();
        JsonNode card = card(teacher, id);
        assertThat(card.get("archived").asBoolean()).isTrue();
        assertThat(card.get("role").asString()).isEqualTo("OWNER");
        teacher.post("/api/classes/" + id + "/bring-back", null).done();
        assertThat(card(teacher, id).get("archived").asBoolean()).isFalse();
        assertThat(teacher.put(
                                "/api/classes/" + id,
                                Map.of("name", "x", "grade", 5, "subject", "", "termIds", List.of(999)))
                        .status())
                .isEqualTo(404);
    }

    private static JsonNode card(HttpCaller teacher, long id) {
        return teacher.get("/api/classes")
                .ok()
                .get("classes")
                .valueStream()
                .filter(each -> each.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }
}
