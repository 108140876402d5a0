package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

class ClassListTest extends ServerTest {
    private static final String LIST =
            """
            Name;Grade;Tideline reading scale;Spelling
            Sjövik, Linnea;5;735;7,5
            "O'Dunmore,
            Ivo";Gr. 5;688;abs
            Quillón, Mateo;;-;n/a
            """;

    static Stream<Arguments> theSameListInEveryDress() {
        String commas = LIST.replace("Sjövik, Linnea", "Linnea Sjövik")
                .replace("Quillón, Mateo", "Mateo Quillón")
                .replace("7,5", "7.5")
                .replace(';', ',');
        return Stream.of(
                Arguments.of("UTF-8 with semicolons", bytes(LIST, StandardCharsets.UTF_8)),
                Arguments.of("UTF-8 with a mark", bytes("\uFEFF" + LIST, StandardCharsets.UTF_8)),
                Arguments.of("UTF-16 with a mark", bytes("\uFEFF" + LIST, StandardCharsets.UTF_16LE)),
                Arguments.of("UTF-16 without a mark", bytes(LIST, StandardCharsets.UTF_16BE)),
                Arguments.of("Windows-1252", bytes(LIST, Charset.forName("windows-1252"))),
                Arguments.of("tabs", bytes(LIST.replace(';', '\t'), StandardCharsets.UTF_8)),
                Arguments.of("Windows line ends", bytes(LIST.replace("\n", "\r\n"), StandardCharsets.UTF_8)),
                Arguments.of("commas", bytes(commas, StandardCharsets.UTF_8)));
    }

    private static byte[] bytes(String text, Charset charset) {
        return text.getBytes(charset);
    }

    private static Map<String, Object> wanted(String className) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("className", className);
        wanted.put("grade", 5);
        wanted.put("takenOn", "2027-02-02");
        return wanted;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("theSameListInEveryDress")
    void isReadTheSame(String dress, byte[] file) {
        JsonNode preview = teacher()
                .upload("/api/class-lists/preview", file, wanted("6 Tern"))
                .ok();
        assertThat(preview.get("good").asInt()).isEqualTo(3);
        assertThat(preview.get("rows")
                        .valueStream()
                        .map(row -> row.get("givenName").asString() + "|"
                                + row.get("familyName").asString() + "|"
                                + row.get("scores")
                                        .valueStream()
                                        .map(score -> score.has("value")
                                                ? score.get("value").asString()
                                                : "none")
                                        .toList()))
                .containsExactly(
                        "Linnea|Sjövik|[735.0, 7.5]", "Ivo|O'Dunmore|[688.0, none]", "Mateo|Quillón|[none, none]");
        assertThat(preview.get("columns")
                        .valueStream()
                        .map(column -> column.get("use").get("as").asString()))
                .containsExactly("FULL_NAME", "GRADE", "SCORE", "SCORE");
    }

