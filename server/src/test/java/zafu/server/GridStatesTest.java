package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Every state that a cell of the progress grid can be in, and what its columns count. */
class GridStatesTest extends ServerTest {
    private static JsonNode grid(TestClass own, Long arrangement) {
        String query = arrangement == null ? "" : "?arrangementId=" + arrangement;
        return own.teacher.get("/api/classes/" + own.id + "/progress" + query).ok();
    }

    private static JsonNode cell(TestClass own, int number, int column) {
        return grid(own, null)
                .get("groups")
                .valueStream()
                .flatMap(group -> group.get("students").valueStream())
                .filter(row -> row.get("id").asLong() == own.student(number))
                .findFirst()
                .orElseThrow()
                .get("cells")
                .get(column);
    }

    private static String state(TestClass own, int number) {
        return cell(own, number, 0).get("state").asString();
    }

    /** A handed-out task for all whose base has these dates. */
    private long handedOut(TestClass own, Map<String, Object> dates) {
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = own.version("Base", TestClass.forEveryone());
        base.put("id", own.task(task).get("versions").get(0).get("id").asLong());
        base.putAll(dates);
        own.change(task, List.of(base)).ok();
        own.handOut(task, true).ok();
        return task;
    }

    private static JsonNode start(TestClass own, int number, long task) {
        return own.signedIn(number)
                .post("/api/my/tasks/" + task + "/tries", null)
                .ok();
    }

    private static void answer(TestClass own, int number, JsonNode page, int question, String given) {
        own.signedIn(number)
                .put(
                        "/api/my/tries/" + page.get("id").asLong() + "/answers/"
                                + page.get("questions").get(question).get("id").asLong(),
                        Map.of("given", given))
                .ok();
    }

    private static void handIn(TestClass own, int number, JsonNode page) {
        own.signedIn(number)
                .post("/api/my/tries/" + page.get("id").asLong() + "/hand-in", null)
                .ok();
    }

    @ParameterizedTest
    @CsvSource({
        "2027-02-10T09:00, 2027-02-12T15:00, NOT_OPEN",
        "2027-02-09T08:00, 2027-02-12T15:00, NOT_STARTED",
        "2027-02-08T08:00, 2027-02-09T08:00, LATE"
    })
    void withoutATryTheDatesSayTheState(String opens, String due, String state) {
        TestClass own = newClass("grid " + state, 1);
        handedOut(own, Map.of("opens", opens, "due", due));
        assertThat(state(own, 1)).isEqualTo(state);
    }

    @Test
    void aRunningTryShowsHowFarItIs() {
        TestClass own = newClass("grid now", 1);
        long task = handedOut(own, Map.of());
        JsonNode page = start(own, 1, task);
        answer(own, 1, page, 0, "1");
        JsonNode cell = cell(own, 1, 0);
        assertThat(cell.get("state").asString()).isEqualTo("NOW");
        assertThat(cell.get("answered").asInt()).isEqualTo(1);
        assertThat(cell.get("questions").asInt()).isEqualTo(2);
    }

    @Test
    void whatIsHandedInShowsItsMarkAndWhetherItWasLate() {
        TestClass own = newClass("grid marks", 2);
        long task = handedOut(own, Map.of("due", "2027-02-09T09:00"));
        JsonNode inTime = start(own, 1, task);
        answer(own, 1, inTime, 0, "1");
        handIn(own, 1, inTime);
        clock.advance(Duration.ofHours(2));
        JsonNode late = start(own, 2, task);
        answer(own, 2, late, 1, "6");
        handIn(own, 2, late);
        assertThat(cell(own, 1, 0).get("earned").asInt()).isEqualTo(2);
        assertThat(cell(own, 1, 0).has("late")).isFalse();
        assertThat(cell(own, 2, 0).get("earned").asInt()).isEqualTo(1);
        assertThat(cell(own, 2, 0).get("possible").asInt()).isEqualTo(3);
        assertThat(cell(own, 2, 0).get("late").asBoolean()).isTrue();
    }

    @Test
    void extraDaysMoveWhatIsLate() {
        TestClass own = newClass("grid extra days", 2);
        handedOut(own, Map.of("due", "2027-02-08T15:00"));
        own.grant(1, "EXTRA_DAYS", "2").ok();
        assertThat(state(own, 1)).isEqualTo("NOT_STARTED");
        assertThat(state(own, 2)).isEqualTo("LATE");
    }

