package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The bundle that goes out is one that another system can follow from file to file. */
class BundleOutTest extends ServerTest {
    private final Map<String, String> texts = new HashMap<>();

    @BeforeEach
    void fetch() throws IOException {
        byte[] zip = teacher().getBytes("/api/school/one-roster").body();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                texts.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
    }

    private List<CSVRecord> rows(String part) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(texts.get(part + ".csv")), format)) {
            return parser.getRecords();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private Set<String> column(String part, String column) {
        return rows(part).stream().map(row -> row.get(column)).collect(Collectors.toSet());
    }

    @Test
    void theManifestNamesEveryFileAsCompleteAndTheRestAsAbsent() {
        Map<String, String> manifest = rows("manifest").stream()
                .collect(Collectors.toMap(row -> row.get("propertyName"), row -> row.get("value")));
        assertThat(manifest).containsEntry("oneroster.version", "1.2").containsEntry("file.demographics", "absent");
        texts.keySet().stream()
                .map(name -> name.replace(".csv", ""))
                .filter(name -> !name.equals("manifest"))
                .forEach(name -> assertThat(manifest).containsEntry("file." + name, "bulk"));
    }

    @Test
    void everyIdIsThereOnceAndEveryLinkLeadsSomewhere() {
        for (String part : List.of("users", "classes", "enrollments", "lineItems", "results", "courses", "roles")) {
            assertThat(column(part, "sourcedId"))
                    .as(part)
                    .hasSize(rows(part).size())
                    .doesNotContain("");
        }
        Set<String> users = column("users", "sourcedId");
        Set<String> classes = column("classes", "sourcedId");
        assertThat(users).containsAll(column("enrollments", "userSourcedId"));
        assertThat(users).containsAll(column("roles", "userSourcedId"));
        assertThat(users).containsAll(column("results", "studentSourcedId"));
        assertThat(classes).containsAll(column("enrollments", "classSourcedId"));
        assertThat(classes).containsAll(column("lineItems", "classSourcedId"));
        assertThat(column("courses", "sourcedId")).containsAll(column("classes", "courseSourcedId"));
        assertThat(column("lineItems", "sourcedId")).containsAll(column("results", "lineItemSourcedId"));
        assertThat(column("orgs", "sourcedId")).containsAll(column("classes", "schoolSourcedId"));
    }

    @Test
    void scoresAreNumbersWithinTheScaleOfTheirLineItem() {
        Map<String, CSVRecord> items =
                rows("lineItems").stream().collect(Collectors.toMap(row -> row.get("sourcedId"), row -> row));
        assertThat(rows("results")).isNotEmpty().allSatisfy(row -> {
            CSVRecord item = items.get(row.get("lineItemSourcedId"));
            assertThat(Double.parseDouble(row.get("score")))
                    .isBetween(
                            Double.parseDouble(item.get("resultValueMin")),
                            Double.parseDouble(item.get("resultValueMax")));
            assertThat(row.get("scoreDate")).matches("\\d{4}-\\d{2}-\\d{2}");
        });
    }

    @Test
    void teachersOwnTheirClassesAndSupportStaffAreAides() {
        Map<String, String> names = rows("users").stream()
                .collect(Collectors.toMap(row -> row.get("sourcedId"), row -> row.get("givenName")));
        List<String> places = rows("enrollments").stream()
                .filter(row -> !row.get("role").equals("student"))
                .map(row -> names.get(row.get("userSourcedId")) + " " + row.get("role") + " " + row.get("primary"))
                .distinct()
                .toList();
        assertThat(places).contains("Ottoline teacher true", "Idris teacher true", "Wen aide false");
    }

    @Test
    void needsNeverGoOutInABundle() {
        String all = String.join("\n", texts.values()).toLowerCase(Locale.ROOT);
        assertThat(all)
                .doesNotContain("extended")
                .doesNotContain("read_aloud")
                .doesNotContain("accommodation")
                .doesNotContain("learning plan");
    }
}
