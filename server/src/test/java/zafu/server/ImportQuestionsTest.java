package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What is not sure about a file is asked before anything of it is taken, and remembered for the next of its kind. */
class ImportQuestionsTest extends ServerTest {
    private static HttpCaller.Answer send(TestClass own, String path, String list, Map<String, String> answers) {
        Map<String, Object> wanted = new LinkedHashMap<>(own.listOf("2027-02-08"));
        wanted.put("answers", answers);
        return own.teacher.upload("/api/class-lists" + path, list.getBytes(StandardCharsets.UTF_8), wanted);
    }

    private static JsonNode preview(TestClass own, String list, Map<String, String> answers) {
        return send(own, "/preview", list, answers).ok();
    }

    @Test
    void nothingIsTakenWhileAQuestionIsOpen() {
        TestClass own = newClass("asked first", 2);
        String list = "Name,Tideline reading scale\nS1 Test,<200\nS2 Test,333\n";
        assertThat(send(own, "", list, Map.of()).status()).isEqualTo(422);
        assertThat(own.row(2).get("scores").get(0).get("value").asInt()).isEqualTo(110);
        JsonNode taken = send(own, "", list, Map.of("cells:1:BELOW", "NOTED")).ok();
        assertThat(taken.get("scores").asInt()).isEqualTo(1);
        assertThat(own.row(2).get("scores").get(0).get("value").asInt()).isEqualTo(333);
    }

    @Test
    void theNextFileOfTheseColumnsIsReadWithoutAQuestionUnlessItIsReadAfresh() {
        TestClass own = newClass("asked once", 2);
        String header = "Name,Tideline reading scale,Seen " + own.id + "\n";
        send(own, "", header + "S1 Test,<200,x\n", Map.of("cells:1:BELOW", "NUMBER"))
                .ok();
        JsonNode next = preview(own, header + "S2 Test,<300,x\n", Map.of());
        assertThat(next.get("remembered").asBoolean()).isTrue();
        assertThat(next.get("questions").get(0).get("answer").asString()).isEqualTo("NUMBER");
        assertThat(next.get("changes").get(0).get("willBe").asString()).isEqualTo("300 on 2027-02-08");
        Map<String, Object> afresh = new LinkedHashMap<>(own.listOf("2027-02-08"));
        afresh.put("afresh", true);
        JsonNode again = own.teacher
                .upload(
                        "/api/class-lists/preview",
                        (header + "S2 Test,<300,x\n").getBytes(StandardCharsets.UTF_8),
                        afresh)
                .ok();
        assertThat(again.get("questions").get(0).has("answer")).isFalse();
    }

    @Test
    void aColumnThatWasChosenByHandIsTheSameNextTime() {
        TestClass own = newClass("column once", 2);
        String header = "Name,Told " + own.id + "\n";
        Map<String, Object> wanted = new LinkedHashMap<>(own.listOf("2027-02-08"));
        wanted.put("columns", List.of(Map.of("column", 1, "as", "TAGS")));
        own.teacher
                .upload("/api/class-lists", (header + "S1 Test,7\n").getBytes(StandardCharsets.UTF_8), wanted)
                .ok();
        JsonNode column =
                preview(own, header + "S2 Test,8\n", Map.of()).get("columns").get(1);
        assertThat(column.get("use").get("as").asString()).isEqualTo("TAGS");
        assertThat(column.get("why").asString()).isEqualTo("as last time");
    }

    @Test
    void thePreviewSaysWhatIsHereAndWhatItWillBe() {
        TestClass own = newClass("old and new", 2);
        String list = "Given name,Family name,Number,Grade,Tideline reading scale\n" + "S1,Test,own-" + own.id
                + ",6,100\nNew,One,,5,500\n";
        JsonNode preview = preview(own, list, Map.of());
        assertThat(preview.get("newStudents").asInt()).isEqualTo(1);
        assertThat(preview.get("changedStudents").asInt()).isEqualTo(1);
        assertThat(preview.get("changes")
                        .valueStream()
                        .map(each -> each.get("row").asInt() + " "
                                + each.get("what").asString() + ": "
                                + each.get("now").asString() + " → "
                                + each.get("willBe").asString()))
                .containsExactly(
                        "2 grade: 5 → 6",
                        "2 number:  → own-" + own.id,
                        "2 Tideline reading scale: 100 on 2027-02-02 → 100 on 2027-02-08",
                        "3 new student:  → grade 5",
                        "3 Tideline reading scale:  → 500 on 2027-02-08");
    }

