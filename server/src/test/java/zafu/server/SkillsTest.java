package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class SkillsTest extends ServerTest {
    private static Map<String, Object> edit(String name, List<Long> before) {
        return new LinkedHashMap<>(Map.of(
                "name", name, "strand", "Test strand", "description", "", "prerequisites", before, "codes", List.of()));
    }

    private static JsonNode add(HttpCaller teacher, String name, Long... before) {
        return teacher.post("/api/skills", edit(name, List.of(before))).ok();
    }

    private static HttpCaller.Answer change(HttpCaller teacher, JsonNode skill, Map<String, Object> edit) {
        edit.put("version", skill.get("version").asLong());
        return teacher.put("/api/skills/" + skill.get("id").asLong(), edit);
    }

    private static JsonNode skillOf(JsonNode map, String name) {
        return map.get("strands")
                .valueStream()
                .flatMap(strand -> strand.get("skills").valueStream())
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode mapOf(TestClass own) {
        return own.teacher.get("/api/classes/" + own.id + "/skill-map").ok();
    }

    private static HttpCaller.Answer note(TestClass own, int student, long skill, String on, double fraction) {
        return own.teacher.post(
                "/api/students/" + own.student(student) + "/evidence",
                Map.of("skillId", skill, "takenOn", on, "fraction", fraction, "note", "at the table"));
    }

    @Test
    void aCircleIsRefusedAndNamed() {
        HttpCaller teacher = teacher();
        JsonNode first = add(teacher, "Circle one");
        JsonNode second = add(teacher, "Circle two", first.get("id").asLong());
        HttpCaller.Answer refused = change(
                teacher, first, edit("Circle one", List.of(second.get("id").asLong())));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .startsWith("\"Circle one\" needs \"Circle two\" needs \"Circle one\" again.");
        assertThat(skillOf(teacher.get("/api/skills").ok(), "Circle one").get("prerequisites"))
                .isEmpty();
    }

    @Test
    void evidenceByHandCountsWithWhyAndIsTakenBack() {
        TestClass own = newClass("by hand", 2);
        long skill = add(own.teacher, "By hand").get("id").asLong();
        note(own, 1, skill, "2027-02-01", 0.8).ok();
        long second = note(own, 1, skill, "2027-02-03", 0.9).ok().get("id").asLong();
        JsonNode secure = skillOf(mapOf(own), "By hand").get("standings").get(0);
        assertThat(secure.get("status").asString()).isEqualTo("SECURE");
        assertThat(secure.get("lastTwo").valueStream().map(JsonNode::asDouble)).containsExactly(0.8, 0.9);
        String path = "/api/students/" + own.student(1) + "/evidence/" + second;
        own.teacher.call("DELETE", path, null).done();
        assertThat(statusOfFirst(own, "By hand")).isEqualTo("NEARLY");
        own.teacher.post(path + "/restored", null).done();
        assertThat(statusOfFirst(own, "By hand")).isEqualTo("SECURE");
    }

    private static String statusOfFirst(TestClass own, String skill) {
        return skillOf(mapOf(own), skill).get("standings").get(0).get("status").asString();
    }

    @Test
    void whatWasSeenCannotLieInTheFuture() {
        TestClass own = newClass("future", 1);
        long skill = add(own.teacher, "Future").get("id").asLong();
        assertThat(note(own, 1, skill, "2027-03-01", 1).status()).isEqualTo(422);
    }

    @Test
    void aScreeningPlacesStudentsPastASkillWhoReachItsCut() {
        TestClass own = newClass("screened", 2);
        Map<String, Object> edit = edit("Screened", List.of());
        edit.put("screenMeasureId", 1);
        // S1 stands at 100, S2 at 110.
        edit.put("screenCut", 110);
        JsonNode skill = own.teacher.post("/api/skills", edit).ok();
        JsonNode standings = skillOf(mapOf(own), "Screened").get("standings");
        assertThat(standings.valueStream().map(each -> each.get("status").asString()))
                .containsExactly("NOT_ASSESSED", "ABOVE");
        assertThat(standings.get(1).get("placedBy").get("value").asDouble()).isEqualTo(110);
        edit.remove("screenCut");
        edit.put("name", "Half a screening");
        assertThat(own.teacher.post("/api/skills", edit).status()).isEqualTo(422);
        // The screening is the whole school's, and other tests have scores.
        own.teacher
                .call("DELETE", "/api/skills/" + skill.get("id").asLong(), null)
                .done();
    }

    @Test
    void aTryLeavesEvidenceOnTheSkillsOfItsQuestions() {
        TestClass own = newClass("from tries", 1);
        long skill = add(own.teacher, "From tries").get("id").asLong();
        Map<String, Object> right = new LinkedHashMap<>(LibraryTest.question("NUMERIC", Map.of("value", 6)));
        right.put("skillId", skill);
        right.put("points", 3);
        Map<String, Object> wrong = new LinkedHashMap<>(LibraryTest.question("NUMERIC", Map.of("value", 7)));
        wrong.put("skillId", skill);
        JsonNode item = own.teacher
                .post("/api/library/items", LibraryTest.quiz(right, wrong))
                .ok();
        QuestionsInTriesTest.handedIn(own, QuestionsInTriesTest.tryOf(own, item), "6");
        JsonNode evidence = own.teacher
                .get("/api/students/" + own.student(1) + "/skills/" + skill + "/evidence")
                .ok();
        assertThat(evidence).hasSize(1);
        assertThat(evidence.get(0).get("fraction").asDouble()).isEqualTo(0.75);
        assertThat(evidence.get(0).get("source").asString()).isEqualTo("TRY");
    }

    @Test
    void theMapSaysWhatAGroupIsReadyForAndWhy() {
        TestClass own = newClass("ready", 2);
        long base = add(own.teacher, "Ready base").get("id").asLong();
        add(own.teacher, "Ready next", base);
        for (int student = 1; student <= 2; student++) {
            note(own, student, base, "2027-02-01", 1).ok();
            note(own, student, base, "2027-02-02", 1).ok();
        }
        JsonNode map = mapOf(own);
        assertThat(skillOf(map, "Ready base").get("readiness").asString()).isEqualTo("MOSTLY_HELD");
        JsonNode next = skillOf(map, "Ready next");
        assertThat(next.get("readiness").asString()).isEqualTo("READY");
        assertThat(next.get("footing").asDouble()).isEqualTo(1);
        assertThat(TestClass.longs(map.get("ready"))).contains(next.get("id").asLong());
    }

    private static HttpCaller.Answer bringIn(HttpCaller teacher, String name, String file) {
        return teacher.uploadFile("/api/skills/from-file", file.getBytes(StandardCharsets.UTF_8), name);
    }

    @Test
    void anOutlineComesInFromATableAndIsTakenBack() {
        HttpCaller teacher = teacher();
        String table = "\uFEFFName;Strand;Grade;Code;Scheme;Prerequisites\n"
                + "Knots one;Knots;4;K4.1;Harbour outline;\n"
                + "Knots two;Knots;5;K5.1;Harbour outline;K4.1\n"
                + ";Knots;5;K5.2;Harbour outline;\n"
                + "Knots three;Knots;five;K5.3;Harbour outline;\n";
        JsonNode brought = bringIn(teacher, "knots.csv", table).ok();
        assertThat(brought.get("made")).hasSize(2);
        assertThat(brought.get("passedOver").valueStream().map(JsonNode::asString))
                .containsExactly("Row 4 has no name.", "Row 5 has the grade \"FIVE\", which is no number.");
        JsonNode two = skillOf(teacher.get("/api/skills").ok(), "Knots two");
        assertThat(TestClass.longs(two.get("prerequisites")))
                .containsExactly(brought.get("made").get(0).asLong());
        assertThat(bringIn(teacher, "knots.csv", table).ok().get("known").asInt())
                .as("the same file again")
                .isEqualTo(2);
        teacher.post("/api/skills/removed", Map.of("ids", brought.get("made"))).done();
        assertThat(teacher.get("/api/skills").text()).doesNotContain("Knots two");
    }

    @Test
    void aFrameworkComesInFromCase() {
        HttpCaller teacher = teacher();
        String framework =
                """
                {"CFDocument": {"identifier": "d", "title": "Island standards"},
                 "CFItems": [
                  {"identifier": "s", "fullStatement": "Sailing"},
                  {"identifier": "a", "fullStatement": "Tells where the wind comes from", "humanCodingScheme": "S.1",
                   "abbreviatedStatement": "Wind", "educationLevel": ["04"]},
                  {"identifier": "b", "fullStatement": "Tacks against it", "humanCodingScheme": "S.2",
                   "educationLevel": ["05"]}],
                 "CFAssociations": [
                  {"associationType": "isChildOf", "originNodeURI": {"identifier": "a"},
                   "destinationNodeURI": {"identifier": "s"}},
                  {"associationType": "isChildOf", "originNodeURI": {"identifier": "b"},
                   "destinationNodeURI": {"identifier": "s"}},
                  {"associationType": "precedes", "originNodeURI": {"identifier": "a"},
                   "destinationNodeURI": {"identifier": "b"}},
                  {"associationType": "exactMatchOf", "originNodeURI": {"identifier": "a"},
                   "destinationNodeURI": {"identifier": "b"}}]}
                """;
        JsonNode brought = bringIn(teacher, "island.json", framework).ok();
        assertThat(brought.get("made")).hasSize(2);
        assertThat(brought.get("passedOver")).hasSize(1);
        JsonNode all = teacher.get("/api/skills").ok();
        JsonNode tack = skillOf(all, "Tacks against it");
        assertThat(TestClass.longs(tack.get("prerequisites")))
                .containsExactly(skillOf(all, "Wind").get("id").asLong());
        assertThat(tack.get("codes").get(0).get("scheme").asString()).isEqualTo("Island standards");
        assertThat(tack.get("grade").asInt()).isEqualTo(5);
    }

    @Test
    void aFileWithACircleBringsNothing() {
        HttpCaller teacher = teacher();
        String table = "name,prerequisites\nRound one,Round two\nRound two,Round one\n";
        HttpCaller.Answer refused = bringIn(teacher, "round.csv", table);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("\"Round one\" needs \"Round two\"");
        assertThat(teacher.get("/api/skills").text()).doesNotContain("Round one");
    }

    @Test
    void whatIsNoOutlineIsRefusedWithASentence() {
        HttpCaller teacher = teacher();
        assertThat(bringIn(teacher, "x.csv", "strand,grade\nKnots,4\n")
                        .body()
                        .get("detail")
                        .asString())
                .contains("no column called \"name\"");
        assertThat(bringIn(teacher, "x.json", "{\"CFDocument\": {}}")
                        .body()
                        .get("detail")
                        .asString())
                .contains("CFItems");
        assertThat(bringIn(teacher, "x.json", "{").body().get("detail").asString())
                .contains("no JSON");
    }
}
