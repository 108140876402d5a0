package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Marks of a class as another system takes them. */
class ResultBundleTest extends ServerTest {
    private TestClass own;
    private OwnWork work;

    @BeforeEach
    void aQuizThatTwoHandedIn() {
        clock.set(at("2027-02-09T09:00"));
        own = newClass("bundle", 3);
        work = OwnWork.handedOut(own, Map.of("opens", "2027-02-08T09:00", "due", "2027-02-10T15:00"));
        work.done(1, OwnWork.ALL_RIGHT);
        work.done(2, List.of("0", "6"));
    }

    private Map<String, List<CSVRecord>> bundle(String query) throws IOException {
        Map<String, List<CSVRecord>> parts = new HashMap<>();
        byte[] file = own.teacher
                .getBytes("/api/classes/" + own.id + "/marks-file?as=ONEROSTER" + query)
                .body();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                parts.put(entry.getName(), format.parse(new StringReader(text)).getRecords());
            }
        }
        return parts;
    }

    @Test
    void everyMarkThatCountsIsAResultThatLeadsToItsLineItemAndCategory() throws IOException {
        Map<String, List<CSVRecord>> parts = bundle("");
        CSVRecord item = parts.get("lineItems.csv").get(0);
        assertThat(parts.get("lineItems.csv")).hasSize(1);
        assertThat(item.get("title")).isEqualTo("Marsh quiz");
        assertThat(item.get("resultValueMax")).isEqualTo("3.0");
        assertThat(parts.get("categories.csv").stream().map(each -> each.get("sourcedId")))
                .contains(item.get("categorySourcedId"));
        List<CSVRecord> results = parts.get("results.csv");
        assertThat(results).extracting(each -> each.get("score")).containsExactlyInAnyOrder("3.0", "1.0");
        assertThat(results).allSatisfy(each -> {
            assertThat(each.get("lineItemSourcedId")).isEqualTo(item.get("sourcedId"));
            assertThat(each.get("scoreDate")).isEqualTo("2027-02-09");
            assertThat(each.get("scoreStatus")).isEqualTo("fully graded");
        });
        assertThat(parts.get("manifest.csv").stream().map(each -> each.get(0) + " " + each.get(1)))
                .contains("file.results bulk", "file.users absent");
    }

    @Test
    void whatIsMissingAndCountsAsNothingIsSaidToBeNotSubmitted() throws IOException {
        clock.set(at("2027-02-11T09:00"));
        long version = own.teacher
                .get("/api/classes/" + own.id + "/marking")
                .ok()
                .get("version")
                .asLong();
        Map<String, Object> wanted = Map.of(
                "missingIsZero",
                true,
                "latePercentPerDay",
                0,
                "lateMostPercent",
                0,
                "lowPercent",
                60,
                "categories",
                List.of(),
                "version",
                version);
        own.teacher.put("/api/classes/" + own.id + "/marking", wanted).done();
        assertThat(bundle("").get("results.csv"))
                .filteredOn(each -> each.get("scoreStatus").equals("not submitted"))
                .singleElement()
                .satisfies(each -> assertThat(each.get("score")).isEqualTo("0.0"));
    }

    @Test
    void ofOneGroupThereIsNoResultOfAnother() throws IOException {
        long group = own.groups(own.arrange(3)).get(1);
        assertThat(bundle("&groupId=" + group).get("results.csv")).hasSize(1);
    }

    private byte[] file(String as) {
        return own.teacher
                .getBytes("/api/classes/" + own.id + "/marks-file?as=" + as)
                .body();
    }

    @Test
    void theBundleComesInAgainAsAMeasureWithItsScores() {
        JsonNode taken = teacher()
                .upload("/api/school/one-roster", file("ONEROSTER"), Map.of())
                .ok();
        try {
            assertThat(teacher().get("/api/measures").ok().valueStream().map(each -> each.get("name")
                            .asString()))
                    .contains("Marsh quiz");
            assertThat(own.row(1).get("scores").valueStream().map(each -> each.get("value")
                            .asDouble()))
                    .contains(3.0);
            assertThat(own.row(3).get("scores").valueStream().map(each -> each.get("value")
                            .asDouble()))
                    .doesNotContain(3.0, 1.0);
        } finally {
            teacher()
                    .post("/api/imports/" + taken.get("importId").asLong() + "/undo", null)
                    .done();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"CSV", "XLSX"})
    void theTableComesInAgainWithEveryRowOfItsDayAndNobodyNew(String as) {
        JsonNode preview = own.teacher
                .upload("/api/class-lists/preview", file(as), own.listOf("2027-02-09"))
                .ok();
        assertThat(preview.get("withProblem").asInt()).isZero();
        assertThat(preview.get("newStudents").asInt()).isZero();
        assertThat(preview.get("good").asInt()).isEqualTo(3);
        assertThat(preview.get("rows").get(0).get("takenOn").asString()).isEqualTo("2027-02-09");
    }
}
