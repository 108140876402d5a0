package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Groups by other scales than the usual: seconds, where less is better, and levels with names. */
class ScalesOnTheBenchTest extends ServerTest {
    private static long measure(HttpCaller teacher, String name, boolean lowerIsBetter, List<String> levels) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("name", name);
        wanted.put("unit", "");
        wanted.put("lowest", 0);
        wanted.put("highest", 300);
        wanted.put("decimals", 0);
        wanted.put("lowerIsBetter", lowerIsBetter);
        wanted.put("levels", levels);
        wanted.put("whichCounts", "LATEST");
        wanted.put("shelfLifeDays", 120);
        wanted.put("archived", false);
        return teacher.post("/api/measures", wanted).ok().get("id").asLong();
    }

    private static long arrange(TestClass own, long measure, int groups) {
        long arrangement = own.teacher
                .post(
                        "/api/classes/" + own.id + "/arrangements",
                        Map.of(
                                "name",
                                "By scale",
                                "subject",
                                "science",
                                "beginsOn",
                                "2027-02-09",
                                "endsOn",
                                "2027-03-12",
                                "measureId",
                                measure))
                .ok()
                .get("id")
                .asLong();
        own.step(
                arrangement,
                Map.of(
                        "kind",
                        "TAKE_PROPOSAL",
                        "proposal",
                        Map.of(
                                "method",
                                "SIMILAR",
                                "measureId",
                                measure,
                                "groups",
                                groups,
                                "smallest",
                                1,
                                "largest",
                                9)));
        return arrangement;
    }

    private static List<Long> members(JsonNode bench, int place) {
        long group = bench.get("groups").get(place).get("id").asLong();
        return bench.get("students")
                .valueStream()
                .filter(each -> each.path("groupId").asLong(0) == group)
                .map(each -> each.get("value").asLong())
                .sorted()
                .toList();
    }

    @Test
    void whereLessIsBetterTheSlowestStandInTheFirstGroup() {
        TestClass own = newClass("seconds", 4);
        long measure = measure(own.teacher, "Seconds for a lap", true, List.of());
        own.bringIn("2027-02-08", "Name,Seconds for a lap\nS1 Test,90\nS2 Test,95\nS3 Test,150\nS4 Test,160\n");
        JsonNode bench = own.bench(arrange(own, measure, 2));
        assertThat(members(bench, 0)).containsExactly(150L, 160L);
        assertThat(members(bench, 1)).containsExactly(90L, 95L);
        assertThat(bench.get("cuts").get(0).get("value").asDouble()).isEqualTo(122.5);
        assertThat(bench.get("groups").get(1).get("median").asDouble()).isEqualTo(92.5);
    }

    @Test
    void levelsAreGroupedByTheirPlaces() {
        TestClass own = newClass("levels bench", 5);
        long measure = measure(own.teacher, "Boat skill", false, List.of("drifts", "steers", "sails", "races"));
        own.bringIn(
                "2027-02-08",
                "Name,Boat skill\nS1 Test,drifts\nS2 Test,steers\nS3 Test,races\nS4 Test,Races\nS5 Test,abs\n");
        JsonNode bench = own.bench(arrange(own, measure, 2));
        assertThat(members(bench, 0)).containsExactly(0L, 1L);
        assertThat(members(bench, 1)).containsExactly(3L, 3L);
        assertThat(bench.get("measure").get("levels")).hasSize(4);
        JsonNode unplaced = bench.get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == own.student(5))
                .findFirst()
                .orElseThrow();
        assertThat(unplaced.get("notPlaced").asString()).isEqualTo("NOT_ASSESSED");
    }

    @Test
    void anUnknownLevelIsNamedInTheList() {
        TestClass own = newClass("levels wrong", 1);
        measure(own.teacher, "Knot skill", false, List.of("ties", "splices"));
        JsonNode preview = own.teacher
                .upload(
                        "/api/class-lists/preview",
                        "Name,Knot skill\nS1 Test,weaves\n".getBytes(),
                        own.listOf("2027-02-08"))
                .ok();
        assertThat(preview.get("questions").get(0).get("asks").asString())
                .isEqualTo("Column “Knot skill”: one cell says “weaves”.");
        assertThat(preview.get("questions").get(0).get("why").asString()).contains("from ties to splices");
    }

    @Test
    void aStudentsGroupsAreRememberedWithTheirTimes() {
        TestClass own = newClass("group history", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        clock.set(at("2027-02-10T09:00"));
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(1)));
        JsonNode stays =
                own.teacher.get("/api/students/" + own.student(1) + "/groups").ok();
        assertThat(stays).hasSize(2);
        assertThat(stays.get(0).has("to")).isFalse();
        assertThat(stays.get(1).get("to").asString()).isEqualTo("2027-02-10T13:00:00Z");
        assertThat(stays.get(0).get("arrangement").asString()).isEqualTo("Reading");
        assertThat(stays.get(0).get("group")).isNotEqualTo(stays.get(1).get("group"));
    }

    @Test
    void aMeasurePutAwayIsNotOfferedAndItsNameComesBackWithIt() {
        TestClass own = newClass("put away", 1);
        long measure = measure(own.teacher, "Put away", false, List.of());
        own.bringIn("2027-02-08", "Name,Put away\nS1 Test,7\n");
        Map<String, Object> away = new LinkedHashMap<>();
        own.teacher
                .get("/api/measures")
                .ok()
                .valueStream()
                .filter(each -> each.get("id").asLong() == measure)
                .findFirst()
                .orElseThrow()
                .propertyStream()
                .filter(field -> !field.getKey().equals("id"))
                .forEach(field -> away.put(field.getKey(), field.getValue()));
        away.put("archived", true);
        own.teacher.put("/api/measures/" + measure, away).done();
        assertThat(own.row(1).get("scores")).hasSize(1);
        away.put("archived", false);
        own.teacher.put("/api/measures/" + measure, away).done();
        assertThat(own.row(1).get("scores")).hasSize(2);
    }
}
