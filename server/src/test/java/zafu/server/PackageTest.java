package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Packages in and out, through HTTP. */
class PackageTest extends ServerTest {
    private static final Map<String, Object> FOR_SCHOOL = Map.of("visibility", "SCHOOL");
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 0, 0, 0, 0};

    private static byte[] zip(Map<String, byte[]> parts) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                out.putNextEntry(new ZipEntry(part.getKey()));
                out.write(part.getValue());
                out.closeEntry();
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return bytes.toByteArray();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** A package with a manifest for these parts; each resource is "type file". */
    private static Map<String, byte[]> parts(String... resources) {
        StringBuilder manifest = new StringBuilder(
                "<manifest xmlns=\"http://www.imsglobal.org/xsd/imscp_v1p1\" identifier=\"m\"><organizations/><resources>");
        for (int i = 0; i < resources.length; i++) {
            String[] each = resources[i].split(" ");
            manifest.append("<resource identifier=\"r%d\" type=\"%s\" href=\"%s\"><file href=\"%s\"/></resource>"
                    .formatted(i, each[0], each[1], each[1]));
        }
        Map<String, byte[]> parts = new LinkedHashMap<>();
        parts.put(
                "imsmanifest.xml",
                bytes(manifest.append("</resources></manifest>").toString()));
        return parts;
    }

    private static byte[] choice(String prompt) {
        return bytes(
                "<assessmentItem xmlns=\"http://www.imsglobal.org/xsd/imsqti_v2p1\" identifier=\"i\" title=\"t\" "
                        + "adaptive=\"false\" timeDependent=\"false\"><responseDeclaration identifier=\"RESPONSE\" "
                        + "cardinality=\"single\" baseType=\"identifier\"><correctResponse><value>A</value></correctResponse>"
                        + "</responseDeclaration><itemBody>" + prompt
                        + "<choiceInteraction responseIdentifier=\"RESPONSE\" "
                        + "maxChoices=\"1\"><simpleChoice identifier=\"A\">yes</simpleChoice><simpleChoice identifier=\"B\">no"
                        + "</simpleChoice></choiceInteraction></itemBody><responseProcessing "
                        + "template=\"http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct\"/></assessmentItem>");
    }

    private JsonNode look(Map<String, byte[]> parts) {
        return teacher()
                .uploadFile("/api/library/packages/preview", zip(parts), "Tides.zip")
                .ok();
    }

    private HttpCaller.Answer take(Map<String, byte[]> parts) {
        return teacher().upload("/api/library/packages", zip(parts), "Tides.zip", FOR_SCHOOL);
    }

    private JsonNode item(long id) {
        return teacher().get("/api/library/items/" + id).ok();
    }

    private JsonNode only(JsonNode report) {
        assertThat(report.get("ids")).hasSize(1);
        return item(report.get("ids").get(0).asLong());
    }

    @Test
    void aPackageIsLookedAtFirstAndThenTaken() {
        Map<String, byte[]> parts = parts("imsqti_item_xmlv2p1 items/one.xml", "imsqti_item_xmlv2p1 items/two.xml");
        parts.put("items/one.xml", choice("<p>Is the sea salty?</p>"));
        parts.put("items/two.xml", bytes("<assessmentItem/>"));
        JsonNode seen = look(parts);
        assertThat(seen.get("items").get(0).get("title").asString()).isEqualTo("Tides");
        assertThat(seen.get("items").get(0).get("questions").asInt()).isEqualTo(1);
        assertThat(seen.get("leftOut").get(0).get("where").asString()).isEqualTo("items/two.xml");
        assertThat(seen.get("ids")).isEmpty();
        JsonNode quiz = only(take(parts).ok());
        assertThat(quiz.get("kind").asString()).isEqualTo("QUIZ");
        assertThat(quiz.get("questions").get(0).get("prompt").asString()).isEqualTo("Is the sea salty?");
    }

    @Test
    void allOfAPackageTrainsTheSkillThatIsChosenForIt() {
        long skill = teacher()
                .get("/api/skills")
                .ok()
                .get("strands")
                .get(0)
                .get("skills")
                .get(0)
                .get("id")
                .asLong();
        Map<String, byte[]> parts = parts("imsqti_item_xmlv2p1 one.xml");
        parts.put("one.xml", choice("<p>Ebb?</p>"));
        JsonNode taken = only(teacher()
                .upload(
                        "/api/library/packages",
                        zip(parts),
                        "Tides.zip",
                        Map.of("visibility", "SCHOOL", "skillId", skill))
                .ok());
        assertThat(taken.get("skills").get(0).get("skillId").asLong()).isEqualTo(skill);
        assertThat(taken.get("questions").get(0).get("skillId").asLong()).isEqualTo(skill);
        Map<String, Object> unknown = Map.of("visibility", "SCHOOL", "skillId", Long.MAX_VALUE);
        assertThat(teacher()
                        .upload("/api/library/packages", zip(parts), "Tides.zip", unknown)
                        .status())
                .isIn(404, 422);
    }

    @Test
    void aTestGivesTitleOrderPointsAndTime() {
        Map<String, byte[]> parts =
                parts("imsqti_test_xmlv2p1 test.xml", "imsqti_item_xmlv2p1 q/one.xml", "imsqti_item_xmlv2p1 q/two.xml");
        parts.put("q/one.xml", choice("<p>One?</p>"));
        parts.put("q/two.xml", choice("<p>Two?</p>"));
        parts.put(
                "test.xml",
                bytes("<assessmentTest xmlns=\"http://www.imsglobal.org/xsd/imsqti_v2p1\" identifier=\"t\" "
                        + "title=\"Two of the sea\"><timeLimits maxTime=\"900\"/><testPart identifier=\"p\" "
                        + "navigationMode=\"linear\" submissionMode=\"individual\"><assessmentSection identifier=\"s\" "
                        + "title=\"s\" visible=\"true\"><assessmentItemRef identifier=\"b\" href=\"q/two.xml\">"
                        + "<weight identifier=\"W\" value=\"3\"/></assessmentItemRef><assessmentItemRef identifier=\"a\" "
                        + "href=\"q/one.xml\"/></assessmentSection></testPart></assessmentTest>"));
        JsonNode quiz = only(take(parts).ok());
        assertThat(quiz.get("title").asString()).isEqualTo("Two of the sea");
        assertThat(quiz.get("minutes").asInt()).isEqualTo(15);
        assertThat(quiz.get("questions")
                        .valueStream()
                        .map(each -> each.get("prompt").asString() + " " + each.get("points")))
                .containsExactly("Two? 3", "One? 1");
    }

    @Test
    void picturesComeAlongAndWhatIsNoneIsLeftOutAndSaid() {
        Map<String, byte[]> parts = parts("imsqti_item_xmlv2p1 q/one.xml", "imsqti_item_xmlv2p1 q/two.xml");
        parts.put("q/one.xml", choice("<p>What is it? <img src=\"../media/crab.png\" alt=\"a crab\"/></p>"));
        parts.put("q/two.xml", choice("<p>And this? <img src=\"../media/fake.png\" alt=\"?\"/></p>"));
        parts.put("media/crab.png", PNG);
        parts.put("media/fake.png", bytes("<svg onload=\"alert(1)\"/>"));
        JsonNode report = take(parts).ok();
        JsonNode questions = only(report).get("questions");
        String prompt = questions.get(0).get("prompt").asString();
        assertThat(prompt).matches("What is it\\? !\\[a crab\\]\\(file:\\d+\\)");
        String file = prompt.replaceAll(".*file:(\\d+).*", "$1");
        assertThat(teacher().getBytes("/api/files/" + file).body()).isEqualTo(PNG);
        assertThat(questions.get(1).get("prompt").asString()).isEqualTo("And this?");
        assertThat(report.get("leftOut").get(0).get("why").asString()).contains("neither a picture");
    }

    /** What others describe otherwise is named and never stops the rest. */
    @Test
    void whatIsSaidOfAPageAndCannotBeReadIsNamed() {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        String path =
                "<taxonPath><source><string>Tideline</string></source><taxon><entry><string>hard</string></entry></taxon></taxonPath>";
        parts.put(
                "imsmanifest.xml",
                bytes(
                        "<manifest><resources><resource identifier=\"p\" type=\"webcontent\" href=\"p.html\"><metadata><lom>"
                                + "<general><keyword><string>" + "x".repeat(41) + "</string></keyword></general>"
                                + "<educational><typicalLearningTime><duration>a while</duration></typicalLearningTime></educational>"
                                + "<classification><purpose><value>skill level</value></purpose>" + path
                                + "</classification>"
                                + "</lom></metadata><file href=\"p.html\"/></resource></resources></manifest>"));
        parts.put("p.html", bytes("<html><head><title>Tide</title></head><body><p>Twice a day.</p></body></html>"));
        JsonNode seen = look(parts);
        assertThat(seen.get("items")).hasSize(1);
        assertThat(seen.get("changed").toString())
                .contains("its keyword", "how long it takes cannot be read", "its level cannot be read");
    }

    @Test
    void nothingIsFetchedFromElsewhere() {
        Map<String, byte[]> parts = parts("imsqti_item_xmlv2p1 one.xml");
        parts.put("one.xml", choice("<p>x <img src=\"http://localhost/secret.png\" alt=\"\"/></p>"));
        assertThat(look(parts).get("leftOut").get(0).get("why").asString()).contains("nothing is fetched");
    }

    @Test
    void entitiesInAManifestOrAPartAreRefused() {
        Map<String, byte[]> parts = parts("imsqti_item_xmlv2p1 one.xml");
        parts.put("one.xml", bytes("<!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/passwd\">]><x>&e;</x>"));
        HttpCaller.Answer refused = teacher().uploadFile("/api/library/packages/preview", zip(parts), "entities.zip");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains("entities of its own");
    }

    @Test
    void tenThousandQuestionsAreRefusedWithASentence() {
        StringBuilder manifest = new StringBuilder("<manifest><resources>");
        for (int i = 0; i < 10_000; i++) {
            manifest.append("<resource identifier=\"r")
                    .append(i)
                    .append("\" type=\"imsqti_item_xmlv2p1\" href=\"q.xml\"/>");
        }
        Map<String, byte[]> parts = new LinkedHashMap<>();
        parts.put(
                "imsmanifest.xml",
                bytes(manifest.append("</resources></manifest>").toString()));
        parts.put("q.xml", choice("<p>Again?</p>"));
        HttpCaller.Answer refused = take(parts);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).contains("10,000 questions; at most 1,000");
    }

    @ParameterizedTest
    @ValueSource(strings = {"no zip at all", "PK\u0003\u0004broken"})
    void whatIsNoPackageIsRefusedWithASentence(String file) {
        HttpCaller.Answer refused = teacher().uploadFile("/api/library/packages/preview", bytes(file), "x.zip");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).matches(".*(not a zip|damaged).*");
    }

    @Test
    void aZipWithoutAManifestIsNoPackage() {
        Map<String, byte[]> parts = new LinkedHashMap<>(Map.of("notes.txt", bytes("x")));
        HttpCaller.Answer refused = take(parts);
        assertThat(refused.body().get("detail").asString()).contains("has no \"imsmanifest.xml\"");
    }

    @Test
    void aCartridgeBringsItsLinksPagesAndQuizzes() {
        Map<String, byte[]> parts = parts(
                "imswl_xmlv1p3 links/webcam.xml",
                "webcontent pages/tide.html",
                "imsqti_xmlv1p2/imscc_xmlv1p3/assessment quiz/assessment.xml",
                "imsdt_xmlv1p3 talk/topic.xml");
        parts.put(
                "links/webcam.xml",
                bytes("<webLink xmlns=\"http://www.imsglobal.org/xsd/imsccv1p3/imswl_v1p3\"><title>Webcam</title>"
                        + "<url href=\"https://birds.quillmere.example/pages/webcam\"/></webLink>"));
        parts.put(
                "pages/tide.html",
                bytes("<html lang=\"en\"><head><title>The tide</title></head><body onload=\"x()\"><h1>Tide</h1>"
                        + "<p>Twice a <b>day</b>.</p><script>alert(1)</script></body></html>"));
        parts.put("quiz/assessment.xml", bytes(CARTRIDGE_QUIZ));
        parts.put("talk/topic.xml", bytes("<topic/>"));
        JsonNode report = take(parts).ok();
        assertThat(report.get("items").valueStream().map(each -> each.get("kind")
                        .asString()))
                .containsExactlyInAnyOrder("LINK", "TEXT", "QUIZ");
        assertThat(report.get("changed").toString()).contains("scripts on the page are left out");
        assertThat(report.get("leftOut").toString()).contains("imsdt_xmlv1p3").contains("looks for a part");
        report.get("ids").forEach(id -> {
            JsonNode item = item(id.asLong());
            if (item.get("kind").asString().equals("TEXT")) {
                assertThat(item.get("body").asString()).isEqualTo("# Tide\n\nTwice a **day**.");
            }
            if (item.get("kind").asString().equals("QUIZ")) {
                assertThat(item.get("questions").valueStream().map(each -> each.get("kind")
                                .asString()))
                        .containsExactly("SINGLE_CHOICE", "MULTIPLE_CHOICE", "SHORT_ANSWER", "LONG_ANSWER");
                assertThat(item.get("questions")
                                .get(1)
                                .get("body")
                                .get("rights")
                                .toString())
                        .isEqualTo("[0,2]");
            }
        });
    }

    private static String oldItem(String profile, String response, String conditions) {
        return "<item ident=\"%s\" title=\"%s\"><itemmetadata><qtimetadata><qtimetadatafield><fieldlabel>cc_profile</fieldlabel><fieldentry>%s</fieldentry></qtimetadatafield></qtimetadata></itemmetadata><presentation><material><mattext texttype=\"text/html\">&lt;p&gt;Which?&lt;/p&gt;</mattext></material>%s</presentation><resprocessing><outcomes><decvar/></outcomes>%s</resprocessing></item>"
                .formatted(profile, profile, profile, response, conditions);
    }

    private static String labels(String cardinality) {
        StringBuilder labels =
                new StringBuilder("<response_lid ident=\"r\" rcardinality=\"" + cardinality + "\"><render_choice>");
        for (String each : List.of("a", "b", "c")) {
            labels.append("<response_label ident=\"%s\"><material><mattext>%s</mattext></material></response_label>"
                    .formatted(each, each));
        }
        return labels.append("</render_choice></response_lid>").toString();
    }

    private static String when(String test) {
        return "<respcondition><conditionvar>" + test
                + "</conditionvar><setvar varname=\"SCORE\" action=\"Set\">100</setvar></respcondition>";
    }

    private static final String CARTRIDGE_QUIZ = "<questestinterop><assessment ident=\"a\" title=\"Old quiz\"><section>"
            + oldItem("cc.multiple_choice.v0p1", labels("Single"), when("<varequal respident=\"r\">b</varequal>"))
            + oldItem(
                    "cc.multiple_response.v0p1",
                    labels("Multiple"),
                    when("<and><varequal respident=\"r\">a</varequal><varequal respident=\"r\">c</varequal>"
                            + "<not><varequal respident=\"r\">b</varequal></not></and>"))
            + oldItem(
                    "cc.fib.v0p1",
                    "<response_str ident=\"r\"><render_fib/></response_str>",
                    when("<varequal respident=\"r\">moon</varequal>"))
            + oldItem("cc.essay.v0p1", "<response_str ident=\"r\"><render_fib/></response_str>", "")
            + oldItem(
                    "cc.pattern_match.v0p1",
                    "<response_str ident=\"r\"><render_fib/></response_str>",
                    when("<varsubstring respident=\"r\">moo</varsubstring>"))
            + "</section></assessment></questestinterop>";

    @Test
    void whatAnotherMayNotSeeIsNotGivenOut() {
        Map<String, Object> wanted =
                new LinkedHashMap<>(LibraryTest.quiz(LibraryTest.question("NUMERIC", Map.of("value", 6))));
        wanted.put("visibility", "PRIVATE");
        long id = teacher().post("/api/library/items", wanted).ok().get("id").asLong();
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.get("/api/library/packages?items=" + id).status()).isEqualTo(404);
    }
}
