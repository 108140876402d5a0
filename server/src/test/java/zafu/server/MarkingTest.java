package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Marking by hand, what it comes to, how a task went by question, and marks as they go out. */
class MarkingTest extends ServerTest {
    private TestClass own;
    private OwnWork work;
    private long first;

    @BeforeEach
    void aQuizThatThreeHandedIn() {
        clock.set(at("2027-02-09T09:00"));
        own = newClass("marking", 4);
        work = OwnWork.handedOut(own, Map.of("opens", "2027-02-08T09:00", "due", "2027-02-10T15:00"));
        first = work.done(1, List.of("0", "6"));
        work.done(2, List.of("0", "six"));
        work.done(3, List.of("1", "Six"));
    }

    private JsonNode sheet(String query) {
        return own.teacher.get("/api/tasks/" + work.task + "/marking" + query).ok();
    }

    private long question(int number) {
        return sheet("").get("questions").get(number - 1).get("sheet").get("id").asLong();
    }

    private void mark(long tryId, int question, Double points, String comment) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("points", points);
        wanted.put("comment", comment);
        own.teacher
                .put("/api/tries/" + tryId + "/answers/" + question(question) + "/mark", wanted)
                .done();
    }

    @Test
    void pointsByHandStandAsTypedUntilTheyAreTakenAway() {
        mark(first, 1, 0.5, "The wind helps, but it is not why.");
        assertThat(work.cell(1).get("earned").asDouble()).isEqualTo(1.5);
        mark(first, 1, null, "");
        assertThat(work.cell(1).get("earned").asDouble()).isEqualTo(1);
    }

    @Test
    void whatIsSaidOfAnAnswerReachesTheStudentWhenTheWorkIsGivenBack() {
        mark(first, 1, 0.5, "Look at the moon.");
        JsonNode before = own.signedIn(1).get("/api/my/tries/" + first).ok();
        assertThat(before.get("questions").get(0).has("comment")).isFalse();
        giveBack(true);
        JsonNode after = own.signedIn(1).get("/api/my/tries/" + first).ok();
        assertThat(after.get("questions").get(0).get("comment").asString()).isEqualTo("Look at the moon.");
        giveBack(false);
        assertThat(own.signedIn(1)
                        .get("/api/my/tries/" + first)
                        .ok()
                        .get("questions")
                        .get(0)
                        .has("comment"))
                .isFalse();
    }

    private void giveBack(boolean returned) {
        own.teacher
                .post("/api/tasks/" + work.task + "/returned", Map.of("tries", List.of(first), "returned", returned))
                .done();
    }

    @Test
    void anAnswerAcceptedOnceCountsForAllWhoGaveItAndCanBeTakenBack() {
        Map<String, Object> accepted = Map.of("questionId", question(2), "given", "six", "points", 1);
        own.teacher.post("/api/tasks/" + work.task + "/accepted", accepted).done();
        assertThat(work.cell(2).get("earned").asDouble()).isEqualTo(1);
        assertThat(work.cell(3).get("earned").asDouble()).isEqualTo(3);
        assertThat(work.cell(1).get("earned").asDouble()).isEqualTo(1);
        work.done(4, List.of("1", " SIX "));
        assertThat(work.cell(4).get("earned").asDouble()).isEqualTo(3);
        own.teacher
                .post("/api/tasks/" + work.task + "/accepted", Map.of("questionId", question(2), "given", "six"))
                .done();
        assertThat(work.cell(3).get("earned").asDouble()).isEqualTo(2);
    }

    @Test
    void oneGroupIsMarkedAloneAndNobodyElseIsCounted() {
        long arrangement = own.arrange(2);
        long lower = own.groups(arrangement).get(1);
        List<Long> members = sheet("?groupId=" + lower)
                .get("works")
                .valueStream()
                .map(each -> each.get("studentId").asLong())
                .toList();
        assertThat(members).isNotEmpty().hasSizeLessThan(3);
        members.forEach(
                id -> assertThat(TestClass.groupOf(own.bench(arrangement), id)).isEqualTo(lower));
    }

    @Test
    void namesAreHiddenOnRequest() {
        JsonNode hidden = sheet("?namesHidden=true");
        assertThat(hidden.get("works")).hasSize(3);
        hidden.get("works").forEach(each -> {
            assertThat(each.has("studentId")).isFalse();
            assertThat(each.get("givenName").asString() + each.get("familyName").asString())
                    .isEmpty();
        });
    }

    @Test
    void writtenWorkWaitsForAMarkOfItsOwnAndCountsOnceItHasOne() {
        OwnWork written = OwnWork.handedOut(own, Map.of());
        JsonNode now = own.task(written.task);
        Map<String, Object> base = own.version("Base", TestClass.forEveryone());
        base.put("id", now.get("versions").get(0).get("id").asLong());
        base.put("questions", List.of());
        base.put("instructions", "Write a letter to the keeper of the light.");
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("version", now.get("version").asLong());
        edit.put("name", "A letter");
        edit.put("way", "HAND_IN");
        edit.put("versions", List.of(base));
        own.teacher.put("/api/tasks/" + written.task, edit).ok();
        long tryId = written.done(1, List.of());
        JsonNode waiting = written.row(1).get("cells").get(1);
        assertThat(waiting.get("toMark").asInt()).isEqualTo(1);
        assertThat(waiting.has("earned")).isFalse();
        giveBackWithWords(tryId, true);
        assertThat(written.row(1).get("cells").get(1).has("toMark")).isFalse();
        giveBackWithWords(tryId, false);
        assertThat(written.row(1).get("cells").get(1).get("toMark").asInt()).isEqualTo(1);
        own.teacher
                .put("/api/tries/" + tryId + "/mark", Map.of("earned", 7.5, "possible", 10))
                .done();
        JsonNode marked = written.row(1).get("cells").get(1);
        assertThat(marked.has("toMark")).isFalse();
        assertThat(marked.get("earned").asDouble()).isEqualTo(7.5);
        assertThat(own.teacher
                        .put("/api/tries/" + tryId + "/mark", Map.of("earned", 7))
                        .status())
                .isEqualTo(422);
    }

    private void giveBackWithWords(long tryId, boolean returned) {
        own.teacher
                .put("/api/tries/" + tryId + "/remark", Map.of("text", "A good letter.", "returned", returned))
                .ok();
    }

    @Test
    void aQuestionCorrectedLaterDoesNotMarkAnewWhatIsDone() {
        JsonNode item =
                own.teacher.get("/api/library/items/" + itemOf(question(1))).ok();
        clock.set(at("2027-02-09T10:00"));
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("kind", "QUIZ");
        edit.put("title", item.get("title").asString());
        edit.put("version", item.get("version").asLong());
        List<Map<String, Object>> questions = new ArrayList<>();
        for (JsonNode each : item.get("questions")) {
            Map<String, Object> row = new LinkedHashMap<>();
            boolean choice = each.get("kind").asString().equals("SINGLE_CHOICE");
            row.put("id", each.get("id").asLong());
            row.put("kind", each.get("kind").asString());
            row.put("prompt", each.get("prompt").asString());
            row.put("points", each.get("points").asInt());
            row.put(
                    "body",
                    choice
                            ? Map.of("options", List.of("wind", "moon"), "right", 0)
                            : Map.of("value", 6, "tolerance", 0.5));
            questions.add(row);
        }
        edit.put("questions", questions);
        own.teacher.put("/api/library/items/" + item.get("id").asLong(), edit).ok();
        mark(first, 2, 0.5, "");
        assertThat(work.cell(1).get("earned").asDouble()).isEqualTo(0.5);
    }

    private long itemOf(long questionId) {
        return own.teacher
                .get("/api/library/questions?ids=" + questionId)
                .ok()
                .get(0)
                .get("itemId")
                .asLong();
    }

    @Test
    void howATaskWentIsSaidByQuestionGroupAndWrongAnswer() {
        long arrangement = own.arrange(2);
        JsonNode results = own.teacher
                .get("/api/tasks/" + work.task + "/results?arrangementId=" + arrangement)
                .ok();
        JsonNode one = results.get("questions").get(0);
        assertThat(one.get("share").asDouble()).isEqualTo(1.0 / 3, within(1e-9));
        assertThat(one.get("wrong")).hasSize(1);
        assertThat(one.get("wrong").get(0).get("given").asString()).isEqualTo("0");
        assertThat(TestClass.longs(one.get("missed"))).containsExactlyInAnyOrder(own.student(1), own.student(2));
        assertThat(one.get("shares")).hasSameSizeAs(results.get("groups"));
        int handedIn = 0;
        for (JsonNode group : results.get("groups")) {
            handedIn += group.get("handedIn").asInt();
        }
        assertThat(handedIn).isEqualTo(3);
        assertThat(one.get("asked").asInt()).isEqualTo(3);
    }

    @Test
    void marksGoOutAsASheetWithNumbersAndDays() throws IOException {
        byte[] xlsx = own.teacher
                .getBytes("/api/classes/" + own.id + "/marks-file?as=XLSX")
                .body();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(xlsx))) {
            List<Row> rows = book.getFirstSheet().read();
            Row student = rows.get(1);
            assertThat(student.getCellText(0)).isEqualTo("S1");
            assertThat(student.getCell(4).getType()).isEqualTo(CellType.NUMBER);
            assertThat(student.getCellAsNumber(4).orElseThrow().doubleValue()).isEqualTo(1);
            assertThat(student.getCellAsNumber(5).orElseThrow().doubleValue()).isEqualTo(33.33);
            assertThat(student.getCellAsDate(3).orElseThrow().toLocalDate()).isEqualTo("2027-02-09");
        }
        String csv = new String(
                own.teacher
                        .getBytes("/api/classes/" + own.id + "/marks-file?as=CSV")
                        .body(),
                StandardCharsets.UTF_8);
        assertThat(csv.lines().toList()).hasSize(5);
        assertThat(csv).contains("S3,Test,,2027-02-09,2.0,66.67");
    }

    @Test
    void everyMarkSaysHowItCameAboutAlsoOnAnEarlierDay() {
        JsonNode story = story(1, "");
        JsonNode part = story.get("categories").get(0).get("parts").get(0);
        assertThat(part.get("why").asString()).isEqualTo("MARKED");
        assertThat(part.get("earned").asDouble()).isEqualTo(1);
        assertThat(part.get("number").asInt()).isEqualTo(1);
        assertThat(story.get("mark").asDouble()).isEqualTo(1.0 / 3, within(1e-9));
        JsonNode before = story(1, "?asOf=2027-02-08");
        assertThat(before.has("mark")).isFalse();
        assertThat(before.get("categories")
                        .get(0)
                        .get("parts")
                        .get(0)
                        .get("why")
                        .asString())
                .isEqualTo("NOT_DUE");
    }

    private JsonNode story(int number, String query) {
        return own.teacher
                .get("/api/classes/" + own.id + "/marks/" + own.student(number) + query)
                .ok();
    }

    @Test
    void categoriesWeighAndATaskCanBeLeftOut() {
        OwnWork second = OwnWork.handedOut(own, Map.of());
        second.done(1, OwnWork.ALL_RIGHT);
        JsonNode set = own.teacher
                .put(
                        "/api/classes/" + own.id + "/marking",
                        Map.of(
                                "missingIsZero", false,
                                "latePercentPerDay", 0,
                                "lateMostPercent", 0,
                                "lowPercent", 60,
                                "version", 0,
                                "categories",
                                        List.of(
                                                Map.of("name", "Quizzes", "weight", 75),
                                                Map.of("name", "Practice", "weight", 25))))
                .ok();
        long practice = set.get("categories").get(1).get("id").asLong();
        setTask(second.task, practice, true);
        assertThat(work.row(1).get("mark").asDouble()).isEqualTo(0.75 / 3 + 0.25, within(1e-9));
        setTask(second.task, practice, false);
        assertThat(work.row(1).get("mark").asDouble()).isEqualTo(1.0 / 3, within(1e-9));
    }

    private void setTask(long task, long category, boolean counts) {
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/marking/tasks",
                        Map.of("tasks", List.of(task), "categoryId", category, "counts", counts, "counting", "LAST"))
                .ok();
    }

    @Test
    void aColumnBecomesAMeasureByWhichGroupsAreFormed() {
        String path = "/api/classes/" + own.id + "/progress/tasks/" + work.task + "/measure";
        long measure = own.teacher.post(path, null).ok().get("measureId").asLong();
        assertThat(scoresOn(measure)).containsExactly(33.3, 0.0, 66.7);
        assertThat(own.teacher.post(path, null).ok().get("measureId").asLong()).isEqualTo(measure);
        assertThat(scoresOn(measure)).hasSize(3);
        mark(first, 1, 2.0, "");
        own.teacher.post(path, null).ok();
        assertThat(scoresOn(measure)).containsExactly(100.0, 0.0, 66.7);
        OwnWork untouched = OwnWork.handedOut(own, Map.of());
        assertThat(own.teacher
                        .post("/api/classes/" + own.id + "/progress/tasks/" + untouched.task + "/measure", null)
                        .status())
                .isEqualTo(409);
    }

    /** The last value of each student on a measure, by given name. */
    private List<Double> scoresOn(long measure) {
        return own.teacher
                .get("/api/classes/" + own.id + "/growth?measureId=" + measure)
                .ok()
                .get("groups")
                .get(0)
                .get("students")
                .valueStream()
                .map(each -> each.get("points"))
                .filter(points -> !points.isEmpty())
                .map(points -> points.get(points.size() - 1).get("value").asDouble())
                .toList();
    }

    @Test
    void phrasesAreOnesOwn() {
        JsonNode kept = own.teacher
                .post("/api/phrases", Map.of("words", "Look at the moon."))
                .ok();
        long id = kept.get(0).get("id").asLong();
        assertThat(own.teacher
                        .post("/api/phrases", Map.of("words", " Look at the moon. "))
                        .ok())
                .hasSameSizeAs(kept);
        assertThat(own.teacher.call("DELETE", "/api/phrases/" + id, null).ok()).hasSize(kept.size() - 1);
    }
}
