package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Finding what suits a group, over the demo's library and a few items of words that occur nowhere else. */
class FindTest extends ServerTest {
    private TestClass own;

    @BeforeEach
    void aClassOfItsOwn() {
        own = newClass("find", 4);
    }

    private JsonNode find(String query) {
        return own.teacher.get("/api/classes/" + own.id + "/library?" + query).ok();
    }

    private long add(String title, Map<String, Object> more) {
        Map<String, Object> item = new LinkedHashMap<>(Map.of("kind", "TEXT", "title", title, "body", "Words."));
        item.putAll(more);
        return own.teacher.post("/api/library/items", item).ok().get("id").asLong();
    }

    private static List<String> titles(JsonNode found) {
        return found.get("hits")
                .valueStream()
                .map(each -> each.get("title").asString())
                .toList();
    }

    @Test
    void everyWordMustBeMetInItsBaseFormOrAsABeginning() {
        add("Periwinkles graze", Map.of("body", "They scrape the rocks."));
        assertThat(titles(find("words=periwinkle"))).containsExactly("Periwinkles graze");
        assertThat(titles(find("words=scraping+periwin"))).containsExactly("Periwinkles graze");
        assertThat(titles(find("words=periwinkle+moon"))).isEmpty();
    }

    @Test
    void aTitleComesBeforeAMentionAndQuestionsAreSearchedToo() {
        add("A day at sea", Map.of("body", "We saw a narwhal."));
        add("The narwhal", Map.of());
        add(
                "Horns",
                Map.of(
                        "kind",
                        "QUIZ",
                        "questions",
                        List.of(Map.of(
                                "kind",
                                "NUMERIC",
                                "prompt",
                                "How many horns has a narwhal?",
                                "points",
                                1,
                                "body",
                                Map.of("value", 1)))));
        assertThat(titles(find("words=narwhal"))).hasSize(3).first().isEqualTo("The narwhal");
    }

    @Test
    void aCountSaysWhatAClickWouldBring() {
        JsonNode texts = find("kinds=TEXT");
        JsonNode count = texts.get("facets")
                .get("kinds")
                .valueStream()
                .filter(each -> each.get("kind").asString().equals("LESSON"))
                .findFirst()
                .orElseThrow();
        JsonNode both = find("kinds=TEXT,LESSON");
        assertThat(both.get("total").asInt())
                .isEqualTo(texts.get("total").asInt() + count.get("count").asInt());
        JsonNode skill = texts.get("facets").get("skills").get(0);
        assertThat(find("kinds=TEXT&skills=" + skill.get("id").asLong())
                        .get("total")
                        .asInt())
                .isEqualTo(skill.get("count").asInt());
    }

    @Test
    void theLevelsThatSuitAGroupNarrowWhatHasALevelAndNothingElse() {
        // S1 … S4 stand at 100 … 130, so 2 × 22 on either side of 115, rounded outward, suits them.
        long near = add("Near rockling", Map.of("levelMeasureId", 1, "levelLow", 160));
        long far = add("Far rockling", Map.of("levelMeasureId", 1, "levelLow", 170));
        long without = add("Level-less rockling", Map.of());
        JsonNode found = find("words=rockling&suggestedLevels=true");
        assertThat(found.get("level").get("median").asDouble()).isEqualTo(115);
        assertThat(found.get("level").get("suggestedLow").asDouble()).isEqualTo(70);
        assertThat(found.get("level").get("suggestedHigh").asDouble()).isEqualTo(160);
        assertThat(TestClass.ids(found.get("hits"))).contains(near, without).doesNotContain(far);
        assertThat(TestClass.ids(find("words=rockling&low=165&high=200").get("hits")))
                .contains(far)
                .doesNotContain(near);
    }

    @Test
    void whatStudentsHaveHadIsCountedAndCanBeLeftOut() {
        long arrangement = own.arrange(2);
        long upper = own.groups(arrangement).get(1);
        JsonNode item = own.teacher
                .post("/api/library/items", LibraryTest.quiz(LibraryTest.question("NUMERIC", Map.of("value", 6))))
                .ok();
        QuestionsInTriesTest.tryOf(own, item);
        JsonNode hit = hit(find("words=marsh&kinds=QUIZ&limit=500"), item);
        assertThat(hit.get("usedBy").asInt()).isEqualTo(1);
        assertThat(hit(find("words=marsh&kinds=QUIZ&limit=500&groupId=" + upper), item)
                        .get("usedBy")
                        .asInt())
                .isZero();
        assertThat(TestClass.ids(
                        find("words=marsh&kinds=QUIZ&limit=500&unused=true").get("hits")))
                .doesNotContain(item.get("id").asLong());
    }

