package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The Students screen: everybody, narrowed and sorted by the server. */
class StudentsTest extends ServerTest {
    private static final String LIST =
            """
            Given name,Family name,Number,Grade,Home class,Tags,Tideline reading scale
            Umi,Ilves,9101,5,5 Tern,"crew; boats",571
            Hana,Pellow,9102,6,5 Tern,crew,742
            Kofi,Asterly,9103,5,5 Gull,,abs
            Zora,Fennick,,5,5 Gull,,845
            """;

    private TestClass named(String name) {
        HttpCaller teacher = teacher();
        JsonNode taken = teacher.upload(
                        "/api/class-lists",
                        LIST.replace("910", "9" + name.hashCode() % 1000 + "0").getBytes(),
                        Map.of("className", name, "grade", 5, "takenOn", "2027-02-02"))
                .ok();
        return TestClass.of(teacher, port, taken.get("classId").asLong());
    }

    private static List<String> names(JsonNode screen) {
        return screen.get("students")
                .valueStream()
                .map(each -> each.get("givenName").asString())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "grade=6|Hana",
                "home=5 Gull|Kofi,Zora",
                "tag=crew|Hana,Umi",
                "text=boats|Umi",
                "text=ELL|Hana",
                "measureId=1&band=0|",
                "measureId=1&band=1|Umi",
                "measureId=1&from=700|Hana,Zora",
                "measureId=1&from=700&to=800|Hana",
                "signedIn=EVER|",
                "signedIn=NEVER&grade=6|Hana",
                "archived=true|"
            })
    void narrowingLeavesThoseThatFit(String query, String expected) {
        TestClass own = named("narrow " + query.hashCode());
        List<String> wanted = expected == null ? List.of() : List.of(expected.split(","));
        assertThat(names(own.screen(query.replace(" ", "%20")))).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sort=name|Hana,Kofi,Umi,Zora",
                "sort=name&descending=true|Zora,Umi,Kofi,Hana",
                "sort=family|Kofi,Zora,Umi,Hana",
                "sort=grade&descending=true|Hana,Kofi,Umi,Zora",
                "sort=m1|Umi,Hana,Zora,Kofi",
                "sort=m1&descending=true|Zora,Hana,Umi,Kofi"
            })
    void sortingPutsThoseWithoutAValueLast(String query, String expected) {
        assertThat(names(named("sort " + query.hashCode()).screen(query))).containsExactly(expected.split(","));
    }

    @Test
    void whatCannotBeSortedByIsRefused() {
        TestClass own = newClass("sort refused", 1);
        HttpCaller.Answer refused = own.teacher.get("/api/students?classId=" + own.id + "&sort=shoe");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).isEqualTo("sort is no column to sort by.");
    }

    @Test
    void whoHasSignedInIsShownWithTheMoment() {
        TestClass own = newClass("signed in", 2);
        own.signedIn(1);
        assertThat(own.row(1).get("lastHere").asString()).isEqualTo("2027-02-09T12:10:00Z");
        assertThat(own.row(2).has("lastHere")).isFalse();
        assertThat(names(own.screen("signedIn=EVER"))).containsExactly("S1");
    }

    @Test
    void theChoicesAreOfAllBeforeNarrowing() {
        JsonNode screen = named("choices").screen("grade=6");
        assertThat(screen.get("total").asInt()).isEqualTo(4);
        JsonNode choices = screen.get("choices");
        assertThat(choices.get("grades").valueStream().map(JsonNode::asInt)).containsExactly(5, 6);
        assertThat(choices.get("homes").valueStream().map(JsonNode::asString)).containsExactly("5 Gull", "5 Tern");
        assertThat(choices.get("tags").valueStream().map(JsonNode::asString)).containsExactly("boats", "crew");
        assertThat(choices.get("bands").get(0).get("names").valueStream().map(JsonNode::asString))
                .containsExactly("well below", "below", "at benchmark", "above");
        assertThat(choices.get("neverHere").asInt()).isEqualTo(4);
    }

    @Test
    void groupsNarrowToTheirMembersAndToThoseInNone() {
        TestClass own = newClass("groups narrow", 6);
        long arrangement = own.arrange(2);
        long low = own.groups(arrangement).get(0);
        assertThat(names(own.screen("groupId=" + low))).containsExactly("S1", "S2", "S3");
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(2))));
        assertThat(names(own.screen("notIn=" + arrangement))).containsExactly("S2");
    }

    @Test
    void allMyClassesAreOneListAndAStudentOfTwoStandsInItOnce() {
        TestClass one = newClass("list one", 2);
        TestClass two = newClass("list two", 1);
        one.deed("ADD_TO_CLASS", two.id, one.student(1)).done();
        JsonNode both =
                one.teacher.get("/api/students?text=S1%20Test&sort=name").ok().get("students");
        List<JsonNode> found = both.valueStream()
                .filter(each -> each.get("id").asLong() == one.student(1))
                .toList();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).get("classIds").valueStream().map(JsonNode::asLong))
                .containsExactlyInAnyOrder(one.id, two.id);
    }

    @Test
    void anArchivedStudentIsAsideAndComesBackWithEverything() {
        TestClass own = newClass("archive", 3);
        long arrangement = own.arrange(1);
        own.deed("ARCHIVE", "", own.student(2)).done();
        assertThat(names(own.screen("archived=true"))).containsExactly("S2");
        assertThat(names(own.screen(""))).containsExactly("S1", "S3");
        own.deed("BRING_BACK", "", own.student(2)).done();
        assertThat(TestClass.groupOf(own.bench(arrangement), own.student(2))).isNotNull();
        assertThat(own.row(2).get("scores")).isNotEmpty();
    }

    @Test
    void aChangeOfWhatSomebodyElseChangedMeanwhileIsAConflict() {
        TestClass own = newClass("race", 1);
        String path = "/api/students/" + own.student(1);
        JsonNode sheet = own.teacher.get(path).ok();
        Map<String, Object> edit =
                Map.of("version", sheet.get("version").asLong(), "facts", sheet.get("facts"), "tags", List.of("boats"));
        own.teacher.put(path, edit).done();
        Map<String, Object> other = Map.of(
                "version",
                sheet.get("version").asLong(),
                "facts",
                Map.of(
                        "givenName",
                        "Sam",
                        "familyName",
                        "Test",
                        "preferredName",
                        "",
                        "grade",
                        5,
                        "language",
                        "",
                        "homeClass",
                        "",
                        "studentNumber",
                        ""),
                "tags",
                List.of());
        own.teacher.put(path, other).done();
        assertThat(own.teacher.put(path, other).status()).isEqualTo(409);
    }

    @Test
    void twoStudentsDoNotShareANumber() {
        TestClass own = named("numbers");
        JsonNode sheet = own.teacher.get("/api/students/" + own.student(4)).ok();
        String taken = own.row(1).get("studentNumber").asString();
        Map<String, Object> edit = Map.of(
                "version",
                sheet.get("version").asLong(),
                "facts",
                Map.of(
                        "givenName",
                        "Zora",
                        "familyName",
                        "Fennick",
                        "preferredName",
                        "",
                        "grade",
                        5,
                        "language",
                        "",
                        "homeClass",
                        "",
                        "studentNumber",
                        taken),
                "tags",
                List.of());
        HttpCaller.Answer refused = own.teacher.put("/api/students/" + own.student(4), edit);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("fields").get(0).get("field").asString()).isEqualTo("studentNumber");
    }

    @Test
    void aViewerSeesNeitherNeedsNorCodes() {
        TestClass own = newClass("viewed", 1);
        own.grant(1, "EXTENDED_TIME", "2").ok();
        long task = own.draft(TestClass.forEveryone());
        own.shareWith("Idris", "VIEWER");
        HttpCaller viewer = nobody().signInAdult("idris", "salt-marsh-5");
        JsonNode screen = viewer.get("/api/students?classId=" + own.id).ok();
        assertThat(screen.get("students").get(0).has("needs")).isFalse();
        assertThat(own.task(task)
                        .get("students")
                        .get(0)
                        .get("terms")
                        .get("minutes")
                        .asInt())
                .isEqualTo(40);
        assertThat(viewer.get("/api/tasks/" + task).ok().get("students").get(0).has("terms"))
                .isFalse();
        assertThat(viewer.get("/api/classes/" + own.id + "/students")
                        .ok()
                        .get(0)
                        .has("entryCode"))
                .isFalse();
        assertThat(viewer.get("/api/students/" + own.student(1) + "/needs").status())
                .isEqualTo(403);
        assertThat(viewer.get("/api/classes/" + own.id + "/entry-cards").status())
                .isEqualTo(403);
        assertThat(viewer.get("/api/classes/" + own.id + "/export?what=NEEDS&as=CSV")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void narrowingsAreKeptForOneselfAndForgotten() {
        HttpCaller teacher = teacher();
        teacher.put("/api/narrowings", Map.of("name", "Below in reading", "query", "band=1&measureId=1"))
                .done();
        teacher.put("/api/narrowings", Map.of("name", "Below in reading", "query", "band=0&measureId=1"))
                .done();
        List<JsonNode> kept = narrowingsOf(teacher);
        assertThat(kept).hasSize(1);
        assertThat(kept.get(0).get("query").asString()).isEqualTo("band=0&measureId=1");
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.get("/api/narrowings").ok()).isEmpty();
        String path = "/api/narrowings/" + kept.get(0).get("id").asLong();
        assertThat(idris.call("DELETE", path, null).status()).isEqualTo(404);
        teacher.call("DELETE", path, null).done();
        assertThat(narrowingsOf(teacher)).isEmpty();
    }

    private static List<JsonNode> narrowingsOf(HttpCaller teacher) {
        return teacher.get("/api/narrowings")
                .ok()
                .valueStream()
                .filter(each -> each.get("name").asString().equals("Below in reading"))
                .toList();
    }
}
