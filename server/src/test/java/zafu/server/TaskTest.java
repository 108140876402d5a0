package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class TaskTest extends ServerTest {
    private static JsonNode recipient(JsonNode task, long student) {
        return task.get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == student)
                .findFirst()
                .orElseThrow();
    }

    private static Map<String, Object> asBase(Map<String, Object> version, JsonNode task) {
        version.put("id", task.get("versions").get(0).get("id").asLong());
        return version;
    }

    private static Map<String, Object> withOwn(Map<String, Object> version, String field, String name, Object value) {
        Map<String, Object> own = new LinkedHashMap<>(version);
        own.put("overrides", List.of(field));
        own.put(name, value);
        return own;
    }

    /** A task whose base is for the lower group and whose version "Longer" of 30 minutes is for the upper. */
    private long inTwoVersions(TestClass own, long arrangement, List<Long> alsoLonger) {
        List<Long> groups = own.groups(arrangement);
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = asBase(
                own.version("Base", TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of())),
                own.task(task));
        List<Long> longer = new ArrayList<>(List.of(groups.get(1)));
        longer.addAll(alsoLonger);
        Map<String, Object> version = withOwn(
                own.version("Longer", TestClass.targets(false, longer, List.of(), List.of())),
                "MINUTES",
                "minutes",
                30);
        own.change(task, List.of(base, version)).ok();
        return task;
    }

    @Test
    void aVersionFollowsTheBaseWhereItHasNothingOfItsOwn() {
        TestClass own = newClass("follow", 4);
        long task = inTwoVersions(own, own.arrange(2), List.of());
        JsonNode now = own.task(task);
        JsonNode base = now.get("versions").get(0);
        JsonNode longer = now.get("versions").get(1);
        assertThat(longer.get("minutes").asInt()).isEqualTo(30);
        assertThat(longer.get("questions")).isEqualTo(base.get("questions"));

        Map<String, Object> edited = own.version("Base", TestClass.forEveryone());
        edited.put("id", base.get("id").asLong());
        edited.put("title", "Corrected once");
        Map<String, Object> version = withOwn(
                own.version("Longer", TestClass.targets(false, List.of(), List.of(), List.of())),
                "MINUTES",
                "minutes",
                30);
        version.put("id", longer.get("id").asLong());
        own.change(task, List.of(edited, version)).ok();
        assertThat(own.task(task).get("versions").get(1).get("title").asString())
                .isEqualTo("Corrected once");
    }

    @Test
    void handingOutIsRefusedWhileTwoVersionsClaimAStudent() {
        TestClass own = newClass("conflict", 6);
        long arrangement = own.arrange(2);
        long task = inTwoVersions(own, arrangement, own.groups(arrangement).subList(0, 1));
        JsonNode now = own.task(task);
        assertThat(recipient(now, own.student(1)).get("gets").asString()).isEqualTo("CONFLICT");
        assertThat(recipient(now, own.student(1)).get("claims")).hasSize(2);
        HttpCaller.Answer refused = own.handOut(task, true);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("3 students would get two versions. Choose one for each first.");
    }

    @Test
    void studentsWhoGetNothingMustBeConfirmed() {
        TestClass own = newClass("uncovered", 5);
        long task = own.draft(TestClass.targets(true, List.of(), List.of(), List.of(own.student(2))));
        HttpCaller.Answer refused = own.handOut(task, false);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).startsWith("1 student would get nothing from this task.");
        assertThat(own.handOut(task, true).status()).isEqualTo(200);
        assertThat(own.signedIn(2).get("/api/my/work").ok().get("cards")).isEmpty();
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).hasSize(1);
    }

    @Test
    void datesOutOfOrderStopHandingOut() {
        TestClass own = newClass("dates", 3);
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = asBase(own.version("Base", TestClass.forEveryone()), own.task(task));
        base.put("opens", "2027-02-12T09:00:00");
        base.put("due", "2027-02-11T09:00:00");
        own.change(task, List.of(base)).ok();
        HttpCaller.Answer refused = own.handOut(task, false);
        assertThat(refused.body().get("detail").asString()).contains("out of order");
    }

    @Test
    void extendedTimeAndExtraDaysComeOnTopWithTheirReason() {
        TestClass own = newClass("needs", 3);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        own.grant(1, "EXTRA_DAYS", "2").ok();
        long task = own.draft(TestClass.forEveryone());
        Map<String, Object> base = asBase(own.version("Base", TestClass.forEveryone()), own.task(task));
        base.put("minutes", 15);
        base.put("due", "2027-02-12T15:00:00");
        own.change(task, List.of(base)).ok();
        JsonNode terms = recipient(own.task(task), own.student(1)).get("terms");
        assertThat(terms.get("minutes").asInt()).isEqualTo(23);
        assertThat(terms.get("reason").asString()).isEqualTo("EXTENDED");
        assertThat(terms.get("set").asInt()).isEqualTo(15);
        // Friday plus two teaching days: Monday the 15th is closed, so it is Wednesday.
        assertThat(terms.get("due").asString()).isEqualTo("2027-02-17T15:00:00");
        assertThat(recipient(own.task(task), own.student(2))
                        .get("terms")
                        .get("minutes")
                        .asInt())
                .isEqualTo(15);
    }

    @Test
    void aLostRaceIsToldAndNothingIsOverwritten() {
        TestClass own = newClass("race", 3);
        long task = own.draft(TestClass.forEveryone());
        JsonNode seen = own.task(task);
        Map<String, Object> mine = asBase(own.version("Base", TestClass.forEveryone()), seen);
        own.change(task, List.of(mine)).ok();
        HttpCaller.Answer late = own.teacher.put(
                "/api/tasks/" + task,
                Map.of("version", seen.get("version").asLong(), "name", "overwritten", "versions", List.of(mine)));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("code").asString()).isEqualTo("changed-meanwhile");
        assertThat(own.task(task).get("name").asString()).isEqualTo("Marsh quiz");
    }

    @Test
    void aMoveKeepsStartedWorkAndChangesTheRestAndSaysSoBefore() {
        TestClass own = newClass("moves", 6);
        long arrangement = own.arrange(2);
        long task = inTwoVersions(own, arrangement, List.of());
        own.handOut(task, false).ok();
        own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null).ok();
        Map<String, Object> move = Map.of(
                "kind", "PLACE",
                "students", List.of(own.student(1), own.student(2)),
                "groupId", own.groups(arrangement).get(1));
        JsonNode effects = own.teacher
                .post("/api/arrangements/" + arrangement + "/effects", move)
                .ok();
        assertThat(effects.valueStream()
                        .map(each -> each.get("givenName").asString() + " "
                                + each.get("kind").asString()))
                .containsExactlyInAnyOrder("S1 KEEPS_STARTED", "S2 CHANGES");
        assertThat(TestClass.groupOf(own.bench(arrangement), own.student(1)))
                .isEqualTo(own.groups(arrangement).get(0));

        own.step(arrangement, move);
        JsonNode now = own.task(task);
        long base = now.get("versions").get(0).get("id").asLong();
        long longer = now.get("versions").get(1).get("id").asLong();
        assertThat(recipient(now, own.student(1)).get("versionId").asLong()).isEqualTo(base);
        assertThat(recipient(now, own.student(2)).get("versionId").asLong()).isEqualTo(longer);
    }

    @Test
    void aVersionThatSomebodyBeganCannotBeRemoved() {
        TestClass own = newClass("started", 4);
        long task = inTwoVersions(own, own.arrange(2), List.of());
        own.handOut(task, false).ok();
        own.signedIn(4).post("/api/my/tasks/" + task + "/tries", null).ok();
        Map<String, Object> base = asBase(own.version("Base", TestClass.forEveryone()), own.task(task));
        HttpCaller.Answer refused = own.change(task, List.of(base));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("a student has begun it");
    }

    @Test
    void aTaskTakenBackIsGoneForStudentsAndTheirWorkIsKept() {
        TestClass own = newClass("back", 2);
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null).ok();
        long version = own.task(task).get("version").asLong();
        own.teacher
                .post("/api/tasks/" + task + "/take-back", Map.of("version", version))
                .ok();
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).isEmpty();
        own.handOut(task, false).ok();
        assertThat(own.signedIn(1)
                        .get("/api/my/work")
                        .ok()
                        .get("cards")
                        .get(0)
                        .get("when")
                        .asString())
                .isEqualTo("GOING_ON");
    }
}
