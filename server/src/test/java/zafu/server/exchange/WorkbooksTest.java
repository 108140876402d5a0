package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;

/** Spreadsheet files, honest and hostile. */
class WorkbooksTest {
    private static final String ODS_HEAD = "<office:document-content"
            + " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
            + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
            + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"><office:body><office:spreadsheet>"
            + "<table:table>";
    private static final String ODS_FOOT =
            "</table:table><table:table/></office:spreadsheet></office:body></office:document-content>";

    private static byte[] zip(Map<String, String> entries) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toByteArray();
    }

    private static byte[] ods(String rows) {
        return zip(Map.of("content.xml", ODS_HEAD + rows + ODS_FOOT));
    }

    private static List<List<String>> read(byte[] file) {
        Sheet sheet = SheetReader.read(file, Asking.nobody());
        return java.util.stream.Stream.concat(
                        java.util.stream.Stream.of(sheet.header()),
                        sheet.rows().stream().map(Sheet.Row::cells))
                .toList();
    }

    @Test
    void aWorkbooksNumbersDatesAndFormulasAreReadAsAPersonSeesThem() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(out, "test", "1.0")) {
            Worksheet sheet = workbook.newWorksheet("Scores");
            List<String> header = List.of("Name", "Date", "Score", "Sum");
            for (int column = 0; column < header.size(); column++) {
                sheet.value(0, column, header.get(column));
            }
            sheet.value(1, 0, "Quillón, Mateo");
            sheet.value(1, 1, LocalDate.parse("2027-02-02"));
            sheet.style(1, 1).format("dd/mm/yyyy").set();
            sheet.value(1, 2, 0.1 + 0.2);
            sheet.value(1, 3, 831);
        }
        assertThat(read(out.toByteArray()))
                .containsExactly(
                        List.of("Name", "Date", "Score", "Sum"), List.of("Quillón, Mateo", "2027-02-02", "0.3", "831"));
    }

    @Test
    void anOpenDocumentsRepeatedCellsAndRowsAreReadOnceForEach() {
        String rows = "<table:table-row><table:table-cell><text:p>Name</text:p></table:table-cell>"
                + "<table:table-cell><text:p>A</text:p></table:table-cell>"
                + "<table:table-cell><text:p>B</text:p></table:table-cell></table:table-row>"
                + "<table:table-row table:number-rows-repeated=\"2\"><table:table-cell><text:p>Umi<text:s/>Ilves</text:p>"
                + "</table:table-cell><table:table-cell table:number-columns-repeated=\"2\" office:value-type=\"float\""
                + " office:value=\"7.5\"><text:p>7,50</text:p></table:table-cell></table:table-row>"
                + "<table:table-row table:number-rows-repeated=\"1048000\"><table:table-cell"
                + " table:number-columns-repeated=\"16384\"/></table:table-row>";
        assertThat(read(ods(rows)))
                .containsExactly(
                        List.of("Name", "A", "B"),
                        List.of("Umi Ilves", "7.5", "7.5"),
                        List.of("Umi Ilves", "7.5", "7.5"));
    }

    @Test
    void anOpenDocumentsDatesAreDays() {
        String rows = "<table:table-row><table:table-cell><text:p>Name</text:p></table:table-cell>"
                + "<table:table-cell><text:p>Date</text:p></table:table-cell></table:table-row>"
                + "<table:table-row><table:table-cell><text:p>Umi</text:p></table:table-cell>"
                + "<table:table-cell office:value-type=\"date\" office:date-value=\"2027-02-09T00:00:00\">"
                + "<text:p>9 Feb</text:p></table:table-cell></table:table-row>";
        assertThat(read(ods(rows)).get(1)).containsExactly("Umi", "2027-02-09");
    }

    @Test
    void aSheetRepeatedWithoutEndIsGivenUp() {
        String rows = "<table:table-row table:number-rows-repeated=\"9999999\"><table:table-cell"
                + " table:number-columns-repeated=\"9999999\"><text:p>x</text:p></table:table-cell></table:table-row>";
        assertThatThrownBy(() -> SheetReader.read(ods(rows), Asking.nobody())).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE x [<!ENTITY a \"aaaa\">]><x>&a;</x>",
                "<?xml version=\"1.0\"?><!DOCTYPE x SYSTEM \"file:///etc/passwd\"><x/>"
            })
    void xmlWithEntitiesOfItsOwnIsRefused(String xml) {
        assertThatThrownBy(() -> SheetReader.read(zip(Map.of("content.xml", xml)), Asking.nobody()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("defines entities of its own");
    }

    @ParameterizedTest
    @ValueSource(strings = {"../../etc/cron.d/x", "/etc/passwd", "C:\\x", "a/../../b", "a\\b"})
    void namesThatLeadOutOfTheZipAreRefused(String name) {
        assertThatThrownBy(() -> SheetReader.read(zip(Map.of(name, "x")), Asking.nobody()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("leads out of it");
    }

    @ParameterizedTest
    @CsvSource({"xl/workbook.xml, larger than Zafu reads", "a picture.bin, swells to more than 200 MB"})
    void aSmallFileThatSwellsIsGivenUpEarly(String part, String why) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] zeros = new byte[1024 * 1024];
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(part));
            for (int i = 0; i < 300; i++) {
                zip.write(zeros);
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        assertThat(out.size()).isLessThan(Bounds.TABLE_BYTES);
        assertThatThrownBy(() -> SheetReader.read(out.toByteArray(), Asking.nobody()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(why);
    }

    @Test
    void damagedFilesSaySo() throws IOException {
        byte[] whole = ods("<table:table-row/>");
        assertThatThrownBy(() -> SheetReader.read(Arrays.copyOf(whole, whole.length / 2), Asking.nobody()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("damaged");
        assertThatThrownBy(() -> SheetReader.read(zip(Map.of("xl/workbook.xml", "<workbook/>")), Asking.nobody()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("cannot be read");
        assertThatThrownBy(() -> SheetReader.read(zip(Map.of("letter.txt", "hello")), Asking.nobody()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("neither an .xlsx nor an .ods");
    }

    @Test
    void aFileThatBelongsElsewhereSaysWhere() {
        assertThat(refused(zip(Map.of("imsmanifest.xml", "<manifest/>")))).isEqualTo("file-is-package");
        assertThat(refused(zip(Map.of("all/imsmanifest.xml", "<manifest/>")))).isEqualTo("file-is-package");
        assertThat(refused(zip(Map.of("manifest.csv", "propertyName,value")))).isEqualTo("file-is-bundle");
        assertThat(refused("{\"CFDocument\": {}, \"CFItems\": []}".getBytes(StandardCharsets.UTF_8)))
                .isEqualTo("file-is-skills");
    }

    private static String refused(byte[] file) {
        return catchThrowableOfType(Refusal.class, () -> SheetReader.read(file, Asking.nobody()))
                .code();
    }

    /** Once a score of 0.85. */
    @Test
    void aCellThatShowsAPercentageIsReadAsItShows() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(out, "test", "1.0")) {
            Worksheet sheet = workbook.newWorksheet("a");
            sheet.value(0, 0, "Name");
            sheet.value(0, 1, "Words");
            sheet.value(1, 0, "Umi");
            sheet.value(1, 1, 0.85);
            sheet.style(1, 1).format("0%").set();
            sheet.value(2, 0, "Rue");
            sheet.value(2, 1, 0.125);
            sheet.style(2, 1).format("0.0%").set();
        }
        assertThat(read(out.toByteArray()))
                .containsExactly(List.of("Name", "Words"), List.of("Umi", "85 %"), List.of("Rue", "12.5 %"));
        String cells = "<table:table-row><table:table-cell><text:p>Name</text:p></table:table-cell>"
                + "<table:table-cell><text:p>Words</text:p></table:table-cell></table:table-row>"
                + "<table:table-row><table:table-cell><text:p>Umi</text:p></table:table-cell>"
                + "<table:table-cell office:value-type=\"percentage\" office:value=\"0.85\"><text:p>85%</text:p>"
                + "</table:table-cell></table:table-row>";
        assertThat(read(ods(cells))).containsExactly(List.of("Name", "Words"), List.of("Umi", "85 %"));
    }
}
