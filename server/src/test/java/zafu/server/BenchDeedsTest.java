package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Splitting, naming and leading groups, going back to an earlier day, two people at one bench, lists on paper. */
class BenchDeedsTest extends ServerTest {
    private static String steps(long arrangement) {
        return "/api/arrangements/" + arrangement + "/steps";
    }

    private static List<String> names(JsonNode bench) {
        return bench.get("groups")
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
    }

    @Test
    void aGroupIsSplitByScoreOrTheChosenLeaveIt() {
        TestClass own = newClass("split", 8);
        long arrangement = own.arrange(1);
        long whole = own.groups(arrangement).get(0);
        JsonNode halves = own.step(arrangement, Map.of("kind", "SPLIT", "groupId", whole));
        assertThat(halves.get("groups").valueStream().map(each -> each.get("size")
                        .asInt()))
                .containsExactly(4, 4);
        assertThat(halves.get("groups").get(0).get("highest").asInt())
                .isLessThan(halves.get("groups").get(1).get("lowest").asInt());
        JsonNode chosen =
                own.step(arrangement, Map.of("kind", "SPLIT", "groupId", whole, "students", List.of(own.student(1))));
        assertThat(chosen.get("groups").get(0).get("highest").asInt())
                .as("who has the lowest score leaves downwards")
                .isEqualTo(100);
        long single = chosen.get("groups").get(0).get("id").asLong();
        HttpCaller.Answer refused = own.teacher.post(steps(arrangement), Map.of("kind", "SPLIT", "groupId", single));
        assertThat(refused.body().get("code").asString()).isEqualTo("nothing-to-split");
    }

    @Test
    void groupsTakeNamesFromASetAndStudentsSeeThemOnlyWhenTold() {
        TestClass own = newClass("named", 6);
        long arrangement = own.arrange(3);
        JsonNode sets = own.teacher.get("/api/name-sets").ok();
        assertThat(sets.valueStream().map(each -> each.get("title").asString()))
                .startsWith("Knots", "Shells", "Winds", "Tools");
        List<String> shells =
                sets.get(1).get("names").valueStream().map(JsonNode::asString).toList();
        JsonNode named = own.step(arrangement, Map.of("kind", "NAME_FROM", "names", shells, "studentsSee", true));
        assertThat(names(named)).isEqualTo(shells.subList(0, 3));
        assertThat(named.get("groups").get(0).get("studentName").asString()).isEqualTo(shells.get(0));
        long kept = own.teacher
                .post("/api/name-sets", Map.of("title", "Boats", "names", List.of("Dory", " Punt ", "Skiff")))
                .ok()
                .get("id")
                .asLong();
        JsonNode own3 = own.step(
                arrangement, Map.of("kind", "NAME_FROM", "names", List.of("Dory", "Punt"), "studentsSee", false));
        assertThat(names(own3)).containsExactly("Dory", "Punt", shells.get(2));
        assertThat(own3.get("groups").get(0).has("studentName")).isFalse();
        assertThat(own.teacher
                        .get("/api/name-sets")
                        .ok()
                        .get(4)
                        .get("names")
                        .get(1)
                        .asString())
                .isEqualTo("Punt");
        Map<String, Object> twice = Map.of("kind", "NAME_FROM", "names", List.of("Dory", "dory"));
        assertThat(own.teacher
                        .post(steps(arrangement), twice)
                        .body()
                        .get("detail")
                        .asString())
                .isEqualTo("\"dory\" stands there twice.");
        assertThat(nobody().signInAdult("idris", "salt-marsh-5")
                        .call("DELETE", "/api/name-sets/" + kept, null)
                        .status())
                .isEqualTo(404);
        own.teacher.call("DELETE", "/api/name-sets/" + kept, null).done();
    }

    @Test
    void adultsOfTheClassLeadGroupsAndNobodyElse() {
        TestClass own = newClass("led", 4);
        long arrangement = own.arrange(2);
        JsonNode me = own.bench(arrangement).get("adults").get(0);
        long group = own.groups(arrangement).get(0);
        JsonNode led = own.step(
                arrangement,
                Map.of(
                        "kind",
                        "LEAD",
                        "groupId",
                        group,
                        "adults",
                        List.of(me.get("id").asLong())));
        assertThat(led.get("groups").get(0).get("leads").get(0)).isEqualTo(me.get("id"));
        assertThat(own.step(arrangement, Map.of("kind", "UNDO"))
                        .get("groups")
                        .get(0)
                        .get("leads"))
                .isEmpty();
        Map<String, Object> stranger = Map.of("kind", "LEAD", "groupId", group, "adults", List.of(987654));
        assertThat(own.teacher.post(steps(arrangement), stranger).status()).isEqualTo(422);
    }

