package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Letters, reports of groups, certificates and one's own week, as sheets and as PDF. */
class ReportTest extends ServerTest {
    private TestClass own;
    private OwnWork work;
    private long arrangement;

    @BeforeEach
    void threeWeeksOfAClass() {
        clock.set(at("2027-02-09T09:00"));
        own = newClass("reports", 4);
        arrangement = own.arrange(2);
        work = OwnWork.handedOut(own, Map.of("opens", "2027-02-08T09:00", "due", "2027-02-10T15:00"));
        work.done(1, OwnWork.ALL_RIGHT);
        work.done(2, List.of("0", "6"));
        own.bringIn("2027-02-16", "Given name,Family name,Tideline reading scale\nS1,Test,121\nS2,Test,130\n");
        clock.set(at("2027-02-18T09:00"));
    }

    private JsonNode report(String query) {
        return own.teacher.get("/api/classes/" + own.id + "/reports?" + query).ok();
    }

    private JsonNode letter(int student, String more) {
        return report("kind=FAMILY_LETTER&students=" + own.student(student) + more)
                .get("sheets")
                .get(0);
    }

    private static List<String> cells(JsonNode table) {
        List<String> cells = new ArrayList<>();
        table.get("rows").forEach(row -> row.forEach(cell -> cells.add(cell.asString())));
        return cells;
    }

    private void speaks(int student, String language) {
        String path = "/api/students/" + own.student(student);
        JsonNode sheet = own.teacher.get(path).ok();
        ObjectNode facts = ((ObjectNode) sheet.get("facts")).put("language", language);
        own.teacher
                .put(path, Map.of("version", sheet.get("version").asLong(), "facts", facts, "tags", List.of()))
                .done();
    }

    @Test
    void aLetterTellsWhatWasHandedInWhatIsMissingAndHowAValueGrew() {
        JsonNode done = letter(1, "");
        assertThat(done.get("paragraphs").toString()).contains("Dear family of S1,", "earned 100 %");
        assertThat(cells(done.get("tables").get(0))).contains("9 February 2027", "3 of 3");
        assertThat(cells(done.get("tables").get(1))).anyMatch(cell -> cell.startsWith("121 on 16 February"));
        JsonNode missing = letter(3, "");
        assertThat(missing.get("paragraphs").toString())
                .contains("One piece of work was due", "Still to be handed in:");
        assertThat(cells(missing.get("tables").get(0))).contains("still to come");
    }

    @Test
    void aLetterSaysNothingOfGroupsVersionsNeedsOrOthers() {
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        String letter = letter(1, "").toString();
        List<String> groupNames = own.bench(arrangement)
                .get("groups")
                .valueStream()
                .map(group -> group.get("name").asString())
                .toList();
        assertThat(groupNames).isNotEmpty().noneMatch(letter::contains);
        assertThat(letter).doesNotContain("Base", "Reading", "S2", "S3", "1.5", "time and a half");
    }

    @ParameterizedTest
    @ValueSource(strings = {"es", "es-MX", "Spanish", "español"})
    void aFamilyReadsInItsOwnLanguageWhereThereAreWordsInIt(String language) {
        speaks(2, language);
        JsonNode letter = letter(2, "");
        assertThat(letter.get("language").asString()).isEqualTo("es");
        assertThat(letter.get("paragraphs").get(0).asString()).isEqualTo("Estimada familia de S2:");
        assertThat(cells(letter.get("tables").get(0))).contains("9 de febrero de 2027", "1 de 3");
        assertThat(letter(2, "&language=en").get("language").asString()).isEqualTo("en");
    }

    @Test
    void aStudentIsCalledInALetterAsInClassAndOnACertificateInFull() {
        String path = "/api/students/" + own.student(1);
        JsonNode sheet = own.teacher.get(path).ok();
        ObjectNode facts = ((ObjectNode) sheet.get("facts")).put("preferredName", "Skipper");
        own.teacher
                .put(path, Map.of("version", sheet.get("version").asLong(), "facts", facts, "tags", List.of()))
                .done();
        assertThat(letter(1, "").get("title").asString()).isEqualTo("How Skipper is getting on");
        JsonNode certificate = report("kind=CERTIFICATE&students=" + own.student(1))
                .get("sheets")
                .get(0);
        assertThat(certificate.get("paragraphs").get(0).asString()).isEqualTo("S1 Test");
        assertThat(certificate.get("large").asBoolean()).isTrue();
    }

    @Test
    void anAimIsToldWithItsDayAndResultsOfATaskAreNotToldTwice() {
        long measure = own.teacher.get("/api/measures").ok().get(0).get("id").asLong();
        own.teacher
                .post(
                        "/api/classes/" + own.id + "/aims",
                        Map.of(
                                "measureId",
                                measure,
                                "aims",
                                List.of(Map.of("studentId", own.student(1), "goal", 140, "goalDate", "2027-06-11"))))
                .done();
        own.teacher
                .post("/api/classes/" + own.id + "/progress/tasks/" + work.task + "/measure", null)
                .done();
        List<String> growth = cells(letter(1, "").get("tables").get(1));
        assertThat(growth).anyMatch(cell -> cell.startsWith("140") && cell.endsWith("by 11 June 2027"));
        assertThat(growth).noneMatch(cell -> cell.contains("result"));
    }

