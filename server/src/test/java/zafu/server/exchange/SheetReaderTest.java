package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.platform.Refusal;

class SheetReaderTest {
    private static Sheet read(String text) {
        return SheetReader.read(text.getBytes(StandardCharsets.UTF_8), Asking.nobody());
    }

    @Test
    void rowsAreNumberedAsASpreadsheetNumbersThem() {
        Sheet sheet = read("Name,Score\n\nUmi,571\n\n\nKofi,709\n");
        assertThat(sheet.rows()).extracting(row -> row.cell(0)).containsExactly("Umi", "Kofi");
        assertThat(sheet.rows().get(0).number()).isGreaterThan(1);
    }

    @ParameterizedTest
    @ValueSource(chars = {',', ';', '\t'})
    void theDelimiterIsTheOneThatMakesEvenRows(char delimiter) {
        Sheet sheet = read("Name,Score,Words\nUmi,571,75\nKofi,709,92\n".replace(',', delimiter));
        assertThat(sheet.header()).containsExactly("Name", "Score", "Words");
        assertThat(sheet.rows()).hasSize(2);
    }

    @Test
    void decimalCommasDoNotMakeTheCommaTheDelimiter() {
        Sheet sheet = read("Name;Spelling;Ratio\nUmi;7,5;21,5\nKofi;6;30\nHana;8,25;19\n");
        assertThat(sheet.rows().get(0).cells()).containsExactly("Umi", "7,5", "21,5");
    }

    @Test
    void quotedCellsHoldDelimitersQuotesAndLineBreaks() {
        Sheet sheet = read("Name,Score\n\"Sato, Yusuf \"\"Sunny\"\"\",566\n\"Xanthe\nMoorcroft\",1\n");
        assertThat(sheet.rows().get(0).cell(0)).isEqualTo("Sato, Yusuf \"Sunny\"");
        assertThat(sheet.rows().get(1).cell(0)).isEqualTo("Xanthe Moorcroft");
    }

    @Test
    void accentsAreSpelledOneWayAndBlanksAreOne() {
        Sheet sheet = read("Name,Score\n  Mateo\u00a0 Quillo\u0301n ,831\n");
        assertThat(sheet.rows().get(0).cell(0)).isEqualTo("Mateo Quillón");
    }

    @Test
    void aShortRowHasEmptyCellsAtItsEnd() {
        Sheet sheet = read("Name,Score,Words\nUmi,571,75\nKofi\nHana,742,90\nIvo,688,80\n");
        assertThat(sheet.rows().get(1).cell(2)).isEmpty();
    }

    static Stream<Arguments> encodings() {
        return Stream.of(
                Arguments.of(StandardCharsets.UTF_8, "Quillón"),
                Arguments.of(StandardCharsets.UTF_16LE, "Quillón"),
                Arguments.of(StandardCharsets.UTF_16BE, "Quillón"),
                Arguments.of(Charset.forName("windows-1252"), "Quillón – “O’Dunmore”"));
    }

