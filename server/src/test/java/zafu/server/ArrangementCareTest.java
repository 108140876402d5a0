package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What is written of arrangements, copying them for a new cycle, and putting them away. */
class ArrangementCareTest extends ServerTest {
    private static String path(long arrangement) {
        return "/api/arrangements/" + arrangement;
    }

    private static Map<String, Object> edit(TestClass own, long arrangement) {
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("name", "Tide tables");
        edit.put("subject", "science");
        edit.put("purpose", "project");
        edit.put("description", "Who measures what at low water");
        edit.put("note", "Boots on Thursday");
        edit.put("beginsOn", "2027-02-15");
        edit.put("endsOn", "2027-03-01");
        edit.put("overlap", false);
        edit.put("classIds", List.of(own.id));
        edit.put("version", own.bench(arrangement).get("details").get("version").asLong());
        return edit;
    }

    private static JsonNode cards(TestClass own) {
        return own.teacher.get("/api/classes/" + own.id + "/arrangements").ok();
    }

    @Test
    void everythingWrittenIsKeptAndNobodyOverwritesAnother() {
        TestClass own = newClass("care", 4);
        long arrangement = own.arrange(2);
        Map<String, Object> edit = edit(own, arrangement);
        own.teacher.put(path(arrangement), edit).done();
        JsonNode bench = own.bench(arrangement);
        assertThat(bench.get("name").asString()).isEqualTo("Tide tables");
        assertThat(bench.get("endsOn").asString()).isEqualTo("2027-03-01");
        assertThat(bench.get("details").get("note").asString()).isEqualTo("Boots on Thursday");
        HttpCaller.Answer late = own.teacher.put(path(arrangement), edit);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("code").asString()).isEqualTo("changed-meanwhile");
        Map<String, Object> backwards = edit(own, arrangement);
        backwards.put("endsOn", "2027-02-01");
        assertThat(own.teacher
                        .put(path(arrangement), backwards)
                        .body()
                        .get("detail")
                        .asString())
                .contains("cannot end on 1 February 2027");
    }

    @Test
    void onlyTheTagsThatTheTeacherWatchesArePointedOut() {
        TestClass own = newClass("watched", 12);
        StringBuilder list = new StringBuilder("Name,Tags\n");
        for (int i = 1; i <= 6; i++) {
            list.append("S").append(i).append(" Test,plan\n");
        }
        own.bringIn("2027-02-02", list.toString());
        long arrangement = own.arrange(2);
        assertThat(own.bench(arrangement).get("tags").get(0).asString()).isEqualTo("plan");
        assertThat(own.bench(arrangement).get("imbalances")).hasSize(2);
        Map<String, Object> edit = edit(own, arrangement);
        edit.put("watched", List.of());
        own.teacher.put(path(arrangement), edit).done();
        assertThat(own.bench(arrangement).get("imbalances")).isEmpty();
    }

    @Test
    void aClubDrawsFromSeveralClassesAndIsForTheAdultsOfAllOfThem() {
        TestClass own = newClass("club one", 3);
        TestClass other = newClass("club two", 3);
        long arrangement = own.arrange(1);
        Map<String, Object> edit = edit(own, arrangement);
        edit.put("classIds", List.of(own.id, other.id));
        own.teacher.put(path(arrangement), edit).done();
        JsonNode bench = own.bench(arrangement);
        assertThat(bench.get("students")).hasSize(6);
        assertThat(bench.get("students").get(5).get("homeClass").asString()).isEqualTo("club two");
        long group = own.groups(arrangement).get(0);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(other.student(2)), "groupId", group));
        assertThat(TestClass.ids(cards(other))).containsExactly(arrangement);
        long task = other.draft(TestClass.targets(false, List.of(group), List.of(), List.of()));
        other.handOut(task, true).ok();
        assertThat(other.signedIn(2).get("/api/my/work").ok().get("cards")).hasSize(1);
        assertThat(other.signedIn(1).get("/api/my/work").ok().get("cards")).isEmpty();
        other.shareWith("Idris", "CO_TEACHER");
        HttpCaller colleague = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(colleague.get(path(arrangement)).status()).isEqualTo(404);
        assertThat(colleague.get("/api/classes/" + other.id + "/arrangements").ok())
                .isEmpty();
        Map<String, Object> without = edit(own, arrangement);
        HttpCaller.Answer refused = own.teacher.put(path(arrangement), without);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("S2 of that class are in groups here. Take them out first.");
    }

    @Test
    void aStudentMayBeInSeveralGroupsWhereThatIsAllowed() {
        TestClass own = newClass("overlap", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        Map<String, Object> also =
                Map.of("kind", "PLACE_ALSO", "students", List.of(own.student(1)), "groupId", groups.get(1));
        HttpCaller.Answer refused = own.teacher.post(path(arrangement) + "/steps", also);
        assertThat(refused.body().get("code").asString()).isEqualTo("no-overlap");
        Map<String, Object> edit = edit(own, arrangement);
        edit.put("overlap", true);
        own.teacher.put(path(arrangement), edit).done();
        JsonNode both = own.step(arrangement, also);
        assertThat(both.get("students").get(0).get("alsoIn").get(0).asLong()).isEqualTo(groups.get(1));
        assertThat(both.get("groups").get(1).get("size").asInt()).isEqualTo(3);
        Map<String, Object> narrow = edit(own, arrangement);
        assertThat(own.teacher.put(path(arrangement), narrow).body().get("code").asString())
                .isEqualTo("overlap-in-use");
        JsonNode one = own.step(
                arrangement,
                Map.of("kind", "TAKE_FROM", "students", List.of(own.student(1)), "groupId", groups.get(0)));
        assertThat(TestClass.groupOf(one, own.student(1))).isEqualTo(groups.get(1));
        own.step(arrangement, Map.of("kind", "UNDO"));
        own.step(arrangement, Map.of("kind", "UNDO"));
        assertThat(own.bench(arrangement).get("students").get(0).get("alsoIn")).isEmpty();
    }

    @Test
    void aCopyForTheNextCycleTakesGroupsAndStudentsAndChangesNothingOfTheFirst() {
        TestClass own = newClass("cycle", 6);
        long first = own.arrange(2);
        own.step(first, Map.of("kind", "LOCK", "students", List.of(own.student(6))));
        Map<String, Object> next = Map.of("name", "Reading, spring", "beginsOn", "2027-03-15", "endsOn", "2027-04-30");
        long second =
                own.teacher.post(path(first) + "/copies", next).ok().get("id").asLong();
        JsonNode bench = own.bench(second);
        assertThat(bench.get("name").asString()).isEqualTo("Reading, spring");
        assertThat(bench.get("canUndo").asBoolean()).isFalse();
        assertThat(own.groups(second)).hasSize(2).doesNotContainAnyElementsOf(own.groups(first));
        assertThat(bench.get("groups").get(0).get("name"))
                .isEqualTo(own.bench(first).get("groups").get(0).get("name"));
        assertThat(bench.get("students").get(5).get("locked").asBoolean()).isTrue();
        own.step(
                second,
                Map.of("kind", "REMOVE_GROUP", "groupId", own.groups(second).get(0)));
        assertThat(own.groups(first)).hasSize(2);
        JsonNode compared =
                own.teacher.get(path(second) + "/comparison?other=" + first).ok();
        assertThat(compared.get("groups").get(0).get("former"))
                .isEqualTo(own.bench(first).get("groups").get(1).get("name"));
        assertThat(compared.get("students").valueStream().map(each -> each.get("moved")
                        .asBoolean()))
                .containsExactly(true, true, true, false, false, false);
    }

    @Test
    void anArrangementPutAwayIsSeenNoMoreAndTheWorkStays() {
        TestClass own = newClass("put away", 4);
        long arrangement = own.arrange(2);
        long group = own.groups(arrangement).get(0);
        long task = own.draft(TestClass.targets(false, List.of(group), List.of(), List.of()));
        own.handOut(task, true).ok();
        own.teacher.call("DELETE", path(arrangement), null).done();
        assertThat(cards(own)).isEmpty();
        assertThat(own.screen("").get("arrangements")).isEmpty();
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).hasSize(1);
        JsonNode away = own.teacher
                .get("/api/classes/" + own.id + "/arrangements/put-away")
                .ok();
        assertThat(away.get(0).get("name").asString()).isEqualTo("Reading");
        own.teacher.post(path(arrangement) + "/restored", null).done();
        assertThat(cards(own)).hasSize(1);
        assertThat(own.signedIn(1).get("/api/my/work").ok().get("cards")).hasSize(1);
    }
}
