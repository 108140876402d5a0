package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables that go out: harmless, and with the types a spreadsheet program expects. */
class OutTableTest {
    private static final OutTable TABLE = new OutTable(
            "Scores",
            List.of("Name", "Date", "Score", "Note"),
            List.of(
                    Arrays.asList("Mateo Quillón", LocalDate.parse("2027-02-02"), 831L, "=1+1"),
                    Arrays.asList("O'Dunmore, \"Ivo\"", null, 7.25, null)));

    @ParameterizedTest
    @ValueSource(
            strings = {"=1+1", "+SUM(A1)", "-cmd", "@name", "=HYPERLINK(\"x\")", "--5", "-5a", "+5", "\t=1", "\r=1"})
    void whatASpreadsheetWouldTakeForAFormulaIsGuarded(String cell) {
        assertThat(OutTable.harmless(cell)).isEqualTo("'" + cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Umi", "-5", "-5.25", "12", "O'Dunmore", "a=b", " =1"})
    void whatIsHarmlessStaysAsItIs(String cell) {
        assertThat(OutTable.harmless(cell)).isEqualTo(cell);
    }

    @Test
    void theGuardIsTakenAwayAgainAndNothingElse() {
        assertThat(OutTable.asItWas("'=1+1")).isEqualTo("=1+1");
        assertThat(OutTable.asItWas("'@x")).isEqualTo("@x");
        assertThat(OutTable.asItWas("'tis")).isEqualTo("'tis");
        assertThat(OutTable.asItWas("'")).isEqualTo("'");
        assertThat(OutTable.asItWas("=1")).isEqualTo("=1");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "-cmd", "@name", "+x", "Umi", "O'Dunmore", "-5"})
    void guardingAndTakingAwayAreInverse(String cell) {
        assertThat(OutTable.asItWas(OutTable.harmless(cell))).isEqualTo(cell);
    }

    @Test
    void csvBeginsWithAMarkAndQuotesWhatMustBe() {
        String csv = new String(TABLE.asCsv(), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("\uFEFFName,Date,Score,Note\r\n");
        assertThat(csv).contains("Mateo Quillón,2027-02-02,831,'=1+1\r\n");
        assertThat(csv).contains("\"O'Dunmore, \"\"Ivo\"\"\",,7.25,\r\n");
    }

    @Test
    void aWorkbookHasTextsNumbersAndDays() throws IOException {
        try (ReadableWorkbook workbook =
                new ReadableWorkbook(new ByteArrayInputStream(TABLE.asXlsx()), new ReadingOptions(true, false))) {
            List<Row> rows = workbook.getFirstSheet().read();
            assertThat(workbook.getFirstSheet().getName()).isEqualTo("Scores");
            assertThat(rows).hasSize(3);
            Row first = rows.get(1);
            assertThat(first.getCell(0).getType()).isEqualTo(CellType.STRING);
            assertThat(first.getCell(1).asDate().toLocalDate()).isEqualTo(LocalDate.parse("2027-02-02"));
            assertThat(first.getCell(2).asNumber().intValue()).isEqualTo(831);
            assertThat(first.getCell(3).getType()).isEqualTo(CellType.STRING);
            assertThat(first.getCell(3).getText()).isEqualTo("=1+1");
        }
    }

    @Test
    void aHeaderIsAsHarmlessAsACell() {
        OutTable table = new OutTable("names", List.of("Name", "=HYPERLINK(\"a\")"), List.of(List.of("Umi", "1")));
        assertThat(new String(table.asCsv(), StandardCharsets.UTF_8)).contains("'=HYPERLINK");
    }
}
