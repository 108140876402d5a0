package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** By what students stand on the line, what the figures of a tray say, and why a proposal came out so. */
class BenchLineTest extends ServerTest {
    private static Map<String, Object> asked(TestClass own, long arrangement, String method, int groups) {
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("method", method);
        asked.put("measureId", own.bench(arrangement).get("measure").get("id").asLong());
        asked.put("groups", groups);
        asked.put("smallest", 1);
        asked.put("largest", 30);
        return asked;
    }

    private static JsonNode take(TestClass own, long arrangement, Map<String, Object> asked) {
        return own.step(arrangement, Map.of("kind", "TAKE_PROPOSAL", "proposal", asked));
    }

    private static JsonNode reasons(TestClass own, long arrangement, Map<String, Object> asked) {
        return own.teacher
                .post("/api/arrangements/" + arrangement + "/proposal/reasons", asked)
                .ok();
    }

    /** A second measure that goes the other way for every other student; the ids of both. */
    private static List<Long> twoMeasures(TestClass own, int students) {
        StringBuilder list = new StringBuilder("Name,Ratio and scale\n");
        for (int i = 1; i <= students; i++) {
            list.append("S")
                    .append(i)
                    .append(" Test,")
                    .append(i % 2 == 0 ? 10 + i : 60 - i)
                    .append("\n");
        }
        own.bringIn("2027-02-03", list.toString());
        return TestClass.ids(own.screen("").get("measures"));
    }

    private static List<Map<String, Object>> weights(List<Long> measures) {
        List<Map<String, Object>> weights = new ArrayList<>();
        measures.forEach(each -> weights.add(Map.of("measureId", each, "weight", 1)));
        return weights;
    }

    @Test
    void studentsStandAtTheirStatusOnASkill() {
        TestClass own = newClass("line of a skill", 6);
        own.bringIn(
                "2027-02-01",
                "Name,Recipe ratios\nS1 Test,90 %\nS2 Test,85 %\nS3 Test,60 %\nS4 Test,20 %\nS5 Test,30 %\n");
        own.bringIn("2027-02-03", "Name,Recipe ratios\nS1 Test,95 %\nS2 Test,70 %\nS3 Test,80 %\nS4 Test,10 %\n");
        long arrangement = own.arrange(2);
        Map<String, Object> skill = asked(own, arrangement, "SKILL", 4);
        skill.put("skill", "Recipe ratios");
        JsonNode bench = take(own, arrangement, skill);
        assertThat(bench.get("lineKind").asString()).isEqualTo("SKILL");
        assertThat(bench.get("measure").get("levels").valueStream().map(JsonNode::asString))
                .containsExactly("Not yet", "Practising", "Nearly", "Secure", "Past it");
        List<String> standing = bench.get("students")
                .valueStream()
                .map(each -> each.path("value").asString("none"))
                .map(each -> each.replace(".0", ""))
                .toList();
        assertThat(standing).containsExactly("3", "1", "2", "0", "0", "none");
        assertThat(bench.get("groups").valueStream().map(each -> each.get("name")
                        .asString()))
                .as("the lowest first")
                .containsExactly("Not yet", "Practising", "Nearly", "Secure");
        assertThat(bench.get("students").get(5).get("notPlaced").asString()).isEqualTo("NO_SCORE");
        assertThat(bench.get("cuts")).hasSize(3);
        JsonNode back = take(own, arrangement, asked(own, arrangement, "SIMILAR", 2));
        assertThat(back.get("lineKind").asString()).isEqualTo("MEASURE");
    }

    @Test
    void aTrayTellsMeanDeviationBandsAndNeeds() {
        TestClass own = newClass("figures", 6);
        long arrangement = own.arrange(2);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        own.grant(2, "READ_ALOUD", null).ok();
        JsonNode low = own.bench(arrangement).get("groups").get(0);
        assertThat(low.get("size").asInt()).isEqualTo(3);
        assertThat(low.get("mean").asDouble()).isEqualTo(110);
        assertThat(low.get("deviation").asDouble()).isCloseTo(8.165, within(0.001));
        assertThat(low.get("needs").asInt()).isEqualTo(2);
        JsonNode weakest = low.get("bands").get(0);
        assertThat(weakest.get("count").asInt()).isEqualTo(3);
        assertThat(weakest.has("name")).as("no cut is reached").isFalse();
        own.step(
                arrangement,
                Map.of(
                        "kind",
                        "REMOVE_GROUP",
                        "groupId",
                        own.groups(arrangement).get(1)));
        own.step(arrangement, Map.of("kind", "ADD_GROUP"));
        JsonNode empty = own.bench(arrangement).get("groups").get(1);
        assertThat(empty.has("mean")).isFalse();
        assertThat(empty.get("bands")).isEmpty();
    }

