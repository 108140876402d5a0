package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is done for those who missed something: a group, and work for them by name. */
class MissedTest extends ServerTest {
    private TestClass own;
    private OwnWork work;

    @BeforeEach
    void aQuizThatTwoMissed() {
        clock.set(at("2027-02-09T09:00"));
        own = newClass("missed", 3);
        work = OwnWork.handedOut(own, Map.of("opens", "2027-02-08T09:00", "due", "2027-02-10T15:00"));
        work.done(1, List.of("0", "6"));
        work.done(2, List.of("0", "six"));
        work.done(3, OwnWork.ALL_RIGHT);
    }

    @Test
    void thoseWhoMissedItAreAGroupOfTheirOwnAndGetWhatPreparesThem() {
        JsonNode question = own.teacher
                .get("/api/tasks/" + work.task + "/results")
                .ok()
                .get("questions")
                .get(0);
        List<Long> missed = TestClass.longs(question.get("missed"));
        assertThat(missed).containsExactlyInAnyOrder(own.student(1), own.student(2));
        Map<String, Object> arrangement = new LinkedHashMap<>(Map.of(
                "name", "Tides again",
                "subject", "extra help",
                "beginsOn", "2027-02-09",
                "endsOn", "2027-03-09",
                "measureId",
                        own.teacher.get("/api/measures").ok().get(0).get("id").asLong(),
                "students", missed));
        long made = own.teacher
                .post("/api/classes/" + own.id + "/arrangements", arrangement)
                .ok()
                .get("id")
                .asLong();
        JsonNode group = own.bench(made).get("groups").get(0);
        assertThat(group.get("name").asString()).isEqualTo("Tides again");
        assertThat(own.bench(made).get("groups")).hasSize(1);
        assertThat(missed).allMatch(student -> TestClass.groupOf(own.bench(made), student)
                .equals(group.get("id").asLong()));
        own.step(made, Map.of("kind", "UNDO"));
        assertThat(own.bench(made).get("groups")).isEmpty();

        arrangement.put("students", List.of(newClass("others", 1).student(1)));
        assertThat(own.teacher
                        .post("/api/classes/" + own.id + "/arrangements", arrangement)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aTaskCanBeForStudentsByName() {
        long item = own.teacher
                .get("/api/classes/" + own.id + "/library?kinds=QUIZ")
                .ok()
                .get("hits")
                .get(0)
                .get("id")
                .asLong();
        Map<String, Object> wanted =
                Map.of("name", "Once more", "items", List.of(item), "students", List.of(own.student(2)));
        long task = own.teacher
                .post("/api/classes/" + own.id + "/tasks", wanted)
                .ok()
                .get("id")
                .asLong();
        own.teacher
                .post("/api/classes/" + own.id + "/tasks/handed-out", Map.of("tasks", List.of(task)))
                .ok();
        assertThat(own.signedIn(2).get("/api/my/work").ok().toString()).contains("Once more");
        assertThat(own.signedIn(1).get("/api/my/work").ok().toString()).doesNotContain("Once more");
        long stranger = newClass("strange", 1).student(1);
        assertThat(own.teacher
                        .post(
                                "/api/classes/" + own.id + "/tasks",
                                Map.of("name", "Once more", "students", List.of(stranger)))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void resultsOfTwoTasksOfOneNameAreTwoMeasures() {
        TestClass other = newClass("missed too", 1);
        OwnWork same = OwnWork.handedOut(other, Map.of("opens", "2027-02-08T09:00", "due", "2027-02-10T15:00"));
        same.done(1, OwnWork.ALL_RIGHT);
        long first = measureOf(work);
        assertThat(measureOf(same)).isNotEqualTo(first);
        assertThat(measureOf(work)).isEqualTo(first);
    }

    private static long measureOf(OwnWork of) {
        return of.own
                .teacher
                .post("/api/classes/" + of.own.id + "/progress/tasks/" + of.task + "/measure", null)
                .ok()
                .get("measureId")
                .asLong();
    }
}
