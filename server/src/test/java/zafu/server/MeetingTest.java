package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Groups meet on pages of their own: members see who is there and call; an adult goes from one to the next. */
class MeetingTest extends ServerTest {
    private final class Met {
        final TestClass own;
        final OwnCorner lower;
        final OwnCorner upper;

        Met(String name) {
            own = newClass(name, 4);
            long arrangement = own.arrange(2);
            lower = new OwnCorner(own, own.groups(arrangement).get(0));
            upper = new OwnCorner(own, own.groups(arrangement).get(1));
            meetsHere(lower);
            meetsHere(upper);
        }

        private void meetsHere(OwnCorner corner) {
            Map<String, Object> wanted =
                    Map.of("meetingAddress", "", "meetsHere", true, "studentsAdd", false, "version", 0);
            own.teacher.put("/api/corners/" + corner.id, wanted).done();
        }

        JsonNode student(int number, OwnCorner corner) {
            return own.signedIn(number)
                    .post("/api/my/corners/" + corner.id + "/meeting", null)
                    .ok();
        }

        JsonNode rooms() {
            return own.teacher.get("/api/classes/" + own.id + "/meetings").ok();
        }

        JsonNode goesTo(OwnCorner corner) {
            return own.teacher
                    .post("/api/corners/" + corner.id + "/meeting", null)
                    .ok();
        }
    }

    private static List<String> names(JsonNode present) {
        return present.valueStream().map(each -> each.get("name").asString()).toList();
    }

    private static JsonNode room(JsonNode rooms, OwnCorner corner) {
        return rooms.valueStream()
                .filter(each -> each.get("cornerId").asLong() == corner.id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whoIsThereIsSeenByTheGroupAndItsTeachers() {
        Met met = new Met("meeting");
        met.student(1, met.lower);
        JsonNode second = met.student(2, met.lower);
        assertThat(names(second.get("present"))).containsExactly("S1", "S2");
        assertThat(second.get("present").get(1).get("me").asBoolean()).isTrue();
        assertThat(names(room(met.rooms(), met.lower).get("present"))).containsExactly("S1", "S2");
        assertThat(room(met.rooms(), met.upper).get("present")).isEmpty();

        met.own
                .signedIn(1)
                .call("DELETE", "/api/my/corners/" + met.lower.id + "/meeting", null)
                .done();
        assertThat(names(room(met.rooms(), met.lower).get("present"))).containsExactly("S2");
    }

    @Test
    void aCallComesFirstAndIsAnsweredByComing() {
        Met met = new Met("calling");
        met.student(1, met.lower);
        HttpCaller caller = met.own.signedIn(4);
        caller.post("/api/my/corners/" + met.upper.id + "/meeting", null).ok();
        caller.put("/api/my/corners/" + met.upper.id + "/meeting/call", Map.of("calling", true))
                .ok();
        assertThat(met.rooms().get(0).get("cornerId").asLong()).isEqualTo(met.upper.id);
        assertThat(met.rooms().get(0).has("callsForMinutes")).isTrue();

        JsonNode inside = met.goesTo(met.upper);
        assertThat(room(inside, met.upper).has("callsForMinutes")).isFalse();
        assertThat(names(room(inside, met.upper).get("present"))).containsExactly("Ottoline Farrow", "S4");
        JsonNode seen = met.student(4, met.upper);
        assertThat(seen.get("calling").asBoolean()).isFalse();
        assertThat(seen.get("present").get(0).get("adult").asBoolean()).isTrue();

        JsonNode moved = met.goesTo(met.lower);
        assertThat(names(room(moved, met.upper).get("present"))).containsExactly("S4");
        assertThat(names(room(moved, met.lower).get("present"))).containsExactly("Ottoline Farrow", "S1");
    }

    @Test
    void nobodyMeetsWhereTheyDoNotBelongOrWhereThereIsNoPage() {
        Met met = new Met("meeting apart");
        assertThat(met.own
                        .signedIn(4)
                        .post("/api/my/corners/" + met.lower.id + "/meeting", null)
                        .status())
                .isEqualTo(404);
        Map<String, Object> elsewhere = Map.of(
                "meetingAddress",
                "https://harbour.example/room",
                "meetsHere",
                true,
                "studentsAdd",
                false,
                "version",
                met.lower.shown().get("version").asLong());
        met.own.teacher.put("/api/corners/" + met.lower.id, elsewhere).done();
        assertThat(met.own
                        .signedIn(1)
                        .post("/api/my/corners/" + met.lower.id + "/meeting", null)
                        .status())
                .as("the address of another place comes before the page of ours")
                .isEqualTo(404);
        assertThat(met.rooms()).hasSize(1);
    }
}
