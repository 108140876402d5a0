package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Every way to form groups through the bench, under the locks and pair notes of the class. */
class MethodsOnTheBenchTest extends ServerTest {
    private static Map<String, Object> asked(TestClass own, String method, int groups) {
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("method", method);
        asked.put(
                "measureId",
                own.teacher.get("/api/measures").ok().get(0).get("id").asLong());
        asked.put("groups", groups);
        asked.put("smallest", 1);
        asked.put("largest", 30);
        return asked;
    }

    private static JsonNode proposed(TestClass own, long arrangement, Map<String, Object> asked) {
        return own.teacher
                .post("/api/arrangements/" + arrangement + "/proposal", asked)
                .ok();
    }

    private static List<Integer> sizes(JsonNode proposed) {
        return proposed.get("groups").valueStream().map(JsonNode::size).sorted().toList();
    }

    private static JsonNode take(TestClass own, long arrangement, Map<String, Object> asked) {
        return own.step(arrangement, Map.of("kind", "TAKE_PROPOSAL", "proposal", asked));
    }

    private static void note(TestClass own, int one, int other, String kind) {
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/pair-notes",
                        Map.of("oneId", own.student(one), "otherId", own.student(other), "kind", kind, "weight", 1))
                .done();
    }

    @Test
    void scoresGroupBySimilarityBySizeAndByLot() {
        TestClass own = newClass("methods by score", 10);
        long arrangement = own.arrange(2);
        assertThat(sizes(proposed(own, arrangement, asked(own, "SAME_SIZE", 3))))
                .containsExactly(3, 3, 4);
        Map<String, Object> lots = asked(own, "RANDOM", 3);
        JsonNode first = proposed(own, arrangement, lots);
        assertThat(sizes(first)).containsExactly(3, 3, 4);
        assertThat(proposed(own, arrangement, lots)).isEqualTo(first);
        lots.put("seed", 7);
        assertThat(proposed(own, arrangement, lots)).isNotEqualTo(first);
        JsonNode whole = take(own, arrangement, asked(own, "WHOLE_CLASS", 1));
        assertThat(whole.get("groups")).hasSize(1);
        assertThat(take(own, arrangement, asked(own, "ONE_EACH", 1)).get("groups"))
                .hasSize(10);
        JsonNode bench = take(own, arrangement, asked(own, "SAME_SIZE", 2));
        assertThat(bench.get("groups").get(0).get("highest").asInt())
                .as("the lowest group stands first")
                .isLessThan(bench.get("groups").get(1).get("lowest").asInt());
        assertThat(bench.get("method").asString()).isEqualTo("SAME_SIZE");
    }

    @Test
    void severalMeasuresGroupTogetherInProfilesAndMixed() {
        TestClass own = newClass("methods by measures", 8);
        long arrangement = own.arrange(2);
        own.bringIn(
                "2027-02-03",
                "Name,Ratio and scale\nS1 Test,50\nS2 Test,10\nS3 Test,52\nS4 Test,12\nS5 Test,51\nS6 Test,9\n");
        List<Long> measures = TestClass.ids(own.screen("").get("measures"));
        assertThat(measures).hasSize(2);
        Map<String, Object> both = asked(own, "PROFILES", 2);
        both.put(
                "measures",
                measures.stream()
                        .map(id -> Map.of("measureId", id, "weight", 1))
                        .toList());
        JsonNode profiles = proposed(own, arrangement, both);
        assertThat(sizes(profiles)).containsExactly(3, 3);
        assertThat(TestClass.longs(profiles.get("leftOut"))).containsExactlyInAnyOrder(own.student(7), own.student(8));
        both.put("method", "COMPOSITE");
        assertThat(sizes(proposed(own, arrangement, both)).stream()
                        .mapToInt(Integer::intValue)
                        .sum())
                .isEqualTo(8);
        own.deed("TAG", "crew", own.student(1), own.student(2)).done();
        both.put("method", "MIXED");
        both.put("tags", List.of("crew"));
        JsonNode mixed = proposed(own, arrangement, both);
        assertThat(sizes(mixed)).containsExactly(3, 3);
        mixed.get("groups")
                .forEach(group -> assertThat(TestClass.longs(group)).containsAnyOf(own.student(1), own.student(2)));
        both.put("method", "PROFILES");
        both.put("measures", List.of(Map.of("measureId", measures.get(0), "weight", 1)));
        HttpCaller.Answer refused = own.teacher.post("/api/arrangements/" + arrangement + "/proposal", both);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("Similar profiles need two or more different measures.");
    }

    @Test
    void needsSkillsAndChoicesGroupByWhatIsKnown() {
        TestClass own = newClass("methods by kind", 6);
        long arrangement = own.arrange(2);
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        own.grant(4, "EXTENDED_TIME", "1.5").ok();
        own.grant(5, "UNTIMED", null).ok();
        assertThat(sizes(proposed(own, arrangement, asked(own, "NEEDS", 9)))).containsExactly(1, 2, 3);
        assertThat(sizes(proposed(own, arrangement, asked(own, "NEEDS", 2)))).containsExactly(3, 3);

        own.teacher
                .post(
                        "/api/classes/" + own.id + "/surveys",
                        Map.of("question", "What next?", "options", List.of("Birds", "Tides")))
                .done();
        JsonNode survey =
                own.teacher.get("/api/classes/" + own.id + "/surveys").ok().get(0);
        List<Long> options = TestClass.ids(survey.get("options"));
        for (int i = 1; i <= 4; i++) {
            own.signedIn(i)
                    .put(
                            "/api/my/surveys/" + survey.get("id").asLong(),
                            Map.of("ranked", List.of(options.get(i == 4 ? 1 : 0))))
                    .done();
        }
        Map<String, Object> choices = asked(own, "CHOICES", 2);
        choices.put("surveyId", survey.get("id").asLong());
        choices.put("largest", 3);
        assertThat(proposed(own, arrangement, choices)
                        .get("granted")
                        .valueStream()
                        .map(JsonNode::asInt))
                .as("four first choices and two who named none")
                .containsExactly(4, 0, 2);
        JsonNode bench = take(own, arrangement, choices);
        assertThat(bench.get("groups").valueStream().map(each -> each.get("name")
                        .asString()))
                .containsExactly("Birds", "Tides");
        assertThat(TestClass.groupOf(bench, own.student(3)))
                .isEqualTo(bench.get("groups").get(0).get("id").asLong());
        assertThat(own.teacher
                        .post("/api/arrangements/" + arrangement + "/proposal", asked(own, "CHOICES", 2))
                        .body()
                        .get("detail")
                        .asString())
                .isEqualTo("Choose the question that was asked.");
        Map<String, Object> skill = asked(own, "SKILL", 2);
        skill.put("skill", "Nobody ever saw this");
        assertThat(own.teacher
                        .post("/api/arrangements/" + arrangement + "/proposal", skill)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void anEarlierArrangementIsCopiedWithItsNames() {
        TestClass own = newClass("copy", 6);
        long first = own.arrange(2);
        own.step(first, Map.of("kind", "RENAME", "groupId", own.groups(first).get(0), "text", "Heath"));
        long second = own.arrange(3);
        Map<String, Object> copy = asked(own, "COPY", 1);
        copy.put("copyOf", first);
        JsonNode bench = take(own, second, copy);
        assertThat(bench.get("groups").get(0).get("name").asString()).isEqualTo("Heath");
        assertThat(bench.get("groups").valueStream().map(each -> each.get("size")
                        .asInt()))
                .containsExactly(3, 3);
    }

    @Test
    void whoIsLockedStaysWhateverIsTakenAndIsLockedAgainAfterUndo() {
        TestClass own = newClass("locks", 9);
        long arrangement = own.arrange(3);
        List<Long> groups = own.groups(arrangement);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(2)));
        JsonNode locked = own.step(arrangement, Map.of("kind", "LOCK", "students", List.of(own.student(1))));
        assertThat(lockedIn(locked)).containsExactly(own.student(1));
        for (String method : List.of("SIMILAR", "SAME_SIZE", "RANDOM")) {
            JsonNode taken = take(own, arrangement, asked(own, method, 3));
            assertThat(TestClass.groupOf(taken, own.student(1))).as(method).isEqualTo(groups.get(2));
        }
        JsonNode fewer = proposed(own, arrangement, asked(own, "SIMILAR", 2));
        assertThat(fewer.get("impossible").asString())
                .isEqualTo("S1 is locked in a group that would go: there would be 2 groups. Unlock, or take more"
                        + " groups.");
        assertThat(lockedIn(own.step(arrangement, Map.of("kind", "UNLOCK", "students", List.of(own.student(1))))))
                .isEmpty();
        assertThat(lockedIn(own.step(arrangement, Map.of("kind", "UNDO")))).containsExactly(own.student(1));
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(2))));
        assertThat(own.teacher
                        .post(
                                "/api/arrangements/" + arrangement + "/steps",
                                Map.of("kind", "LOCK", "students", List.of(own.student(2))))
                        .status())
                .isEqualTo(422);
    }

    private static List<Long> lockedIn(JsonNode bench) {
        return bench.get("students")
                .valueStream()
                .filter(each -> each.get("locked").asBoolean())
                .map(each -> each.get("id").asLong())
                .toList();
    }

    @Test
    void pairNotesHoldAndAContradictionIsToldInWords() {
        TestClass own = newClass("pairs hold", 8);
        long arrangement = own.arrange(2);
        note(own, 1, 2, "MUST_BE_APART");
        note(own, 1, 8, "MUST_BE_TOGETHER");
        JsonNode bench = take(own, arrangement, asked(own, "SIMILAR", 2));
        assertThat(TestClass.groupOf(bench, own.student(1)))
                .isEqualTo(TestClass.groupOf(bench, own.student(8)))
                .isNotEqualTo(TestClass.groupOf(bench, own.student(2)));
        note(own, 2, 8, "MUST_BE_APART");
        own.step(arrangement, Map.of("kind", "LOCK", "students", List.of(own.student(1), own.student(2))));
        own.step(
                arrangement,
                Map.of(
                        "kind",
                        "PLACE",
                        "students",
                        List.of(own.student(2)),
                        "groupId",
                        TestClass.groupOf(bench, own.student(1))));
        assertThat(proposed(own, arrangement, asked(own, "SIMILAR", 2))
                        .get("impossible")
                        .asString())
                .isEqualTo("S1 and S2 are locked in one group but must be kept apart.");
    }

    @Test
    void theBenchWatchesPairNotesAndTagsThatClump() {
        TestClass own = newClass("watched", 12);
        long arrangement = own.arrange(2);
        note(own, 1, 12, "WORKS_WELL");
        note(own, 1, 2, "MUST_BE_TOGETHER");
        own.deed("TAG", "crew", own.student(1), own.student(2), own.student(3), own.student(4), own.student(5))
                .done();
        JsonNode bench = own.bench(arrangement);
        assertThat(bench.get("rules").valueStream().map(each -> each.get("kind").asString() + " " + each.get("met")))
                .containsExactly("TOGETHER true", "RATHER_TOGETHER false");
        JsonNode crew = bench.get("imbalances").get(0);
        assertThat(crew.get("tag").asString()).isEqualTo("crew");
        assertThat(crew.get("groupId").asLong())
                .isEqualTo(own.groups(arrangement).get(0));
        assertThat(List.of(crew.get("inGroup").asInt(), crew.get("groupSize").asInt()))
                .containsExactly(5, 6);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1))));
        assertThat(own.bench(arrangement).get("rules").get(0).has("met"))
                .as("who is not placed neither keeps a rule nor breaks it")
                .isFalse();
    }

    @Test
    void aProposalSaysWhatARuleCostsAndWhyEachStudentIsThere() {
        TestClass own = newClass("reasons", 8);
        long arrangement = own.arrange(2);
        note(own, 1, 2, "MUST_BE_APART");
        Map<String, Object> asked = asked(own, "SIMILAR", 2);
        JsonNode reasons = own.teacher
                .post("/api/arrangements/" + arrangement + "/proposal/reasons", asked)
                .ok();
        JsonNode rule = reasons.get("rules").get(0);
        assertThat(rule.get("kind").asString()).isEqualTo("APART");
        assertThat(TestClass.longs(rule.get("students"))).containsExactly(own.student(1), own.student(2));
        assertThat(rule.get("share").asDouble()).isPositive();
        JsonNode proposed = proposed(own, arrangement, asked);
        reasons.get("students").forEach(why -> assertThat(TestClass.longs(
                        proposed.get("groups").get(why.get("group").asInt())))
                .contains(why.get("id").asLong()));
        assertThat(reasons.get("students").valueStream().filter(why -> why.get("keptFromNearer")
                        .asBoolean()))
                .as("whom the rule keeps from the nearer group")
                .isNotEmpty();
        JsonNode first = reasons.get("students").get(0);
        assertThat(first.get("value").asDouble()).isBetween(100.0, 170.0);
        assertThat(first.get("next").asInt()).isNotEqualTo(first.get("group").asInt());
    }

    @Test
    void newScoresSuggestMovesByTheCutsOfThen() {
        TestClass own = newClass("regroup", 8);
        long arrangement = own.arrange(2);
        assertThat(own.bench(arrangement).get("advice")).isEmpty();
        List<Long> groups = own.groups(arrangement);
        clock.set(at("2027-02-16T08:10"));
        own.bringIn("2027-02-16", "Name,Tideline reading scale\nS1 Test,170\nS2 Test,112\nS8 Test,101\n");
        JsonNode advice = own.bench(arrangement).get("advice");
        assertThat(advice.valueStream()
                        .map(each -> each.get("id").asLong() + " "
                                + each.get("advice").asString()))
                .containsExactly(own.student(1) + " MOVE_UP", own.student(8) + " MOVE_DOWN");
        assertThat(advice.get(0).get("toGroupId").asLong()).isEqualTo(groups.get(1));
        assertThat(List.of(
                        advice.get(0).get("before").asInt(),
                        advice.get(0).get("now").asInt()))
                .containsExactly(100, 170);
        JsonNode moved = own.step(
                arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(1)));
        assertThat(moved.get("advice").valueStream().map(each -> each.get("id").asLong()))
                .as("who has moved is where the new score says; the other is still suggested")
                .containsExactly(own.student(8));
        own.step(arrangement, Map.of("kind", "UNDO"));
        JsonNode all = own.step(arrangement, Map.of("kind", "TAKE_ADVICE"));
        assertThat(all.get("advice")).isEmpty();
        assertThat(TestClass.groupOf(all, own.student(1))).isEqualTo(groups.get(1));
        assertThat(TestClass.groupOf(all, own.student(8))).isEqualTo(groups.get(0));
        own.step(arrangement, Map.of("kind", "UNDO"));
        own.step(arrangement, Map.of("kind", "LOCK", "students", List.of(own.student(1), own.student(8))));
        assertThat(own.bench(arrangement).get("advice")).isEmpty();
    }
}
