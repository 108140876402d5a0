package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class BenchTest extends ServerTest {
    @Test
    void everyStepCanBeUndoneAndRedoneAndSaysWhoTookIt() {
        TestClass own = newClass("undo", 6);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        JsonNode before = own.bench(arrangement);
        JsonNode after = own.step(
                arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(1)));
        assertThat(TestClass.groupOf(after, own.student(1))).isEqualTo(groups.get(1));
        assertThat(after.get("lastStep").get("by").asString()).isEqualTo("Ottoline Farrow");

        JsonNode undone = own.step(arrangement, Map.of("kind", "UNDO"));
        assertThat(undone.get("students")).isEqualTo(before.get("students"));
        JsonNode redone = own.step(arrangement, Map.of("kind", "REDO"));
        assertThat(redone.get("students")).isEqualTo(after.get("students"));
    }

    @Test
    void aNewStepAfterAnUndoLeavesNothingToRedo() {
        TestClass own = newClass("redo", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(1)));
        own.step(arrangement, Map.of("kind", "UNDO"));
        JsonNode now = own.step(
                arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(4)), "groupId", groups.get(0)));
        assertThat(now.get("canRedo").asBoolean()).isFalse();
        HttpCaller.Answer redo =
                own.teacher.post("/api/arrangements/" + arrangement + "/steps", Map.of("kind", "REDO"));
        assertThat(redo.status()).isEqualTo(409);
    }

    @Test
    void aRemovedGroupLeavesItsMembersNotPlacedAndComesBackWithUndo() {
        TestClass own = newClass("remove", 6);
        long arrangement = own.arrange(3);
        List<Long> groups = own.groups(arrangement);
        JsonNode removed = own.step(arrangement, Map.of("kind", "REMOVE_GROUP", "groupId", groups.get(0)));
        assertThat(TestClass.groupOf(removed, own.student(1))).isNull();
        assertThat(TestClass.ids(removed.get("groups"))).containsExactly(groups.get(1), groups.get(2));
        JsonNode back = own.step(arrangement, Map.of("kind", "UNDO"));
        assertThat(TestClass.groupOf(back, own.student(1))).isEqualTo(groups.get(0));
    }

    @Test
    void aMovedCutDealsTheTwoGroupsBesideItAndNoOther() {
        TestClass own = newClass("cut", 9);
        long arrangement = own.arrange(3);
        List<Long> groups = own.groups(arrangement);
        JsonNode moved = own.step(
                arrangement,
                Map.of("kind", "MOVE_CUT", "groupId", groups.get(0), "otherGroupId", groups.get(1), "cut", 115));
        assertThat(List.of(1, 2, 3, 6, 7).stream().map(n -> TestClass.groupOf(moved, own.student(n))))
                .containsExactly(groups.get(0), groups.get(0), groups.get(1), groups.get(1), groups.get(2));
    }

    @Test
    void whatCannotBeProposedSaysWhyAndChangesNothing() {
        TestClass own = newClass("impossible", 26);
        long arrangement = own.arrange(2);
        Map<String, Object> asked =
                Map.of("method", "SIMILAR", "measureId", 1, "groups", 4, "smallest", 1, "largest", 6);
        String why = own.teacher
                .post("/api/arrangements/" + arrangement + "/proposal", asked)
                .ok()
                .get("impossible")
                .asString();
        assertThat(why).startsWith("26 students do not fit in 4 groups of at most 6: there are 24 seats");
        HttpCaller.Answer taken = own.teacher.post(
                "/api/arrangements/" + arrangement + "/steps", Map.of("kind", "TAKE_PROPOSAL", "proposal", asked));
        assertThat(taken.status()).isEqualTo(422);
        assertThat(own.bench(arrangement).get("groups")).hasSize(2);
    }

    @Test
    void aStudentOfAnotherClassCannotBePlaced() {
        TestClass own = newClass("own", 4);
        TestClass other = newClass("other", 4);
        long arrangement = own.arrange(2);
        HttpCaller.Answer refused = own.teacher.post(
                "/api/arrangements/" + arrangement + "/steps",
                Map.of(
                        "kind", "PLACE",
                        "students", List.of(other.student(1)),
                        "groupId", own.groups(arrangement).get(0)));
        assertThat(refused.status()).isEqualTo(404);
    }

    @Test
    void foreseeingAProposalWithMoreGroupsLeavesNoTrace() {
        TestClass own = newClass("foresee", 8);
        long arrangement = own.arrange(2);
        JsonNode before = own.bench(arrangement);
        Map<String, Object> asked =
                Map.of("method", "SIMILAR", "measureId", 1, "groups", 4, "smallest", 1, "largest", 8);
        own.teacher
                .post(
                        "/api/arrangements/" + arrangement + "/effects",
                        Map.of("kind", "TAKE_PROPOSAL", "proposal", asked))
                .ok();
        assertThat(own.bench(arrangement)).isEqualTo(before);
    }
}
