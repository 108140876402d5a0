package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Scores that are typed, and the measures they are typed on. */
class ScoreSheetTest extends ServerTest {
    private static Map<String, Object> measure(String name, List<String> levels) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("name", name);
        wanted.put("unit", "");
        wanted.put("lowest", 0);
        wanted.put("highest", 60);
        wanted.put("decimals", 1);
        wanted.put("lowerIsBetter", false);
        wanted.put("levels", levels);
        wanted.put("whichCounts", "LATEST");
        wanted.put("shelfLifeDays", 120);
        wanted.put("archived", false);
        return wanted;
    }

    private static long make(HttpCaller teacher, Map<String, Object> wanted) {
        return teacher.post("/api/measures", wanted).ok().get("id").asLong();
    }

    private static JsonNode type(TestClass own, long measure, String... cells) {
        List<Map<String, Object>> typed = new ArrayList<>();
        for (int i = 0; i < cells.length; i++) {
            typed.add(Map.of("studentId", own.student(i + 1), "measureId", measure, "typed", cells[i]));
        }
        return own.teacher
                .put("/api/classes/" + own.id + "/score-sheet", Map.of("on", "2027-02-09", "cells", typed))
                .ok()
                .get("cells");
    }

    private static List<String> column(TestClass own, long measure) {
        JsonNode sheet = own.teacher
                .get("/api/classes/" + own.id + "/score-sheet?on=2027-02-09")
                .ok();
        List<Long> measures = TestClass.ids(sheet.get("measures"));
        int place = measures.indexOf(measure);
        return sheet.get("lines")
                .valueStream()
                .map(line -> line.get("cells").get(place).asString())
                .toList();
    }

    @Test
    void goodCellsAreKeptAndBadOnesAreNamedAndKeptNowhere() {
        TestClass own = newClass("typed", 5);
        long measure = make(own.teacher, measure("Typed points", List.of()));
        JsonNode kept = type(own, measure, "12,5", "abs", "sixty", "61", "7.25");
        assertThat(kept.valueStream().map(cell -> cell.path("fault").asString("")))
                .containsExactly(
                        "",
                        "",
                        "\"sixty\" is no number.",
                        "\"61\" is outside 0 to 60.",
                        "\"7.25\" should have 1 decimals at most.");
        assertThat(column(own, measure)).containsExactly("12.5", "abs", "", "", "");
        assertThat(own.row(1).get("scores").get(1).get("value").asDouble()).isEqualTo(12.5);
    }

    @Test
    void aCellTypedOverOrEmptiedCountsNoLonger() {
        TestClass own = newClass("typed over", 2);
        long measure = make(own.teacher, measure("Typed over points", List.of()));
        type(own, measure, "12", "13");
        type(own, measure, "15", "");
        assertThat(column(own, measure)).containsExactly("15", "");
        assertThat(own.row(1).get("scores").get(1).get("history")).hasSize(1);
        assertThat(own.row(2).get("scores")).hasSize(1);
    }

    @Test
    void levelsAreTypedAndShownByTheirNames() {
        TestClass own = newClass("levels typed", 3);
        long measure = make(own.teacher, measure("Text level A to F", List.of("A", "B", "C", "D", "E", "F")));
        JsonNode kept = type(own, measure, "c", "F", "G");
        assertThat(kept.get(2).get("fault").asString()).isEqualTo("\"G\" is no level from A to F.");
        assertThat(column(own, measure)).containsExactly("C", "F", "");
        assertThat(own.row(1).get("scores").get(1).get("value").asInt()).isEqualTo(2);
        JsonNode bench = own.bench(own.arrange(1));
        assertThat(bench.get("students")).hasSize(3);
    }

    @Test
    void scoresAreNotOfADayToCome() {
        TestClass own = newClass("tomorrow", 1);
        Map<String, Object> cell = Map.of("studentId", own.student(1), "measureId", 1, "typed", "5");
        HttpCaller.Answer refused = own.teacher.put(
                "/api/classes/" + own.id + "/score-sheet", Map.of("on", "2027-02-10", "cells", List.of(cell)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("fields").get(0).get("field").asString()).isEqualTo("on");
    }

    @Test
    void theBestOrTheMeanCountsWhereTheMeasureSaysSo() {
        TestClass own = newClass("which counts", 1);
        Map<String, Object> wanted = measure("Which counts", List.of());
        wanted.put("whichCounts", "BEST");
        long measure = make(own.teacher, wanted);
        own.bringIn("2026-11-16", "Name,Which counts\nS1 Test,30\n");
        own.bringIn("2027-02-02", "Name,Which counts\nS1 Test,20\n");
        assertThat(own.row(1).get("scores").get(1).get("value").asInt()).isEqualTo(30);
        wanted.put("whichCounts", "MEAN");
        wanted.put("meanOf", 2);
        own.teacher.put("/api/measures/" + measure, wanted).done();
        assertThat(own.row(1).get("scores").get(1).get("value").asInt()).isEqualTo(25);
    }

    @Test
    void aScaleIsNotNarrowedBelowValuesThatAreThere() {
        TestClass own = newClass("narrow scale", 1);
        Map<String, Object> wanted = measure("Narrow scale", List.of());
        long measure = make(own.teacher, wanted);
        type(own, measure, "55");
        wanted.put("highest", 50);
        HttpCaller.Answer refused = own.teacher.put("/api/measures/" + measure, wanted);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("1 score on \"Narrow scale\" would lie outside the new scale. Widen it.");
    }

    @Test
    void benchmarksAscendAndNameTheBandOfAGradeAndSeason() {
        TestClass own = newClass("cuts", 2);
        long measure = make(own.teacher, measure("With cuts", List.of()));
        String path = "/api/measures/" + measure + "/cuts";
        List<Map<String, Object>> falling =
                List.of(Map.of("score", 30, "name", "at"), Map.of("score", 20, "name", "above"));
        assertThat(own.teacher
                        .put(path, Map.of("grade", 5, "season", "WINTER", "cuts", falling))
                        .status())
                .isEqualTo(422);
        List<Map<String, Object>> rising =
                List.of(Map.of("score", 20, "name", "at"), Map.of("score", 30, "name", "above"));
        own.teacher
                .put(path, Map.of("grade", 5, "season", "WINTER", "cuts", rising))
                .done();
        type(own, measure, "20", "19.5");
        assertThat(own.row(1).get("scores").get(1).get("bandName").asString()).isEqualTo("at");
        assertThat(own.row(2).get("scores").get(1).get("band").asInt()).isZero();
        assertThat(own.teacher.get(path).ok().get(0).get("cuts")).hasSize(2);
    }

    @Test
    void twoMeasuresOfOneNameAreRefused() {
        HttpCaller teacher = teacher();
        make(teacher, measure("Once only", List.of()));
        HttpCaller.Answer refused = teacher.post("/api/measures", measure("ONCE only", List.of()));
        assertThat(refused.body().get("detail").asString()).isEqualTo("There is a measure \"ONCE only\" already.");
        Map<String, Object> oneLevel = measure("One level", List.of("A"));
        assertThat(teacher.post("/api/measures", oneLevel).status()).isEqualTo(422);
    }

    @Test
    void aStudentsScoresAreShownOverTimeWithTheirCuts() {
        TestClass own = newClass("history", 1);
        own.bringIn("2026-11-16", "Name,Tideline reading scale\nS1 Test,abs\n");
        JsonNode reading = own.teacher
                .get("/api/students/" + own.student(1) + "/scores")
                .ok()
                .get("measures")
                .get(0);
        assertThat(reading.get("points").valueStream().map(point -> point.get("takenOn")
                        .asString()))
                .containsExactly("2026-11-16", "2027-02-02");
        assertThat(reading.get("points").get(0).get("reason").asString()).isEqualTo("abs");
        assertThat(reading.get("cuts").valueStream().map(cut -> cut.get("score").asInt()))
                .containsExactly(521, 682, 822);
    }
}