    @Test
    void aLanguageWithoutWordsIsReadInTheFirst() {
        speaks(2, "Welsh");
        assertThat(letter(2, "").get("language").asString()).isEqualTo("en");
    }

    @Test
    void excusedWorkIsNoPartOfALetterAndNeitherIsWhatWasNotAskedFor() {
        work.act("excused", work.cells(3), Map.of("excused", true)).done();
        assertThat(letter(3, "").get("paragraphs").toString()).contains("No work was due in this time.");
        JsonNode bare = letter(1, "&work=false&mark=false&growth=false&ownWords=" + encoded("A kind reader."));
        assertThat(bare.get("tables")).isEmpty();
        assertThat(bare.get("paragraphs")).hasSize(2);
        assertThat(bare.get("ownWords").asString()).isEqualTo("A kind reader.");
        assertThat(letter(1, "&from=2027-02-11&to=2027-02-15").get("tables")).isEmpty();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    @Test
    void aReportOfAGroupIsAboutItsMembersAlone() {
        long group = own.groups(arrangement).get(0);
        JsonNode sheets = report("kind=GROUP_REPORT&groupId=" + group).get("sheets");
        assertThat(sheets).hasSize(1);
        List<String> names = cells(sheets.get(0).get("tables").get(0));
        assertThat(names).contains("S1 Test", "S2 Test").doesNotContain("S3 Test");
        assertThat(sheets.get(0).get("paragraphs").toString()).contains("2 students.", "2 are handed in");
        assertThat(report("kind=GROUP_REPORT").get("sheets")).hasSize(2);
    }

    @Test
    void onesOwnWeekCountsWhatOneDid() {
        clock.set(at("2027-02-12T16:00"));
        work.act("excused", work.cells(4), Map.of("excused", true)).done();
        JsonNode week = report("kind=OWN_WEEK");
        assertThat(week.get("from").asString()).isEqualTo("2027-02-08");
        JsonNode sheet = week.get("sheets").get(0);
        assertThat(cells(sheet.get("tables").get(0))).contains("2 of 3");
        assertThat(cells(sheet.get("tables").get(1))).contains("Work excused, asked for again or reminded of");
    }

    @Test
    void whatCannotBeWrittenIsSaid() {
        assertThat(own.teacher
                        .get("/api/classes/" + own.id + "/reports?kind=OWN_WEEK&from=2027-02-12&to=2027-02-11")
                        .body()
                        .get("detail")
                        .asString())
                .contains("The last day is before the first.");
        long stranger = newClass("elsewhere", 1).student(1);
        assertThat(own.teacher
                        .get("/api/classes/" + own.id + "/reports?kind=FAMILY_LETTER&students=" + stranger)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aPdfHasASheetForEachCarriesOurFontsAndShowsInk() throws IOException {
        speaks(2, "es");
        try (PDDocument pdf = pdf("kind=FAMILY_LETTER&ownWords=" + encoded("Bring <b>boots</b> & a hat."))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(4);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Dear family of S1,", "Estimada familia de S2:", "Bring <b>boots</b> & a hat.");
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    var font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                    assertThat(font.getName()).containsAnyOf("Atkinson", "DejaVu");
                }
            }
            assertInkWithinMargins(new PDFRenderer(pdf).renderImageWithDPI(0, 50));
        }
        try (PDDocument pdf = pdf("kind=CERTIFICATE&students=" + own.student(1))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf)).contains("Certificate", "S1 Test");
        }
    }

    private PDDocument pdf(String query) throws IOException {
        return Loader.loadPDF(own.teacher
                .getBytes("/api/classes/" + own.id + "/reports.pdf?" + query)
                .body());
    }

    /** As a picture: something is written, and nothing runs into the margins. */
    private static void assertInkWithinMargins(BufferedImage page) {
        int margin = page.getWidth() / 20;
        long dark = 0;
        for (int y = 0; y < page.getHeight(); y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                boolean ink = (page.getRGB(x, y) & 0xFF) < 128;
                dark += ink ? 1 : 0;
                boolean inMargin = x < margin || x >= page.getWidth() - margin || y < margin;
                assertThat(ink && inMargin).as("ink at %d, %d", x, y).isFalse();
            }
        }
        assertThat(dark).isGreaterThan(500);
    }

    @Test
    void everyLanguageHasTheSameKeysWithTheSameFacts() throws IOException {
        Properties english = words("en");
        Properties spanish = words("es");
        assertThat(spanish.keySet()).isEqualTo(english.keySet());
        english.stringPropertyNames().forEach(key -> assertThat(placesOf(spanish.getProperty(key)))
                .as(key)
                .isEqualTo(placesOf(english.getProperty(key))));
    }

    private static List<Boolean> placesOf(String pattern) {
        return IntStream.range(0, 4)
                .mapToObj(place -> pattern.contains("{" + place + "}"))
                .toList();
    }

    private static Properties words(String language) throws IOException {
        Properties words = new Properties();
        try (var in = ReportTest.class.getResourceAsStream("/reports/" + language + ".properties")) {
            words.load(in);
        }
        return words;
    }
}
