package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import java.util.zip.ZipInputStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What a teacher makes is their class's own: no other class sees it, until those who keep what is shared share it. */
class OwnOrSharedTest extends ServerTest {
    private static int made;
    private TestClass here;
    private TestClass elsewhere;
    private String name;

    @BeforeEach
    void twoClassesWithATeacherEach() {
        name = "Own " + ++made;
        here = withTeacher("here");
        elsewhere = withTeacher("elsewhere");
    }

    private TestClass withTeacher(String where) {
        String account = where + " " + made + " " + System.nanoTime();
        long id = newAccount(account, "first-password");
        TestClass own = newClass(account, 3);
        own.teacher
                .put("/api/classes/" + own.id + "/adults/" + id, Map.of("role", "OWNER"))
                .done();
        return TestClass.of(signInFirst(account, "first-password"), port, own.id);
    }

    private Map<String, Object> measure(@Nullable Long classId) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of(
                "name",
                name,
                "unit",
                "",
                "lowest",
                0,
                "highest",
                60,
                "decimals",
                0,
                "lowerIsBetter",
                false,
                "levels",
                List.of(),
                "whichCounts",
                "LATEST",
                "shelfLifeDays",
                120));
        wanted.put("archived", false);
        wanted.put("classId", classId);
        return wanted;
    }

    private Map<String, Object> skill(@Nullable Long classId, Long... before) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of(
                "name", name, "strand", "", "description", "", "prerequisites", List.of(before), "codes", List.of()));
        wanted.put("classId", classId);
        return wanted;
    }

    private long idOf(HttpCaller.Answer answer) {
        return answer.ok().get("id").asLong();
    }

    private static List<Long> ids(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(each -> each.get("id").asLong())
                .toList();
    }

    private boolean seesMeasure(TestClass who) {
        return who.teacher.get("/api/measures").text().contains("\"" + name + "\"");
    }

    private boolean seesSkill(TestClass who) {
        return who.teacher.get("/api/skills").text().contains("\"" + name + "\"");
    }

    @Test
    void whatATeacherMakesIsTheirClasssAndNobodyElseSeesIt() {
        assertThat(here.teacher.post("/api/measures", measure(null)).status()).isEqualTo(403);
        assertThat(here.teacher.post("/api/skills", skill(null)).status()).isEqualTo(403);
        long measure = idOf(here.teacher.post("/api/measures", measure(here.id)));
        long skill = idOf(here.teacher.post("/api/skills", skill(here.id)));
        assertThat(seesMeasure(here)).isTrue();
        assertThat(seesSkill(here)).isTrue();
        assertThat(seesMeasure(elsewhere)).isFalse();
        assertThat(seesSkill(elsewhere)).isFalse();
        HttpCaller other = elsewhere.teacher;
        assertThat(List.of(
                        other.put("/api/measures/" + measure, measure(here.id)).status(),
                        other.get("/api/measures/" + measure + "/cuts").status(),
                        other.get("/api/classes/" + elsewhere.id + "/growth?measureId=" + measure)
                                .status(),
                        other.call("DELETE", "/api/skills/" + skill, null).status(),
                        other.post(
                                        "/api/students/" + elsewhere.student(1) + "/evidence",
                                        Map.of("skillId", skill, "takenOn", "2027-02-01", "fraction", 1, "note", ""))
                                .status()))
                .containsOnly(404);
    }

    @Test
    void aMeasureOfOneClassIsAColumnOfItAlone() {
        long measure = idOf(here.teacher.post("/api/measures", measure(here.id)));
        TestClass second = newClass("second of the same adult " + made, 2);
        assertThat(ids(here.teacher
                        .get("/api/classes/" + here.id + "/score-sheet?on=2027-02-09")
                        .ok()
                        .get("measures")))
                .contains(measure);
        assertThat(ids(second.teacher
                        .get("/api/classes/" + second.id + "/score-sheet?on=2027-02-09")
                        .ok()
                        .get("measures")))
                .doesNotContain(measure);
    }

    @Test
    void twoClassesMayHaveOneNameAndOneClassMayNot() {
        idOf(here.teacher.post("/api/measures", measure(here.id)));
        idOf(elsewhere.teacher.post("/api/measures", measure(elsewhere.id)));
        assertThat(here.teacher.post("/api/measures", measure(here.id)).status())
                .isEqualTo(422);
        assertThat(teacher().post("/api/measures", measure(null)).status()).isEqualTo(422);
        idOf(here.teacher.post("/api/skills", skill(here.id)));
        idOf(elsewhere.teacher.post("/api/skills", skill(elsewhere.id)));
        assertThat(here.teacher.post("/api/skills", skill(here.id)).status()).isEqualTo(409);
        assertThat(teacher().post("/api/skills", skill(null)).status()).isEqualTo(409);
    }

    @Test
    void whoKeepsWhatIsSharedSharesItAndItIsNotTakenBack() {
        long measure = idOf(here.teacher.post("/api/measures", measure(here.id)));
        assertThat(here.teacher.put("/api/measures/" + measure, measure(null)).status())
                .isEqualTo(403);
        teacher().put("/api/measures/" + measure, measure(null)).done();
        assertThat(seesMeasure(elsewhere)).isTrue();
        assertThat(here.teacher
                        .put("/api/measures/" + measure, measure(here.id))
                        .status())
                .isEqualTo(403);
        assertThat(teacher().put("/api/measures/" + measure, measure(here.id)).status())
                .isEqualTo(409);
    }

    @Test
    void whatAllSeeNamesNothingThatOneClassHas() {
        long skill = idOf(here.teacher.post("/api/skills", skill(here.id)));
        Map<String, Object> unit = Map.of("title", "x", "about", "", "skills", List.of(skill), "items", List.of());
        assertThat(here.teacher.post("/api/library/units", unit).text()).contains("one class's own skill");
        assertThat(here.teacher
                        .post("/api/library/items", item("SCHOOL", skill))
                        .text())
                .contains("one class's own skill");
        assertThat(here.teacher.post("/api/library/items", item("CLASS", skill)).status())
                .isEqualTo(200);
        assertThat(here.teacher
                        .post("/api/library/items", item("PRIVATE", skill))
                        .status())
                .isEqualTo(200);
        assertThat(elsewhere
                        .teacher
                        .post("/api/library/items", item("PRIVATE", skill))
                        .status())
                .isEqualTo(404);
        name = name + " after it";
        assertThat(teacher().post("/api/skills", skill(null, skill)).text()).contains("one class's own skill");
        idOf(here.teacher.post("/api/skills", skill(here.id, skill)));
    }

    private Map<String, Object> item(String visibility, long skill) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of(
                "kind",
                "TEXT",
                "title",
                name,
                "body",
                "x",
                "version",
                0,
                "visibility",
                visibility,
                "skills",
                List.of(Map.of("skillId", skill, "role", "TRAINS"))));
        wanted.put("classId", "CLASS".equals(visibility) ? here.id : null);
        return wanted;
    }

    /** In another system it would be a measure of the whole school, and come back from there as one. */
    @Test
    void aMeasureOfOneClassDoesNotGoOutWithTheSchool() throws IOException {
        long measure = idOf(here.teacher.post("/api/measures", measure(here.id)));
        here.teacher
                .put(
                        "/api/classes/" + here.id + "/score-sheet",
                        Map.of(
                                "on",
                                "2027-02-09",
                                "cells",
                                List.of(Map.of("studentId", here.student(1), "measureId", measure, "typed", "7"))))
                .ok();
        StringBuilder bundle = new StringBuilder();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(
                teacher().getBytes("/api/school/one-roster").body()))) {
            while (zip.getNextEntry() != null) {
                bundle.append(new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        assertThat(bundle).contains("Tideline reading scale").doesNotContain(name);
    }

    /** A list brings in what its class did not have yet. It once made it for all. */
    @Test
    void whatAListMakesIsItsClasssOwn() {
        Map<String, Object> wanted = here.listOf("2027-02-08");
        wanted.put(
                "columns",
                List.of(
                        Map.of("column", 0, "as", "FULL_NAME"),
                        Map.of("column", 1, "as", "SCORE", "newMeasure", name, "highest", 100),
                        Map.of("column", 2, "as", "SKILL")));
        String list = "Name," + name + " words," + name + "\nS1 Test,75,80 %\n";
        here.teacher
                .upload("/api/class-lists", list.getBytes(StandardCharsets.UTF_8), wanted)
                .ok();
        assertThat(seesMeasure(here)).isTrue();
        assertThat(seesSkill(here)).isTrue();
        assertThat(seesMeasure(elsewhere)).isFalse();
        assertThat(seesSkill(elsewhere)).isFalse();
    }
}
