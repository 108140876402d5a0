package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

class BenchHistoryTest extends ServerTest {
    @Autowired
    JdbcClient database;

    private static Map<String, Object> randomStep(TestClass own, JsonNode bench, Random random) {
        List<Long> groups = TestClass.ids(bench.get("groups"));
        long group = groups.get(random.nextInt(groups.size()));
        return switch (random.nextInt(5)) {
            case 0 -> Map.of("kind", "ADD_GROUP");
            case 1 -> Map.of("kind", "NOTE", "groupId", group, "text", "note " + random.nextInt(100));
            case 2 -> Map.of("kind", "PLACE", "students", List.of(own.student(1 + random.nextInt(8))));
            default ->
                Map.of("kind", "PLACE", "students", List.of(own.student(1 + random.nextInt(8))), "groupId", group);
        };
    }

    private static List<JsonNode> whatCounts(JsonNode bench) {
        return List.of(bench.get("groups"), bench.get("students"), bench.get("cuts"));
    }

    @Test
    void aHundredStepsAreUndoneOneByOneAndRedoneAgain() {
        TestClass own = newClass("hundred", 8);
        long arrangement = own.arrange(3);
        Random random = new Random(17);
        List<List<JsonNode>> states = new ArrayList<>();
        JsonNode bench = own.bench(arrangement);
        states.add(whatCounts(bench));
        for (int i = 0; i < 100; i++) {
            Map<String, Object> command = bench.get("groups").size() < 8
                    ? randomStep(own, bench, random)
                    : Map.of(
                            "kind",
                            "REMOVE_GROUP",
                            "groupId",
                            bench.get("groups").get(0).get("id").asLong());
            bench = own.step(arrangement, command);
            states.add(whatCounts(bench));
        }
        for (int i = 99; i >= 0; i--) {
            bench = own.step(arrangement, Map.of("kind", "UNDO"));
            assertThat(whatCounts(bench)).as("after undoing step %d", i + 1).isEqualTo(states.get(i));
        }
        for (int i = 1; i <= 100; i++) {
            bench = own.step(arrangement, Map.of("kind", "REDO"));
        }
        assertThat(whatCounts(bench)).isEqualTo(states.get(100));
        assertThat(bench.get("canRedo").asBoolean()).isFalse();
    }

    @Test
    void whereAStudentWasAndFromWhenToWhenIsNeverLost() {
        TestClass own = newClass("memberships", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        clock.set(at("2027-02-10T09:00"));
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(1)));
        List<String> history = database.sql("select group_id, from_at, to_at from membership"
                        + " where arrangement_id = :arrangement and student_id = :student order by id")
                .param("arrangement", arrangement)
                .param("student", own.student(1))
                .query((row, number) -> row.getLong(1) + " " + (row.getObject(3) == null ? "now" : "past"))
                .list();
        assertThat(history).containsExactly(groups.get(0) + " past", groups.get(1) + " now");
    }

    @Test
    void everyDeedLeavesALineOfWhoAndWhen() {
        TestClass own = newClass("trail", 4);
        long arrangement = own.arrange(2);
        own.step(arrangement, Map.of("kind", "UNDO"));
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        List<String> trail = database.sql(
                        "select what from audit_line where class_id = :class and adult_id is not null order by id")
                .param("class", own.id)
                .query(String.class)
                .list();
        assertThat(trail)
                .containsExactly(
                        "class-list.taken",
                        "arrangement.created",
                        "bench.TAKE_PROPOSAL",
                        "bench.UNDO",
                        "task.created",
                        "task.changed",
                        "task.handed-out");
    }

    @Test
    void twoTeachersAtOneBenchLoseNothing() throws Exception {
        TestClass own = newClass("together", 20);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        List<Callable<Integer>> deeds = new ArrayList<>();
        for (int i = 1; i <= 20; i++) {
            int number = i;
            deeds.add(() -> teacher()
                    .post(
                            "/api/arrangements/" + arrangement + "/steps",
                            Map.of(
                                    "kind",
                                    "PLACE",
                                    "students",
                                    List.of(own.student(number)),
                                    "groupId",
                                    groups.get(number % 2)))
                    .status());
        }
        ExecutorService teachers = Executors.newFixedThreadPool(4);
        try {
            for (Future<Integer> done : teachers.invokeAll(deeds)) {
                assertThat(done.get()).isEqualTo(200);
            }
        } finally {
            teachers.shutdown();
        }
        JsonNode bench = own.bench(arrangement);
        for (int i = 1; i <= 20; i++) {
            assertThat(TestClass.groupOf(bench, own.student(i))).isEqualTo(groups.get(i % 2));
        }
    }

    @Test
    void aNameThatIsTakenOrTooLongIsRefused() {
        TestClass own = newClass("names", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        String path = "/api/arrangements/" + arrangement + "/steps";
        String taken = own.bench(arrangement).get("groups").get(1).get("name").asString();
        for (String name : List.of(taken.toUpperCase(), " ", "x".repeat(61))) {
            Map<String, Object> rename = Map.of("kind", "RENAME", "groupId", groups.get(0), "text", name);
            assertThat(own.teacher.post(path, rename).status()).as(name).isEqualTo(422);
        }
        JsonNode refused = own.teacher
                .post(path, Map.of("kind", "RENAME", "groupId", groups.get(0)))
                .body();
        assertThat(refused.get("code").asString()).isEqualTo("invalid-field");
        assertThat(refused.get("fields").get(0).get("field").asString()).isEqualTo("text");
    }

    @Test
    void mergedGroupsKeepAllTheirMembers() {
        TestClass own = newClass("merge", 6);
        long arrangement = own.arrange(3);
        List<Long> groups = own.groups(arrangement);
        JsonNode merged =
                own.step(arrangement, Map.of("kind", "MERGE", "groupId", groups.get(1), "otherGroupId", groups.get(0)));
        assertThat(merged.get("groups")).hasSize(2);
        assertThat(merged.get("groups").get(0).get("size").asInt()).isEqualTo(4);
    }

    @Test
    void aProposalTakesOverTheGroupsThatStandAtItsPlaces() {
        TestClass own = newClass("take over", 8);
        long arrangement = own.arrange(3);
        List<Long> before = own.groups(arrangement);
        Map<String, Object> two = Map.of("method", "SIMILAR", "measureId", 1, "groups", 2, "smallest", 1, "largest", 8);
        own.step(arrangement, Map.of("kind", "TAKE_PROPOSAL", "proposal", two));
        assertThat(own.groups(arrangement)).containsExactlyElementsOf(before.subList(0, 2));
    }
}