    private static JsonNode hit(JsonNode found, JsonNode item) {
        return found.get("hits")
                .valueStream()
                .filter(each -> each.get("id").equals(item.get("id")))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void starsAreOnesOwn() {
        long item = add("Starred limpet", Map.of());
        own.teacher
                .put("/api/library/items/" + item + "/star", Map.of("starred", true))
                .done();
        assertThat(TestClass.ids(find("words=limpet&starred=true").get("hits"))).containsExactly(item);
        own.shareWith("Idris", "CO_TEACHER");
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        JsonNode his = idris.get("/api/classes/" + own.id + "/library?words=limpet&starred=true")
                .ok();
        assertThat(his.get("total").asInt()).isZero();
    }

    @Test
    void aGroupOfAnotherClassIsNotHere() {
        TestClass other = newClass("find other", 2);
        long group = other.groups(other.arrange(1)).get(0);
        assertThat(own.teacher
                        .get("/api/classes/" + own.id + "/library?groupId=" + group)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aUnitSaysWhatAGroupLacksAndWhatPreparesIt() {
        JsonNode unit = own.teacher
                .get("/api/library/units")
                .ok()
                .valueStream()
                .filter(each -> each.get("title").asString().equals("Scale maps"))
                .findFirst()
                .orElseThrow();
        JsonNode lacks = own.teacher
                .get("/api/classes/" + own.id + "/units/" + unit.get("id").asLong() + "/lacks")
                .ok();
        JsonNode ruler = lacks.valueStream()
                .filter(each -> each.get("name").asString().equals("Measuring with a ruler"))
                .findFirst()
                .orElseThrow();
        assertThat(ruler.get("heldBy").asInt()).isZero();
        assertThat(ruler.get("lacking").valueStream().map(JsonNode::asString)).containsExactly("S1", "S2", "S3", "S4");
        assertThat(ruler.get("items").valueStream().map(each -> each.get("title")
                        .asString()))
                .contains("With the ruler");
        assertThat(lacks.valueStream().map(each -> each.get("name").asString()))
                .as("what the unit trains itself")
                .doesNotContain("Scale bars");
    }

    @Test
    void whatPreparesASkillIsTheQuickestFirstAndNothingThatIsPrivateToOthers() {
        long ruler = own.teacher
                .get("/api/classes/" + own.id + "/skill-map")
                .ok()
                .get("strands")
                .valueStream()
                .flatMap(strand -> strand.get("skills").valueStream())
                .filter(skill -> skill.get("name").asString().equals("Measuring with a ruler"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        JsonNode found = own.teacher.get("/api/preparing-items?skills=" + ruler).ok();
        assertThat(found).hasSize(1);
        List<Integer> minutes = found.get(0)
                .get("items")
                .valueStream()
                .map(item -> item.has("minutes") ? item.get("minutes").asInt() : Integer.MAX_VALUE)
                .toList();
        assertThat(minutes).isNotEmpty().isSorted();
        assertThat(found.get(0).get("items").valueStream().map(item -> item.get("title")
                        .asString()))
                .contains("With the ruler");
        assertThat(own.teacher
                        .get("/api/preparing-items?skills=99999999")
                        .ok()
                        .get(0)
                        .get("items"))
                .isEmpty();
    }

    @Test
    void aUnitKeepsItsOrderAndIsForItsMakerToChange() {
        long first = add("Whelk one", Map.of());
        long second = add("Whelk two", Map.of());
        Map<String, Object> wanted =
                Map.of("title", "Whelks", "about", "", "items", List.of(second, first), "skills", List.of());
        long id = own.teacher.post("/api/library/units", wanted).ok().get("id").asLong();
        assertThat(TestClass.ids(unit(own.teacher, id).get("items"))).containsExactly(second, first);
        HttpCaller idris = nobody().signInAdult("idris", "salt-marsh-5");
        assertThat(idris.call("DELETE", "/api/library/units/" + id, null).status())
                .isEqualTo(403);
        own.teacher.call("DELETE", "/api/library/units/" + id, null).done();
        own.teacher.post("/api/library/units/" + id + "/restored", null).done();
        assertThat(unit(own.teacher, id).get("title").asString()).isEqualTo("Whelks");
    }

    private static JsonNode unit(HttpCaller teacher, long id) {
        return teacher.get("/api/library/units")
                .ok()
                .valueStream()
                .filter(each -> each.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }
}