    @Test
    void everyRowSaysItsProblemAndTheGoodOnesAreTaken() {
        String list =
                """
                Given name,Family name,Grade,Tideline reading scale
                Umi,Ilves,5,571
                ,,5,600
                Umi,Ilves,5,575
                Viggo,Brandt,5,5O1
                Zora,Fennick,5,1201
                Hana,Pellow,five,742
                Greta,Castellan,5,590,too much
                Юки,Морозова,5,640
                """;
        HttpCaller teacher = teacher();
        JsonNode preview = teacher.upload(
                        "/api/class-lists/preview", list.getBytes(StandardCharsets.UTF_8), wanted("7 Tern"))
                .ok();
        assertThat(preview.get("rows").valueStream().map(row -> row.path("problem")
                        .asString("")))
                .containsExactly(
                        "",
                        "Row 3 has no name.",
                        "Row 4 names Umi Ilves, who stands in row 2 already.",
                        "",
                        "",
                        "Row 7 has \"five\" as grade, which is none from 0 to 13.",
                        "Row 8 has 5 cells, but the file has 4 columns: one separator too many.",
                        "");
        assertThat(preview.get("waiting").asInt()).isEqualTo(2);
        HttpCaller.Answer refused =
                teacher.upload("/api/class-lists", list.getBytes(StandardCharsets.UTF_8), wanted("7 Tern"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("2 questions about the file must be answered first", "1201");
        Map<String, Object> answered = wanted("7 Tern");
        answered.put("answers", Map.of("cells:3:OUTSIDE", "ROWS_OUT", "cells:3:WORDS", "ROWS_OUT"));
        JsonNode taken = teacher.upload("/api/class-lists", list.getBytes(StandardCharsets.UTF_8), answered)
                .ok();
        assertThat(taken.get("newStudents").asInt()).isEqualTo(2);
        assertThat(taken.get("leftOut").asInt()).isEqualTo(6);
        JsonNode students = teacher.get("/api/classes/" + taken.get("classId").asLong() + "/students")
                .ok();
        assertThat(students.valueStream().map(each -> each.get("givenName").asString()))
                .containsExactlyInAnyOrder("Umi", "Юки");
    }

    static Stream<Arguments> filesThatAreNoClassList() {
        return Stream.of(
                Arguments.of(new byte[0], "The file is empty."),
                Arguments.of(bytes(" \n\n", StandardCharsets.UTF_8), "The file is empty."),
                Arguments.of(new byte[] {'P', 'K', 3, 4, 0, 0, 1, 2, 9, 9}, "The file is damaged"),
                Arguments.of(bytes("<html><body>hello", StandardCharsets.UTF_8), "The file is not a table of text"),
                Arguments.of(bytes("just words\nand more", StandardCharsets.UTF_8), "The file has only one column."),
                Arguments.of(bytes("Name,Score\n", StandardCharsets.UTF_8), "The file has column names but no row"),
                Arguments.of(
                        bytes("Name,Score,score\nUmi,1,2\n", StandardCharsets.UTF_8),
                        "Two columns are called \"score\"."));
    }

    @ParameterizedTest
    @MethodSource("filesThatAreNoClassList")
    void whatIsNoClassListSaysSoInASentence(byte[] file, String sentence) {
        HttpCaller.Answer refused = teacher().upload("/api/class-lists/preview", file, wanted("x"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).startsWith(sentence);
    }

    @Test
    void aFileOverFiveMegabytesIsRefused() {
        HttpCaller.Answer refused = teacher().upload("/api/class-lists/preview", new byte[5_300_000], wanted("x"));
        assertThat(refused.status()).isEqualTo(413);
        assertThat(refused.body().get("detail").asString()).startsWith("The file is over 5 MB.");
    }

    @Test
    void whenTakingFailsNothingIsTaken() {
        HttpCaller teacher = teacher();
        int before = teacher.get("/api/classes").ok().get("classes").size();
        Map<String, Object> wanted = wanted("8 Tern");
        wanted.put(
                "columns",
                List.of(
                        Map.of("column", 0, "as", "FULL_NAME"),
                        Map.of("column", 1, "as", "SCORE", "newMeasure", "Words per minute", "highest", 100)));
        byte[] file = bytes("Name,Words\nUmi Ilves,75\n", StandardCharsets.UTF_8);
        HttpCaller.Answer refused = teacher.upload("/api/class-lists", file, wanted);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(teacher.get("/api/classes").ok().get("classes")).hasSize(before);
    }

    @Test
    void aSecondListAddsScoresToTheStudentsItKnows() {
        TestClass own = newClass("again", 3);
        Map<String, Object> wanted = wanted("");
        wanted.put("classId", own.id);
        wanted.put("takenOn", "2027-02-08");
        byte[] file = bytes("Name,Tideline reading scale\ns1 TEST,333\nNew One,400\n", StandardCharsets.UTF_8);
        JsonNode taken = own.teacher.upload("/api/class-lists", file, wanted).ok();
        assertThat(taken.get("newStudents").asInt()).isEqualTo(1);
        assertThat(taken.get("knownStudents").asInt()).isEqualTo(1);
        assertThat(own.row(1).get("scores").get(0).get("value").asInt()).isEqualTo(333);
    }

    /** Both lists count their rows. Once the second took the place of the children of the first, "all of them good". */
    @Test
    void aSecondClassWithRowsNumberedFromOneLeavesTheFirstAlone() {
        HttpCaller teacher = teacher();
        String first = "No.,Name,Tideline reading scale\n90001,Orrin Vale,500\n90002,Tamsin Reef,510\n";
        String second = "No.,Name,Tideline reading scale\n90001,Ilka Strand,400\n90002,Bram Holt,410\n";
        JsonNode taken = teacher.upload(
                        "/api/class-lists", first.getBytes(StandardCharsets.UTF_8), wanted("first of two"))
                .ok();
        JsonNode preview = teacher.upload(
                        "/api/class-lists/preview", second.getBytes(StandardCharsets.UTF_8), wanted("second of two"))
                .ok();
        assertThat(preview.get("good").asInt()).isZero();
        assertThat(preview.get("questions").get(0).get("key").asString()).isEqualTo("numbers:0");
        assertThat(teacher.upload("/api/class-lists", second.getBytes(StandardCharsets.UTF_8), wanted("second of two"))
                        .status())
                .isEqualTo(422);
        assertThat(teacher.get("/api/classes/" + taken.get("classId") + "/students")
                        .text())
                .contains("Orrin", "Tamsin")
                .doesNotContain("Ilka", "Bram");
    }

    @Test
    void whatIsPassedOverStandsInThePreview() {
        String list = "Grade 6 screening,,\nName,Grade,Tideline reading scale\nOrrin Vale,6,500\nAverage,,500\n";
        JsonNode preview = teacher()
                .upload("/api/class-lists/preview", list.getBytes(StandardCharsets.UTF_8), wanted("6 Curlew"))
                .ok();
        assertThat(preview.get("good").asInt()).isEqualTo(1);
        assertThat(preview.get("passedOver")).hasSize(2);
    }
}
