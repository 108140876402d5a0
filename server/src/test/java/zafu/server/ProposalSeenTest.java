package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What is taken is what was seen, and what a move does is said for every class of the groups. */
class ProposalSeenTest extends ServerTest {
    private TestClass own;
    private long arrangement;
    private final Map<String, Object> asked = new LinkedHashMap<>();

    @BeforeEach
    void groupsOfTwo() {
        own = newClass("seen", 6);
        arrangement = own.arrange(2);
        long measure = own.teacher.get("/api/measures").ok().get(0).get("id").asLong();
        asked.putAll(Map.of("method", "SIMILAR", "measureId", measure, "groups", 3, "smallest", 1, "largest", 6));
    }

    private JsonNode look() {
        return own.teacher
                .post("/api/arrangements/" + arrangement + "/proposal", asked)
                .ok();
    }

    private HttpCaller.Answer take(JsonNode seen) {
        Map<String, Object> wanted = new LinkedHashMap<>(asked);
        wanted.put("fingerprint", seen.get("fingerprint").asString());
        return own.teacher.post(
                "/api/arrangements/" + arrangement + "/steps", Map.of("kind", "TAKE_PROPOSAL", "proposal", wanted));
    }

    @Test
    void groupsThatAreNotThoseThatWereSeenAreNotTaken() {
        JsonNode seen = look();
        List<Long> before = own.groups(arrangement);
        own.bringIn("2027-02-08", "Name,Tideline reading scale\nS1 Test,900\n");
        HttpCaller.Answer refused = take(seen);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("code").asString()).isEqualTo("proposal-changed");
        assertThat(own.groups(arrangement)).isEqualTo(before);
        JsonNode now = look();
        assertThat(now.get("fingerprint")).isNotEqualTo(seen.get("fingerprint"));
        JsonNode bench = take(now).ok();
        assertThat(bench.get("groups")).hasSize(3);
    }

    @Test
    void lookingTwiceAtTheSameGivesTheSame() {
        assertThat(look()).isEqualTo(look());
        assertThat(take(look()).status()).isEqualTo(200);
    }

    @Test
    void whatAMoveDoesInAnotherClassOfTheGroupsIsSaidToo() {
        TestClass other = newClass("seen two", 3);
        JsonNode details = own.bench(arrangement).get("details");
        Map<String, Object> edit = new LinkedHashMap<>(Map.of(
                "name", "Club",
                "subject", "reading",
                "purpose", "",
                "description", "",
                "note", "",
                "beginsOn", "2027-02-09",
                "endsOn", "2027-03-12",
                "overlap", false,
                "classIds", List.of(own.id, other.id),
                "version", details.get("version").asLong()));
        own.teacher.put("/api/arrangements/" + arrangement, edit).done();
        long group = own.groups(arrangement).get(0);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(other.student(1)), "groupId", group));
        long task = other.draft(TestClass.targets(false, List.of(group), List.of(), List.of()));
        other.handOut(task, true).ok();
        JsonNode effects = own.teacher
                .post(
                        "/api/arrangements/" + arrangement + "/effects",
                        Map.of("kind", "PLACE", "students", List.of(other.student(2)), "groupId", group))
                .ok();
        assertThat(effects).hasSize(1);
        assertThat(effects.get(0).get("kind").asString()).isEqualTo("GAINS");
        assertThat(effects.get(0).get("studentId").asLong()).isEqualTo(other.student(2));
    }
}