    @Test
    void mixedGroupsSayHowAlikeTheyAreAndWhatElseThereWas() {
        TestClass own = newClass("why mixed", 8);
        long arrangement = own.arrange(2);
        List<Long> measures = twoMeasures(own, 8);
        Map<String, Object> mixed = asked(own, arrangement, "MIXED", 2);
        mixed.put("measures", weights(measures));
        JsonNode reasons = reasons(own, arrangement, mixed);
        assertThat(reasons.get("means")).hasSize(4);
        List<Double> reading = reasons.get("means")
                .valueStream()
                .filter(each -> each.get("measureId").asLong() == measures.get(0))
                .map(each -> each.get("mean").asDouble())
                .toList();
        assertThat(Math.abs(reading.get(0) - reading.get(1))).isLessThan(20);
        assertThat(reasons.get("students")).hasSize(8).allSatisfy(why -> {
            assertThat(why.get("next").asInt()).isNotEqualTo(why.get("group").asInt());
            assertThat(why.get("keptFromNearer").asBoolean()).isFalse();
            assertThat(why.has("inExchange")).isTrue();
        });
        JsonNode bench = take(own, arrangement, mixed);
        assertThat(bench.get("secondMeasureId").asLong())
                .isNotEqualTo(bench.get("measure").get("id").asLong());
    }

    @Test
    void aRuleThatKeepsSomebodyFromABetterPlaceIsSeenInProfiles() {
        TestClass own = newClass("why profiles", 8);
        long arrangement = own.arrange(2);
        Map<String, Object> profiles = asked(own, arrangement, "PROFILES", 2);
        profiles.put("measures", weights(twoMeasures(own, 8)));
        JsonNode free = reasons(own, arrangement, profiles);
        assertThat(free.get("students").valueStream().filter(why -> why.get("keptFromNearer")
                        .asBoolean()))
                .isEmpty();
        JsonNode group = own.teacher
                .post("/api/arrangements/" + arrangement + "/proposal", profiles)
                .ok()
                .get("groups")
                .get(0);
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/pair-notes",
                        Map.of(
                                "oneId",
                                group.get(0).asLong(),
                                "otherId",
                                group.get(1).asLong(),
                                "kind",
                                "MUST_BE_APART",
                                "weight",
                                1))
                .done();
        JsonNode under = reasons(own, arrangement, profiles);
        assertThat(under.get("rules").get(0).get("kind").asString()).isEqualTo("APART");
        assertThat(under.get("rules").get(0).get("share").asDouble()).isPositive();
        assertThat(under.get("students").valueStream().filter(why -> why.get("keptFromNearer")
                        .asBoolean()))
                .isNotEmpty();
    }

    @Test
    void supportStaffPrintWhatTheyMaySeeAndChangeNothing() {
        TestClass own = newClass("support", 4);
        long arrangement = own.arrange(2);
        own.shareWith("Wen", "VIEWER");
        HttpCaller viewer = nobody().signInAdult("wen", "salt-marsh-5");
        String path = "/api/arrangements/" + arrangement;
        assertThat(viewer.get(path + "/private-list").status()).isEqualTo(200);
        assertThat(viewer.get(path + "/private-list?needs=true").status()).isEqualTo(403);
        assertThat(viewer.get(path).ok().get("groups").get(0).has("needs")).isFalse();
        assertThat(viewer.get(path + "/history").ok()).hasSize(1);
        assertThat(viewer.post(path + "/steps", Map.of("kind", "ADD_GROUP")).status())
                .isEqualTo(403);
        assertThat(viewer.get("/api/classes/" + own.id + "/today").ok().get("arrangements"))
                .as("what somebody else has to do is no news for who may only look")
                .isEmpty();
    }
}
