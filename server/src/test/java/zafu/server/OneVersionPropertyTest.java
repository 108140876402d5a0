package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/**
 * Whatever is arranged, targeted, moved and changed in whatever order: of a task that is handed out nobody ever has two
 * versions, every student is counted once, and every change that was made has left a line of who and when.
 */
class OneVersionPropertyTest extends ServerTest {
    private static final int STUDENTS = 8;
    private static final int DEEDS = 14;

    @Autowired
    JdbcTemplate jdbc;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void nobodyEverHasTwoVersionsAndEveryChangeLeavesALine(int seed) {
        Random random = new Random(seed);
        TestClass own = newClass("property " + seed, STUDENTS);
        List<Long> arrangements = List.of(own.arrange(2), own.arrange(3));
        List<Long> groups = new ArrayList<>();
        arrangements.forEach(each -> groups.addAll(own.groups(each)));
        TestTask task = TestTask.draft(own, targets(own, groups, random));
        for (int i = 0; i < DEEDS; i++) {
            deed(own, task, arrangements, groups, random);
            check(own, task);
        }
    }

    private void deed(TestClass own, TestTask task, List<Long> arrangements, List<Long> groups, Random random) {
        long before = lines(task);
        long version = task.view().get("version").asLong();
        HttpCaller.Answer answer =
                switch (random.nextInt(7)) {
                    case 0 -> task.change(TestTask.version("V" + random.nextInt(99), targets(own, groups, random)));
                    case 1 -> task.change(TestTask.base("targets", targets(own, groups, random)));
                    case 2 ->
                        task.change(TestTask.eased(
                                "MINUTES", "minutes", 5 + random.nextInt(60), targets(own, groups, random)));
                    case 3 -> own.handOut(task.id, true);
                    case 4 ->
                        own.teacher.post(
                                "/api/tasks/" + task.id + "/without",
                                Map.of("students", List.of(own.student(1 + random.nextInt(STUDENTS)))));
                    case 5 -> task.undo(task.view().path("lastStep").path("id").asLong(0));
                    default -> move(own, arrangements.get(random.nextInt(2)), random);
                };
        boolean changed = task.view().get("version").asLong() != version;
        assertThat(changed && answer.status() != 200)
                .as("what is refused changes nothing")
                .isFalse();
        if (changed) {
            assertThat(lines(task)).as("a line for the change").isGreaterThan(before);
        }
    }

    /** Moves a student on the bench; the groups as they are afterwards may give a handed-out task otherwise. */
    private static HttpCaller.Answer move(TestClass own, long arrangement, Random random) {
        List<Long> groups = own.groups(arrangement);
        Map<String, Object> step = new LinkedHashMap<>();
        step.put("kind", "PLACE");
        step.put("students", List.of(own.student(1 + random.nextInt(STUDENTS))));
        step.put("groupId", groups.get(random.nextInt(groups.size())));
        return own.teacher.post("/api/arrangements/" + arrangement + "/steps", step);
    }

    private static Map<String, Object> targets(TestClass own, List<Long> groups, Random random) {
        List<Long> chosen =
                groups.stream().filter(group -> random.nextInt(3) == 0).toList();
        List<Long> named = new ArrayList<>();
        List<Long> except = new ArrayList<>();
        for (int number = 1; number <= STUDENTS; number++) {
            if (random.nextInt(6) == 0) {
                named.add(own.student(number));
            } else if (random.nextInt(6) == 0) {
                except.add(own.student(number));
            }
        }
        return TestClass.targets(random.nextInt(4) == 0, chosen, named, except);
    }

    private long lines(TestTask task) {
        Long count = jdbc.queryForObject(
                "select count(*) from audit_line where subject_id = ? and what like 'task.%' and adult_id is not null"
                        + " and noted_at is not null",
                Long.class, task.id);
        return count == null ? 0 : count;
    }

    /** What the teacher is told and what the students are shown agree, and nobody is shown two. */
    private void check(TestClass own, TestTask task) {
        JsonNode view = task.view();
        assertThat(TestClass.ids(view.get("students"))).hasSize(STUDENTS).doesNotHaveDuplicates();
        boolean out = view.get("state").asString().equals("HANDED_OUT");
        for (int number = 1; number <= STUDENTS; number += 3) {
            JsonNode cards = own.signedIn(number).get("/api/my/work").ok().get("cards");
            long shown = cards.valueStream()
                    .filter(card -> card.get("taskId").asLong() == task.id)
                    .count();
            boolean gets = task.student(number).get("gets").asString().equals("ONE");
            assertThat(shown).isEqualTo(out && gets ? 1 : 0);
        }
    }
}
