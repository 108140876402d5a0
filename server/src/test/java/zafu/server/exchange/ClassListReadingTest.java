package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.core.measure.NumericScale;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.measure.Measures.MeasureCard;

class ClassListReadingTest {
    private static final MeasureCard TIDELINE =
            new MeasureCard(7, "Tideline reading scale", "", 0, 1200, 0, false, 22.0);

    private static Sheet sheet(String text) {
        return SheetReader.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<Use> guessed(String text) {
        return new ColumnGuess(sheet(text), List.of(TIDELINE))
                .guess().stream().map(ColumnUse::as).toList();
    }

    private static ClassListReading.ReadRow only(String header, String row) {
        Sheet sheet = sheet(header + "\n" + row + "\n");
        List<ColumnUse> uses = new ColumnGuess(sheet, List.of(TIDELINE)).guess();
        NumericScale scale = new NumericScale(0, 1200, 0, false, OptionalDouble.empty());
        return new ClassListReading(sheet, uses, 5, use -> scale).rows().get(0);
    }

    @Test
    void columnsAreGuessedFromTheirNamesAndFromWhatStandsInThem() {
        assertThat(guessed("First name,Surname,Year,Tideline,Remark\nUmi,Ilves,5,571,quiet\n"))
                .containsExactly(Use.GIVEN_NAME, Use.FAMILY_NAME, Use.GRADE, Use.SCORE, Use.NOTHING);
        assertThat(guessed("Student,Words\nUmi Ilves,75\n")).containsExactly(Use.FULL_NAME, Use.SCORE);
    }

    @Test
    void aColumnWithAFewTyposStillHoldsScores() {
        assertThat(guessed("Name,Words\nA,75\nB,80\nC,9O\nD,91\nE,70\n")).containsExactly(Use.FULL_NAME, Use.SCORE);
        assertThat(guessed("Name,Words\nA,75\nB,fast\nC,slow\n")).containsExactly(Use.FULL_NAME, Use.NOTHING);
    }

    @Test
    void aKnownMeasureIsRecognisedByTheStartOfItsName() {
        ColumnUse use = new ColumnGuess(sheet("Name,tideline\nUmi,571\n"), List.of(TIDELINE))
                .guess()
                .get(1);
        assertThat(use.measureId()).isEqualTo(7);
        assertThat(use.newMeasure()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"9, 10", "10, 10", "11, 20", "51, 100", "120, 200", "884, 1000", "1001, 2000"})
    void theTopOfANewScaleIsGuessedRound(String largest, double top) {
        ColumnUse use = new ColumnGuess(sheet("Name,Other\nUmi," + largest + "\n"), List.of())
                .guess()
                .get(1);
        assertThat(use.newMeasure()).isEqualTo("Other");
        assertThat(use.highest()).isEqualTo(top);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Umi Ilves|Umi|Ilves",
                "'Ilves, Umi'|Umi|Ilves",
                "Calla Wickham Tarn|Calla|Wickham Tarn",
                "'Wickham Tarn, Calla'|Calla|Wickham Tarn",
                "Umi|Umi|''"
            })
    void aWholeNameIsReadEitherWayRound(String typed, String given, String family) {
        ClassListReading.ReadRow row = only("Name,Tideline", "\"" + typed + "\",571");
        assertThat(row.givenName()).isEqualTo(given);
        assertThat(row.familyName()).isEqualTo(family);
        assertThat(row.problem()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"5, 5", "Gr. 6, 6", "Grade 4, 4", "3rd, 3", "K, 0", "'', 5"})
    void theGradeIsTheNumberInIt(String typed, int grade) {
        assertThat(only("Name,Grade,Tideline", "Umi," + typed + ",571").grade()).isEqualTo(grade);
    }

    @Test
    void aGradeThatIsNoneIsAProblemOfTheRow() {
        assertThat(only("Name,Grade,Tideline", "Umi,14,571").problem()).contains("\"14\" as grade");
        assertThat(only("Name,Grade,Tideline", "Umi,five,571").problem()).contains("\"five\" as grade");
    }

    @Test
    void aScoreMustFitItsScale() {
        assertThat(only("Name,Tideline", "Umi,571.5").problem())
                .isEqualTo("Row 2 has 571.5 under Tideline, which takes whole numbers.");
        assertThat(only("Name,Tideline", "Umi,-3").problem()).contains("outside 0 to 1200");
    }

    @Test
    void aStudentWithoutAGivenNameIsCalledByTheFamilyName() {
        ClassListReading.ReadRow row = only("Given name,Family name,Tideline", ",Ilves,571");
        assertThat(row.fullName()).isEqualTo("Ilves");
        assertThat(row.problem()).isNull();
    }
}
