package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The whole library goes into a school that has nothing yet: all of it is there, or what is not is named. */
class LibraryToAnotherSchoolTest extends ServerTest {
    private static final String PASSWORD = "a long password";

    @TempDir
    static Path data;

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

    @Test
    void nothingIsLostOrUnnamed() {
        byte[] zip = teacher().getBytes("/api/library/packages").body();
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
            Map<Long, String> skills = skillNames();
            JsonNode hits =
                    teacher().get("/api/classes/1/library?limit=500").ok().get("hits");
            assertThat(hits.size()).isGreaterThan(60);
            hits.forEach(hit -> {
                JsonNode from = teacher()
                        .get("/api/library/items/" + hit.get("id").asLong())
                        .ok();
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