    @ParameterizedTest
    @MethodSource("encodings")
    void theEncodingIsFoundWithoutAMark(Charset charset, String name) {
        String text = "Given name,Score\n" + name + ",831\nHana,742\nKofi,709\n";
        assertThat(TextDecoder.decode(text.getBytes(charset))).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE"})
    void aMarkAtTheStartIsNoPartOfTheText(String charset) {
        byte[] marked = ("\uFEFF" + "Юки,571").getBytes(Charset.forName(charset));
        assertThat(TextDecoder.decode(marked)).isEqualTo("Юки,571");
    }

    @Test
    void aListLongerThanASchoolIsRefusedWithItsLength() {
        String rows =
                IntStream.range(0, 20_001).mapToObj(i -> "S" + i + "," + i).collect(Collectors.joining("\n"));
        assertThatThrownBy(() -> read("Name,Score\n" + rows))
                .isInstanceOf(Refusal.class)
                .hasMessage("The file has 20,001 rows. A list holds at most 20,000; import a larger one in parts.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"%PDF-1.7\u0001\u0002", "{\"students\": []}", "<?xml version=\"1.0\"?>"})
    void otherKindsOfFileAreNoTable(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(Refusal.class).hasMessageContaining("not a table of text");
    }

    @Test
    void columnsWithoutANameMayBeMany() {
        assertThat(read("Name,,\nUmi,1,2\n").header()).isEqualTo(List.of("Name", "", ""));
    }

    private static Sheet pasted(String text) {
        return SheetReader.readPasted(text.getBytes(StandardCharsets.UTF_8), Asking.nobody());
    }

    /** Once 121 children called "Surname0,4,380". */
    @Test
    void aPastedTableIsATableWhateverIsBetweenItsCells() {
        for (String between : List.of(",", ";", "\t", ", ")) {
            Sheet sheet = pasted("Name" + between + "Grade" + between + "Score\nUmi Ilves" + between + "5" + between
                    + "571\nRue" + between + "5" + between + "604\n");
            assertThat(sheet.header()).as(between).containsExactly("Name", "Grade", "Score");
            assertThat(sheet.rows().get(0).cells()).as(between).containsExactly("Umi Ilves", "5", "571");
        }
    }

    @Test
    void aPastedTableWithoutNamesOfColumnsLosesNobody() {
        Sheet sheet = pasted("Surname0,4,380\nSurname1,4,390\nSurname2,5,400\n");
        assertThat(sheet.header()).containsExactly("Name", "Column 2", "Column 3");
        assertThat(sheet.rows()).hasSize(3);
        assertThat(sheet.rows().get(0).number()).isEqualTo(1);
        assertThat(pasted("571,Umi Ilves\n604,Rue Saltmarsh\n").header()).containsExactly("Column 1", "Name");
    }

    @Test
    void namesWithTheFamilyFirstAreNamesAndNoTable() {
        Sheet sheet = pasted("Ilves, Umi\nSaltmarsh, Rue\nTolliver, Wren\n");
        assertThat(sheet.header()).containsExactly("Name");
        assertThat(sheet.rows())
                .extracting(row -> row.cell(0))
                .containsExactly("Ilves, Umi", "Saltmarsh, Rue", "Tolliver, Wren");
        assertThat(pasted("Umi Ilves\nRue Saltmarsh\n").rows()).hasSize(2);
        assertThat(pasted("Student name\nUmi Ilves\nRue Saltmarsh\n").rows())
                .as("what the column is called is nobody")
                .hasSize(2);
    }

    @Test
    void whatStandsAboveTheNamesOfTheColumnsIsPassedOverAndNamed() {
        Sheet sheet =
                read("Quillmere School,,\nGrade 5 screening,Winter,\n,,\nFirst name,Last name,Score\nUmi,Ilves,571\n");
        assertThat(sheet.header()).containsExactly("First name", "Last name", "Score");
        assertThat(sheet.rows()).hasSize(1);
        assertThat(sheet.passedOver())
                .containsExactly(
                        "Row 1 (\"Quillmere School\") stands above the names of the columns and is passed over.",
                        "Row 2 (\"Grade 5 screening Winter\") stands above the names of the columns and is passed over.");
        assertThat(read("Name,Score\nUmi,571\n").passedOver()).isEmpty();
    }

    @Test
    void aFirstLineThatSaysWhatIsBetweenTheCellsIsBelieved() {
        Sheet sheet = read("sep=|\nName|Score, of 1,200\nIlves, Umi|571\n");
        assertThat(sheet.header()).containsExactly("Name", "Score, of 1,200");
        assertThat(sheet.rows().get(0).cells()).containsExactly("Ilves, Umi", "571");
    }

    /** Once all rows below it became one cell, and their students nobody. */
    @Test
    void aQuotationMarkThatIsNeverClosedIsRefusedWithItsLine() {
        assertThatThrownBy(() -> read("Name,Score\nUmi,571\n\"Rue,604\nWren,590\nHana,601\n"))
                .isInstanceOf(Refusal.class)
                .hasMessage("A quotation mark is opened in line 3 and closed nowhere below it.");
        assertThat(read("Name,Note\nUmi,5\" nail\n").rows().get(0).cell(1)).isEqualTo("5\" nail");
    }
}
