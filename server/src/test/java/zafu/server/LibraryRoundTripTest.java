package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The whole library out and in again, here and into a school that has nothing yet: all of it is there, or is named. */
class LibraryRoundTripTest extends ServerTest {
    private static final Map<String, Object> FOR_SCHOOL = Map.of("visibility", "SCHOOL");
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 0, 0, 0, 0};
    private static final String PASSWORD = "a long password";

    @TempDir
    static Path data;

    @Autowired
    JdbcClient database;

    private static ConfigurableApplicationContext emptySchool() {
        return SpringApplication.run(
                ZafuApplication.class,
                "--zafu.demo=false",
                "--zafu.data=" + data,
                "--spring.datasource.url=jdbc:h2:mem:another;MODE=PostgreSQL;DATABASE_TO_LOWER=TRUE;DEFAULT_NULL_ORDERING=HIGH",
                "--zafu.now=2027-02-09T08:10",
                "--zafu.zone=America/Halifax",
                "--server.port=0",
                "--spring.jmx.enabled=false");
    }

    private static HttpCaller firstAdult(ConfigurableApplicationContext school) {
        HttpCaller nobody = new HttpCaller(
                ((WebServerApplicationContext) school).getWebServer().getPort());
        nobody.post(
                        "/api/first-run",
                        Map.of(
                                "schoolName", "Another school",
                                "zone", "America/Halifax",
                                "weekdays", List.of("MONDAY", "TUESDAY"),
                                "terms", List.of(Map.of("name", "Year", "from", "2026-09-01", "to", "2027-06-30")),
                                "name", "first",
                                "displayName", "First",
                                "password", PASSWORD))
                .done();
        return nobody.signInAdult("first", PASSWORD);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2.1", "3.0"})
    void theWholeLibraryOutAndInAgainChangesNothing(String version) {
        HttpCaller teacher = teacher();
        List<Long> ids = own(teacher).stream()
                .map(each ->
                        teacher.post("/api/library/items", each).ok().get("id").asLong())
                .collect(Collectors.toCollection(ArrayList::new));
        ids.addAll(ofTheDemo());
        assertThat(ids).hasSizeGreaterThan(60);
        byte[] zip = teacher.getBytes("/api/library/packages?version=" + version + which(ids))
                .body();
        JsonNode report = teacher.upload("/api/library/packages", zip, "all.zip", FOR_SCHOOL)
                .ok();
        assertThat(report.get("leftOut")).isEmpty();
        assertThat(report.get("changed")).isEmpty();
        Map<String, Set<Map<String, Object>>> back = new LinkedHashMap<>();
        report.get("ids").forEach(id -> {
            JsonNode item = item(teacher, id.asLong());
            back.computeIfAbsent(called(item), name -> new LinkedHashSet<>()).add(carried(item));
        });
        for (long id : new LinkedHashSet<>(ids)) {
            JsonNode item = item(teacher, id);
            assertThat(back.get(called(item))).as(called(item)).contains(carried(item));
        }
        teacher.post("/api/library/items/deleted", Map.of("ids", report.get("ids")))
                .done();
    }

    /** Items that a made-up school may lack: each kind with all that it can say. */
    private List<Map<String, Object>> own(HttpCaller teacher) {
        JsonNode skill = teacher.get("/api/skills")
                .ok()
                .get("strands")
                .get(0)
                .get("skills")
                .get(0);
        long sheet = teacher.uploadFile("/api/library/files", PNG, "tide table (spring) & more.png")
                .ok()
                .get("id")
                .asLong();
        List<Map<String, Object>> wanted = new ArrayList<>();
        for (String kind : List.of("LESSON", "LINK", "PRINTABLE", "TALK", "OFF_SCREEN", "TEXT", "QUIZ")) {
            for (boolean asking : List.of(true, false)) {
                Map<String, Object> item = new LinkedHashMap<>();
                item.put("kind", kind);
                item.put("title", "Carried " + kind + asking + System.nanoTime());
                item.put("body", "What it is *for*: 3 < 4\n\n![a crab](file:" + sheet + ")");
                item.put("minutes", 25);
                item.put("gradeLow", 4);
                item.put("gradeHigh", 6);
                item.put("tags", List.of("salt marsh", "eau & sel"));
                item.put("licence", "CC BY 4.0");
                item.put("skills", List.of(Map.of("skillId", skill.get("id"), "role", "PREPARES")));
                item.put("visibility", "SCHOOL");
                item.put("address", kind.equals("LINK") ? "https://birds.quillmere.example/a?b=1&c=2" : "");
                item.put("aims", kind.equals("LESSON") ? "Find the *tide line*" : "");
                item.put("steps", kind.equals("LESSON") ? "1. Look\n2. Say ![a crab](file:" + sheet + ")" : "");
                item.put("materials", kind.equals("LESSON") ? "- string" : "");
                if (kind.equals("PRINTABLE")) {
                    item.put("fileId", sheet);
                }
                if (asking || kind.equals("QUIZ")) {
                    Map<String, Object> question =
                            new LinkedHashMap<>(LibraryTest.question("NUMERIC", Map.of("value", 6, "tolerance", 0)));
                    question.put("skillId", skill.get("id"));
                    item.put("questions", List.of(question));
                }
                wanted.add(item);
            }
        }
        return wanted;
    }

    /** What a package carries of an item: all but who made it, and for whom. */
    private static Map<String, Object> carried(JsonNode item) {
        Map<String, Object> all = new LinkedHashMap<>();
        for (String field : List.of(
                "kind",
                "title",
                "body",
                "language",
                "licence",
                "address",
                "aims",
                "steps",
                "materials",
                "tags",
                "skills")) {
            all.put(field, withoutIds(item.get(field).toString()));
        }
        for (String field :
                List.of("minutes", "levelMeasureId", "levelLow", "levelHigh", "gradeLow", "gradeHigh", "sameAsTitle")) {
            all.put(field, item.path(field).asString(""));
        }
        all.put("file", item.path("file").path("name").asString(""));
        all.put(
                "questions",
                item.get("questions")
                        .valueStream()
                        .map(each -> List.of(
                                each.get("kind"),
                                withoutIds(each.get("prompt").toString()),
                                each.get("points"),
                                each.path("skillId").asString(""),
                                withoutIds(body(each.get("body")))))
                        .toList());
        return all;
    }

    /** A picture has another id, and is the same picture. */
    private static String withoutIds(String text) {
        return text.replaceAll("file:\\d+", "file");
    }

    /** Numbers by their value: 6 and 6.0 are the same. */
    private static String body(JsonNode body) {
        Map<String, Object> fields = new TreeMap<>();
        body.properties()
                .forEach(each -> fields.put(
                        each.getKey(),
                        each.getValue().isNumber()
                                ? each.getValue()
                                        .decimalValue()
                                        .stripTrailingZeros()
                                        .toPlainString()
                                : each.getValue().toString()));
        return fields.toString();
    }

    /** What the made-up school began with; other tests have written more since. */
    private List<Long> ofTheDemo() {
        return database.sql("select item_id from library_change join library_item on library_item.id = item_id"
                        + " where deleted_at is null order by library_change.id fetch first 70 rows only")
                .query(Long.class)
                .list();
    }

    private static String which(List<Long> ids) {
        return ids.stream().map(id -> "&items=" + id).collect(Collectors.joining());
    }

    private static JsonNode item(HttpCaller teacher, long id) {
        return teacher.get("/api/library/items/" + id).ok();
    }

    @Test
    void nothingIsLostOrUnnamed() {
        byte[] zip = teacher()
                .getBytes("/api/library/packages?version=3.0" + which(ofTheDemo()))
                .body();
        try (ConfigurableApplicationContext school = emptySchool()) {
            HttpCaller there = firstAdult(school);
            JsonNode report = there.upload("/api/library/packages", zip, "library.zip", Map.of("visibility", "SCHOOL"))
                    .ok();
            assertThat(report.get("leftOut")).isEmpty();
            Set<String> named = new LinkedHashSet<>();
            report.get("changed")
                    .forEach(each -> named.add(
                            each.get("where").asString() + " " + each.get("why").asString()));
            Map<String, Set<Map<String, String>>> arrived = new TreeMap<>();
            report.get("ids").forEach(id -> {
                JsonNode item = there.get("/api/library/items/" + id.asLong()).ok();
                arrived.computeIfAbsent(called(item), name -> new LinkedHashSet<>())
                        .add(says(item));
            });
            byte[] all = there.getBytes("/api/library/packages").body();
            assertThat(there.uploadFile("/api/library/packages/preview", all, "all.zip")
                            .ok()
                            .get("items"))
                    .hasSize(report.get("ids").size());
            Map<Long, String> skills = skillNames();
            assertThat(ofTheDemo()).hasSizeGreaterThan(60);
            ofTheDemo().forEach(id -> {
                JsonNode from = item(teacher(), id);
                assertThat(arrived.get(called(from))).as(called(from)).contains(says(from));
                from.get("skills").forEach(each -> assertThat(named)
                        .contains("\"" + from.get("title").asString() + "\" the skill \""
                                + skills.get(each.get("skillId").asLong())
                                + "\" is not here; it comes without it"));
                if (from.hasNonNull("levelMeasureId")) {
                    assertThat(named)
                            .anyMatch(each ->
                                    each.startsWith("\"" + from.get("title").asString() + "\" its level on "));
                }
            });
        }
    }

    private static String called(JsonNode item) {
        return item.get("kind").asString() + " " + item.get("title").asString() + " "
                + item.get("language").asString();
    }

    private static Map<String, String> says(JsonNode item) {
        Map<String, String> said = new LinkedHashMap<>();
        for (String field : List.of("body", "address", "aims", "steps", "materials", "tags", "licence")) {
            said.put(field, item.get(field).toString().replaceAll("file:\\d+", "file"));
        }
        said.put(
                "grades",
                item.path("gradeLow").asString("") + item.path("gradeHigh").asString(""));
        said.put("other language", item.path("sameAsTitle").asString(""));
        said.put("sheet", item.path("file").path("name").asString(""));
        said.put("questions", String.valueOf(item.get("questions").size()));
        return said;
    }

    private Map<Long, String> skillNames() {
        Map<Long, String> names = new LinkedHashMap<>();
        teacher().get("/api/skills").ok().get("strands").forEach(strand -> strand.get("skills")
                .forEach(each ->
                        names.put(each.get("id").asLong(), each.get("name").asString())));
        return names;
    }
}