    /** Once every such row was refused. */
    @Test
    void aSchoolsOwnWordsForNeedsAreAskedAboutOnceForEverybody() {
        TestClass own = newClass("needs in words", 3);
        String word = "Harbour hour " + own.id;
        String list = "Name,Need\nS1 Test," + word + "\nS2 Test,Time and a half\n";
        String key = "need:" + word.toLowerCase();
        assertThat(preview(own, list, Map.of())
                        .get("questions")
                        .get(0)
                        .get("key")
                        .asString())
                .isEqualTo(key);
        JsonNode taken = send(own, "", list, Map.of(key, "extended time 2")).ok();
        assertThat(taken.get("needs").asInt()).isEqualTo(2);
        JsonNode next = preview(own, "Pupil,Accommodation\nS3 Test," + word + "\n", Map.of());
        assertThat(next.get("questions")).isEmpty();
        assertThat(next.get("changes").get(0).get("willBe").asString()).isEqualTo("extended time 2");
        JsonNode known = teacher().get("/api/school/need-words").ok();
        long id = known.valueStream()
                .filter(each -> each.get("word").asString().equals(word))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        teacher().call("DELETE", "/api/school/need-words/" + id, null).done();
        assertThat(preview(own, list, Map.of()).get("questions").get(0).has("answer"))
                .isFalse();
    }

    @Test
    void whatIsTooLongToBeRememberedIsNotAFaultOfOurs() {
        TestClass own = newClass("too long", 1);
        JsonNode row = preview(own, "Name,Need\nS1 Test," + "x".repeat(500) + "\n", Map.of())
                .get("rows")
                .get(0);
        assertThat(row.get("problem").asString()).contains("more than 120 letters");
        Map<String, Object> wanted = new LinkedHashMap<>(own.listOf("2027-02-08"));
        List<Map<String, Object>> columns = new ArrayList<>();
        StringBuilder header = new StringBuilder("Name");
        for (int i = 1; i < 190; i++) {
            header.append(",c").append(i);
            columns.add(Map.of("column", i, "as", "NOTHING", "newMeasure", "y".repeat(200)));
        }
        wanted.put("columns", columns);
        own.teacher
                .upload("/api/class-lists", (header + "\nNew One\n").getBytes(StandardCharsets.UTF_8), wanted)
                .ok();
    }

    /** A skill that a list had made once stayed after its undo, and was offered to all. */
    @Test
    void aSkillThatAListMadeIsPutAwayWithItAndComesBackWithTheNext() {
        TestClass own = newClass("skill undone", 1);
        String skill = "Tying " + own.id;
        String list = "Name," + skill + "\nS1 Test,80 %\n";
        long taken = send(own, "", list, Map.of()).ok().get("importId").asLong();
        assertThat(own.teacher.get("/api/skills").text()).contains(skill);
        own.teacher.post("/api/imports/" + taken + "/undo", null).done();
        assertThat(own.teacher.get("/api/skills").text()).doesNotContain(skill);
        send(own, "", list, Map.of()).ok();
        assertThat(own.teacher.get("/api/skills").text()).contains(skill);
    }

    /** Where most numbers are other children's, one question is asked and not twenty. */
    @Test
    void aColumnOfOtherChildrensNumbersIsOneQuestion() {
        TestClass first = newClass("numbered", 1);
        String column = "Name,Number\n";
        StringBuilder theirs = new StringBuilder(column);
        StringBuilder ours = new StringBuilder(column);
        List<String> names = List.of("Orrin Vale", "Tamsin Reef", "Ilka Strand", "Bram Holt");
        for (int i = 0; i < names.size(); i++) {
            theirs.append(names.get(i)).append(",q-").append(i).append('\n');
            ours.append(names.get(names.size() - 1 - i)).append(",q-").append(i).append('\n');
        }
        send(first, "", theirs.toString(), Map.of()).ok();
        TestClass second = newClass("numbered otherwise", 1);
        JsonNode asked = preview(second, ours.toString(), Map.of());
        assertThat(asked.get("questions")).hasSize(1);
        JsonNode taken = send(second, "", ours.toString(), Map.of("numbers:1", "NOTHING"))
                .ok();
        assertThat(taken.get("newStudents").asInt()).isEqualTo(4);
        assertThat(first.screen("text=Orrin")
                        .get("students")
                        .get(0)
                        .get("studentNumber")
                        .asString())
                .isEqualTo("q-0");
    }
}