    @Test
    void whatHappenedIsToldAndAnyStateComesBack() {
        TestClass own = newClass("history", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        String upper = names(own.bench(arrangement)).get(1);
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(1)), "groupId", groups.get(1)));
        own.step(arrangement, Map.of("kind", "MERGE", "groupId", groups.get(1), "otherGroupId", groups.get(0)));
        JsonNode history =
                own.teacher.get("/api/arrangements/" + arrangement + "/history").ok();
        assertThat(history.valueStream().map(each -> each.get("kind").asString()))
                .containsExactly("MERGE", "PLACE", "TAKE_PROPOSAL");
        JsonNode placed = history.get(1);
        assertThat(placed.get("by").asString()).isEqualTo("Ottoline Farrow");
        assertThat(placed.get("moved").get(0).get("givenName").asString()).isEqualTo("S1");
        assertThat(placed.get("moved").get(0).get("to").get(0).asString()).isEqualTo(upper);
        long first = history.get(2).get("id").asLong();
        JsonNode compared = own.teacher
                .get("/api/arrangements/" + arrangement + "/comparison?step=" + first)
                .ok();
        assertThat(compared.get("students").valueStream().filter(each -> each.get("moved")
                        .asBoolean()))
                .hasSize(2);
        JsonNode back = own.step(arrangement, Map.of("kind", "RETURN_TO", "stepId", first));
        assertThat(back.get("groups").valueStream().map(each -> each.get("size").asInt()))
                .containsExactly(2, 2);
        assertThat(own.step(arrangement, Map.of("kind", "UNDO")).get("groups")).hasSize(1);
        TestClass other = newClass("other history", 2);
        assertThat(other.teacher
                        .post(steps(other.arrange(1)), Map.of("kind", "RETURN_TO", "stepId", first))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatTwoPeopleDoToTheSameStudentMeetsAndToOthersPasses() {
        TestClass own = newClass("clash", 6);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        own.shareWith("Idris", "CO_TEACHER");
        HttpCaller colleague = nobody().signInAdult("idris", "salt-marsh-5");
        long seen = own.bench(arrangement).get("revision").asLong();
        colleague.post(seen(arrangement, seen), place(own, 1, groups.get(1))).ok();
        HttpCaller.Answer clash = own.teacher.post(seen(arrangement, seen), unplace(own, 1));
        assertThat(clash.status()).isEqualTo(409);
        assertThat(clash.body().get("code").asString()).isEqualTo("clash");
        String upper = names(own.bench(arrangement)).get(1);
        assertThat(clash.body().get("detail").asString())
                .isEqualTo("Idris Bellweather put S1 into " + upper + " meanwhile.");
        own.teacher.post(seen(arrangement, seen), place(own, 2, groups.get(1))).ok();
        assertThat(own.teacher
                        .post(steps(arrangement), place(own, 1, groups.get(0)))
                        .status())
                .as("done all the same once the clash was seen")
                .isEqualTo(200);
        long fresh = own.bench(arrangement).get("revision").asLong();
        own.teacher.post(seen(arrangement, fresh), place(own, 3, groups.get(1))).ok();
        HttpCaller.Answer undo = colleague.post(seen(arrangement, fresh), Map.of("kind", "UNDO"));
        assertThat(undo.body().get("detail").asString()).startsWith("Ottoline Farrow put S3 into");
    }

    @Test
    void namesThatAreTooLongForAGroupAreCutOrRefusedInASentence() {
        TestClass own = newClass("long names", 2);
        Map<String, Object> wanted = new java.util.HashMap<>(Map.of(
                "name", "Marsh quiz about everything that lives between the tides, question twelve of twenty",
                "subject", "Reading",
                "beginsOn", "2027-02-01",
                "endsOn", "2027-06-30",
                "measureId", own.bench(own.arrange(1)).get("measure").get("id").asLong(),
                "students", List.of(own.student(1))));
        long made = own.teacher
                .post("/api/classes/" + own.id + "/arrangements", wanted)
                .ok()
                .get("id")
                .asLong();
        String name = names(own.bench(made)).get(0);
        assertThat(name)
                .hasSizeLessThanOrEqualTo(60)
                .startsWith("Marsh quiz about")
                .endsWith("…");
        HttpCaller.Answer refused = own.teacher.post(
                steps(made),
                Map.of("kind", "RENAME", "groupId", own.groups(made).get(0), "text", "x".repeat(61)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).isEqualTo("A group's name has 1 to 60 letters.");
    }

    private static String seen(long arrangement, long revision) {
        return steps(arrangement) + "?seen=" + revision;
    }

    private static Map<String, Object> place(TestClass own, int number, long group) {
        return Map.of("kind", "PLACE", "students", List.of(own.student(number)), "groupId", group);
    }

    private static Map<String, Object> unplace(TestClass own, int number) {
        return Map.of("kind", "PLACE", "students", List.of(own.student(number)));
    }

    private static String printed(TestClass own, String path, int pages) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(own.teacher.getBytes(path).body())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(pages);
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void theListForTheWallSaysNothingButWhoIsWhere() throws Exception {
        TestClass own = newClass("paper", 4);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        String staff = names(own.bench(arrangement)).get(0);
        own.step(arrangement, Map.of("kind", "NOTE", "groupId", groups.get(0), "text", "slow readers, sit close"));
        own.step(
                arrangement,
                Map.of("kind", "RENAME", "groupId", groups.get(1), "text", "High", "studentName", "Limpet"));
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        String path = "/api/arrangements/" + arrangement;
        String wall = printed(own, path + "/wall-list.pdf", 1);
        assertThat(wall).contains("S1", "S4", "Limpet").doesNotContain(staff, "High", "slow", "100", "1.5");
        printed(own, path + "/wall-list.pdf?pageEach=true", 2);
        String plain = printed(own, path + "/private-list.pdf", 1);
        assertThat(plain).contains(staff, "High", "Limpet").doesNotContain("slow", "100", "1.5");
        String full = printed(own, path + "/private-list.pdf?notes=true&figures=true&needs=true", 1);
        assertThat(full).contains("slow readers", "100", "1.5×", "median");
        JsonNode wallGroups = own.teacher.get(path + "/wall-list").ok().get("groups");
        assertThat(wallGroups.get(0).get("name").asString()).startsWith("Group ");
    }

    @Test
    void theLineShowsASkillSeveralMeasuresAsOneOrASecondBeside() {
        TestClass own = newClass("lines", 6);
        long arrangement = own.arrange(2);
        own.bringIn("2027-02-03", "Name,Ratio and scale\nS1 Test,50\nS2 Test,10\nS3 Test,52\nS4 Test,12\n");
        List<Long> measures = TestClass.ids(own.screen("").get("measures"));
        long measure = own.bench(arrangement).get("measure").get("id").asLong();
        long second =
                measures.stream().filter(each -> each != measure).findFirst().orElseThrow();
        Map<String, Object> asked = new LinkedHashMap<>(
                Map.of("method", "COMPOSITE", "measureId", measure, "groups", 2, "smallest", 1, "largest", 6));
        asked.put(
                "measures",
                List.of(Map.of("measureId", measure, "weight", 1), Map.of("measureId", second, "weight", 1)));
        JsonNode bench = own.step(arrangement, Map.of("kind", "TAKE_PROPOSAL", "proposal", asked));
        assertThat(bench.get("lineKind").asString()).isEqualTo("COMPOSITE");
        assertThat(bench.get("measure").get("name").asString()).contains(" + ");
        assertThat(bench.get("secondMeasureId").asLong()).isEqualTo(second);
        assertThat(bench.get("students").get(0).get("value").asDouble()).isBetween(-4.0, 4.0);
        assertThat(own.teacher
                        .get("/api/arrangements/" + arrangement + "/measures/" + second)
                        .ok()
                        .get("values"))
                .hasSize(4);
        JsonNode cut = bench.get("cuts").get(0);
        JsonNode moved = own.step(
                arrangement,
                Map.of(
                        "kind",
                        "MOVE_CUT",
                        "groupId",
                        cut.get("lowerGroupId").asLong(),
                        "otherGroupId",
                        cut.get("upperGroupId").asLong(),
                        "cut",
                        -3));
        assertThat(moved.get("groups").get(0).get("size").asInt()).isZero();
    }

    @Test
    void todayNamesWhoseScoreSuggestsAMoveAndWhoIsInNoGroup() {
        TestClass own = newClass("today", 8);
        long arrangement = own.arrange(2);
        List<Long> groups = own.groups(arrangement);
        String path = "/api/classes/" + own.id + "/today";
        assertThat(own.teacher.get(path).ok().get("arrangements")).isEmpty();
        own.draft(TestClass.forEveryone());
        assertThat(own.teacher.get(path).ok().get("drafts")).as("just made").isEmpty();
        clock.set(at("2027-02-16T08:10"));
        own.bringIn("2027-02-16", "Name,Tideline reading scale\nS1 Test,170\n");
        own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(5))));
        JsonNode today = own.teacher.get(path).ok();
        JsonNode news = today.get("arrangements").get(0);
        JsonNode move = news.get("moves").get(0);
        assertThat(move.get("givenName").asString()).isEqualTo("S1");
        assertThat(move.get("toGroupId").asLong()).isEqualTo(groups.get(1));
        assertThat(move.get("up").asBoolean()).isTrue();
        assertThat(news.get("notPlaced").get(0).asString()).isEqualTo("S5");
        assertThat(today.get("drafts")).hasSize(1);
    }
}
