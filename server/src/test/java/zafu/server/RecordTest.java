package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zafu.server.demo.HttpCaller;

/** What a family may ask for. */
@ExtendWith(OutputCaptureExtension.class)
class RecordTest extends ServerTest {
    private static final String PLANTED = "Qzwertyplover";

    @Autowired
    JdbcTemplate jdbc;

    private TestClass withAWholeLife(String name) {
        TestClass own = newClass(name, 2);
        own.arrange(1);
        own.grant(1, "READ_ALOUD", null).ok();
        own.bringIn("2027-02-08", "Name,Tags,Find the ratio\nS1 Test,crew,90 %\n");
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/pair-notes",
                        Map.of("oneId", own.student(1), "otherId", own.student(2), "kind", "WORKS_WELL", "weight", 1))
                .done();
        long survey = own.teacher
                .post("/api/classes/" + own.id + "/surveys", Map.of("question", "Which?", "options", List.of("a", "b")))
                .ok()
                .get("id")
                .asLong();
        long task = own.draft(TestClass.targets(true, List.of(), List.of(own.student(1)), List.of()));
        own.handOut(task, false).ok();
        HttpCaller student = own.signedIn(1);
        long option = student.get("/api/my/surveys")
                .ok()
                .get(0)
                .get("options")
                .get(0)
                .get("id")
                .asLong();
        student.put("/api/my/surveys/" + survey, Map.of("ranked", List.of(option)))
                .done();
        JsonNode page = student.post("/api/my/tasks/" + task + "/tries", null).ok();
        student.put(
                        "/api/my/tries/" + page.get("id").asLong() + "/answers/"
                                + page.get("questions").get(0).get("id").asLong(),
                        Map.of("given", "1"))
                .ok();
        return own;
    }

    @Test
    void theRecordHoldsEveryPartAndNobodyElse() {
        TestClass own = withAWholeLife("record");
        JsonNode record =
                own.teacher.get("/api/students/" + own.student(1) + "/record").ok();
        for (String part :
                List.of("tags", "classes", "groups", "needs", "scores", "skills", "wishes", "work", "works with")) {
            assertThat(record.get(part)).as(part).isNotEmpty();
        }
        assertThat(record.toString()).doesNotContain("S2");
    }

    /** One word that stands nowhere else is put wherever something about a student can be said, and looked for afterwards. */
    @Test
    void noWordAboutAnErasedStudentIsLeftAnywhere(CapturedOutput log) throws IOException {
        TestClass own = withAWholeLife("planted");
        long student = own.student(1);
        String path = "/api/students/" + student;
        JsonNode sheet = own.teacher.get(path).ok();
        ObjectNode facts = (ObjectNode) sheet.get("facts");
        facts.put("givenName", PLANTED).put("familyName", PLANTED).put("studentNumber", PLANTED + "7");
        own.teacher
                .put(path, Map.of("version", sheet.get("version").asLong(), "facts", facts, "tags", List.of(PLANTED)))
                .done();
        // A list that names somebody otherwise keeps the name before, to be taken back.
        own.bringIn(
                "2027-02-09",
                "Student number,Given name,Family name,Find the ratio\n" + PLANTED + "7,S1," + PLANTED + "s,70 %\n");
        Map<String, Object> need = new LinkedHashMap<>(Map.of(
                "support",
                "READ_ALOUD",
                "detail",
                PLANTED,
                "works",
                List.of(),
                "subjects",
                List.of(),
                "source",
                PLANTED));
        own.teacher.post(path + "/accommodations", need).done();
        plantInWork(own);
        plantInCorner(own);
        assertThat(inFiles()).isEqualTo(2);
        assertThat(everything().stream().filter(line -> line.startsWith("import_change ")))
                .anyMatch(line -> line.contains(PLANTED));
        own.teacher.post(path + "/erase", Map.of("name", "S1 " + PLANTED + "s")).done();
        assertThat(everything().stream().filter(line -> line.contains(PLANTED))).isEmpty();
        assertThat(inFiles()).isZero();
        String backup =
                own.teacher.post("/api/school/backups", null).ok().get("name").asString();
        assertThat(inBackup(backup)).isZero();
        assertThat(log.getAll()).doesNotContain(PLANTED);
    }

    /** Answers, also one that came late, a text, a file, and what adults say of it. */
    private static void plantInWork(TestClass own) {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        JsonNode page = task.start(1);
        String tryPath = "/api/my/tries/" + page.get("id").asLong();
        long question = page.get("questions").get(0).get("id").asLong();
        HttpCaller student = own.signedIn(1);
        Map<String, Object> given = Map.of("given", PLANTED);
        student.put(tryPath + "/answers/" + question, given).ok();
        student.uploadFile(
                        tryPath + "/files", (PLANTED + " by hand").getBytes(StandardCharsets.UTF_8), PLANTED + ".txt")
                .ok();
        student.post(tryPath + "/hand-in", null).ok();
        student.put(tryPath + "/answers/" + question, given).ok();
        own.teacher
                .put("/api/tries/" + page.get("id").asLong() + "/remark", Map.of("text", PLANTED, "returned", true))
                .done();
    }

    private static void plantInCorner(TestClass own) {
        long group = own.groups(own.arrange(1)).get(0);
        OwnCorner corner = new OwnCorner(own, group);
        Map<String, Object> open = Map.of(
                "meetingAddress",
                "",
                "meetsHere",
                false,
                "studentsAdd",
                true,
                "version",
                corner.shown().get("version").asLong());
        own.teacher.put("/api/corners/" + corner.id, open).done();
        HttpCaller student = own.signedIn(1);
        student.post("/api/my/talks/" + corner.talk + "/posts", Map.of("text", PLANTED))
                .done();
        byte[] shared = (PLANTED + " for all").getBytes(StandardCharsets.UTF_8);
        assertThat(student.uploadFile("/api/my/corners/" + corner.id + "/files", shared, PLANTED + ".txt")
                        .status())
                .isLessThan(300);
    }

    private static long inFiles() throws IOException {
        try (Stream<Path> all = Files.walk(Path.of("target/test-data/files"))) {
            return all.filter(Files::isRegularFile)
                    .filter(RecordTest::holdsTheWord)
                    .count();
        }
    }

    private static boolean holdsTheWord(Path file) {
        try {
            return new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains(PLANTED);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static long inBackup(String name) throws IOException {
        try (Stream<Path> all = Files.walk(Path.of("target/test-data"))) {
            Path made = all.filter(each -> each.endsWith(name)).findFirst().orElseThrow();
            try (ZipFile zip = new ZipFile(made.toFile())) {
                long found = 0;
                for (ZipEntry entry : Collections.list(zip.entries())) {
                    byte[] part = zip.getInputStream(entry).readAllBytes();
                    found += new String(part, StandardCharsets.UTF_8).contains(PLANTED) ? 1 : 0;
                }
                return found;
            }
        }
    }

    /** A column that nobody has thought about could keep what is said of a student. */
    @Test
    void ofEveryColumnWithWordsItIsSaidWhatTheyAreAbout() throws IOException {
        Set<String> said = new TreeSet<>();
        for (String line : Files.readAllLines(Path.of("src/test/resources/words-about-students.txt"))) {
            if (line.contains(": ") && !line.startsWith("#")) {
                String table = line.substring(0, line.indexOf(':'));
                for (String column : line.substring(table.length() + 2).split(" ")) {
                    assertThat(said.add(table + "." + column)).as(line).isTrue();
                }
            }
        }
        assertThat(jdbc.queryForList(
                        "select lower(table_name) || '.' || lower(column_name) from information_schema.columns"
                                + " where table_schema = 'public' and lower(table_name) <> 'flyway_schema_history'"
                                + " and (data_type like 'CHARACTER%' or data_type like 'character%' or data_type = 'text')",
                        String.class))
                .containsExactlyInAnyOrderElementsOf(said);
    }

    /** Every row of every table, a line each. */
    private List<String> everything() {
        return jdbc
                .queryForList(
                        "select table_name from information_schema.tables where table_schema = 'public'", String.class)
                .stream()
                .flatMap(table ->
                        jdbc.queryForList("select * from " + table).stream().map(row -> table + " " + row))
                .toList();
    }

    @Test
    void anErasedStudentIsGoneFromEveryTableAndTheDeedStays() {
        TestClass own = withAWholeLife("erase");
        long student = own.student(1);
        String path = "/api/students/" + student + "/erase";
        assertThat(own.teacher.post(path, Map.of("name", "S1")).status()).isEqualTo(422);
        own.teacher.post(path, Map.of("name", "S1 Test")).done();
        assertThat(own.screen("").get("total").asInt()).isEqualTo(1);
        List<String> tables = jdbc.queryForList(
                "select table_name from information_schema.columns where column_name = 'student_id'"
                        + " and table_schema = 'public' and table_name <> 'audit_line'",
                String.class);
        assertThat(tables).hasSizeGreaterThan(8);
        for (String table : tables) {
            assertThat(jdbc.queryForObject(
                            "select count(*) from " + table + " where student_id = ?", Integer.class, student))
                    .as(table)
                    .isZero();
        }
        assertThat(jdbc.queryForList(
                        "select facts from audit_line where subject_id = ? and what like 'need%'",
                        String.class, student))
                .isNotEmpty()
                .allMatch(String::isEmpty);
        assertThat(jdbc.queryForObject(
                        "select count(*) from audit_line where what = 'student.erased' and subject_id = ?",
                        Integer.class,
                        student))
                .isEqualTo(1);
    }
}