    @Test
    void whatIsNotTheirsIsNeitherCountedNorZero() {
        TestClass own = newClass("grid theirs", 4);
        long task = own.draft(TestClass.targets(false, List.of(), List.of(own.student(1), own.student(2)), List.of()));
        own.handOut(task, true).ok();
        JsonNode page = start(own, 1, task);
        answer(own, 1, page, 0, "0");
        handIn(own, 1, page);
        assertThat(cell(own, 3, 0)).isNull();
        JsonNode column = grid(own, null).get("tasks").get(0);
        assertThat(column.get("handedIn").asInt()).isEqualTo(1);
        assertThat(column.get("covered").asInt()).isEqualTo(2);
    }

    @Test
    void aGroupsMedianIsOfItsMarkedWorkAlone() {
        TestClass own = newClass("grid medians", 6);
        long arrangement = own.arrange(2);
        long task = handedOut(own, Map.of());
        int[] marks = {2, 0, 2, 3};
        for (int i = 0; i < marks.length; i++) {
            JsonNode page = start(own, i + 1, task);
            answer(own, i + 1, page, 0, marks[i] >= 2 ? "1" : "0");
            answer(own, i + 1, page, 1, marks[i] == 3 ? "6" : "99");
            handIn(own, i + 1, page);
        }
        JsonNode groups = grid(own, arrangement).get("groups");
        assertThat(groups.get(0).get("medians").get(0).get("earned").asDouble()).isEqualTo(2);
        assertThat(groups.get(1).get("medians").get(0).get("earned").asDouble()).isEqualTo(3);
    }

    @Test
    void studentsAreGatheredByGroupWithThoseInNoneLast() {
        TestClass own = newClass("grid groups", 5);
        long arrangement = own.arrange(2);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(5))));
        JsonNode groups = grid(own, arrangement).get("groups");
        List<Integer> sizes = new ArrayList<>();
        groups.forEach(group -> sizes.add(group.get("students").size()));
        assertThat(sizes).hasSize(3);
        assertThat(sizes.stream().mapToInt(Integer::intValue).sum()).isEqualTo(5);
        assertThat(groups.get(2).has("id")).isFalse();
        assertThat(groups.get(2).get("students").get(0).get("givenName").asString())
                .isEqualTo("S5");
    }

    @Test
    void draftsAndArchivedStudentsAreNotInTheGrid() {
        TestClass own = newClass("grid drafts", 3);
        handedOut(own, Map.of());
        own.draft(TestClass.forEveryone());
        own.deed("ARCHIVE", "", own.student(2)).done();
        JsonNode grid = grid(own, null);
        assertThat(grid.get("tasks")).hasSize(1);
        assertThat(grid.get("tasks").get(0).get("covered").asInt()).isEqualTo(2);
    }

    @Test
    void anotherTryReplacesTheMarkOfTheFirst() {
        TestClass own = newClass("grid tries", 1);
        long task = handedOut(own, Map.of("tries", 2));
        JsonNode first = start(own, 1, task);
        answer(own, 1, first, 0, "0");
        handIn(own, 1, first);
        assertThat(cell(own, 1, 0).get("earned").asInt()).isZero();
        JsonNode second = start(own, 1, task);
        assertThat(state(own, 1)).isEqualTo("NOW");
        answer(own, 1, second, 0, "1");
        handIn(own, 1, second);
        assertThat(cell(own, 1, 0).get("earned").asInt()).isEqualTo(2);
        HttpCaller.Answer third = own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null);
        assertThat(third.status()).isEqualTo(409);
    }

    @Test
    void columnsStandInTheOrderTheyWereMadeWithTheirDates() {
        TestClass own = newClass("grid columns", 1);
        Map<String, Object> dates = new LinkedHashMap<>();
        dates.put("opens", "2027-02-08T09:00");
        dates.put("due", "2027-02-12T15:00");
        handedOut(own, dates);
        handedOut(own, Map.of());
        JsonNode tasks = grid(own, null).get("tasks");
        assertThat(tasks.get(0).get("due").asString()).isEqualTo("2027-02-12T15:00:00");
        assertThat(tasks.get(1).has("due")).isFalse();
        assertThat(tasks.get(0).get("id").asLong())
                .isLessThan(tasks.get(1).get("id").asLong());
    }
}
