package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.need.NeedInWords;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.TypedScore;

class ClassListReadingTest {
    private static final MeasureCard TIDELINE = new MeasureCard(
            7, "Tideline reading scale", "", 0, 1200, 0, false, 22.0, List.of(), "LATEST", null, 120, false, null);

    private static final LocalDate DAY = LocalDate.parse("2027-02-02");

    private static Sheet sheet(String text) {
        return SheetReader.read(text.getBytes(StandardCharsets.UTF_8), Asking.nobody());
    }

    private static List<Use> guessed(String text) {
        return new ColumnGuess(sheet(text), List.of(TIDELINE), Map.of(), Asking.nobody())
                .guess().stream().map(ColumnUse::as).toList();
    }

    private static ClassListReading.ReadRow only(String header, String row) {
        Sheet sheet = sheet(header + "\n" + row + "\n");
        List<ColumnUse> uses = new ColumnGuess(sheet, List.of(TIDELINE), Map.of(), Asking.nobody()).guess();
        return new ClassListReading(sheet, uses, 5, DAY, use -> TIDELINE, NeedInWords::read, Asking.nobody())
                .rows()
                .get(0);
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
        ColumnUse use = new ColumnGuess(sheet("Name,tideline\nUmi,571\n"), List.of(TIDELINE), Map.of(), Asking.nobody())
                .guess()
                .get(1);
        assertThat(use.measureId()).isEqualTo(7);
        assertThat(use.newMeasure()).isNull();
    }

    private static List<ClassListReading.ReadRow> rows(String text) {
        Sheet sheet = sheet(text);
        List<ColumnUse> uses = new ColumnGuess(sheet, List.of(TIDELINE), Map.of(), Asking.nobody()).guess();
        return new ClassListReading(sheet, uses, 5, DAY, use -> TIDELINE, NeedInWords::read, Asking.nobody()).rows();
    }

    private static Double scoreIn(ClassListReading.ReadRow row) {
        return row.scores().values().iterator().next().value();
    }

    /** Once 1,110 became 1.11, and the list was called good. */
    @Test
    void aThousandIsReadAsAThousandWhereTheColumnSaysSo() {
        List<ClassListReading.ReadRow> read =
                rows("Name;Tideline reading scale\nUmi;1,110\nRue;980\nWren;1 050\nHana;1,002\n");
        assertThat(read).extracting(ClassListReadingTest::scoreIn).containsExactly(1110.0, 980.0, 1050.0, 1002.0);
    }

    @Test
    void aMeasureThatGoesToAHundredTakesAPercentage() {
        MeasureCard share =
                new MeasureCard(7, "Words", "%", 0, 100, 1, false, null, List.of(), "LATEST", null, 120, false, null);
        assertThat(TypedScore.read("85 %", share).value()).isEqualTo(85);
        assertThat(TypedScore.read("12,5%", share).value()).isEqualTo(12.5);
        assertThat(TypedScore.read("185 %", share).fault()).contains("outside");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "first_name,last_name,local_id,grade_level,Tideline|GIVEN_NAME,FAMILY_NAME,STUDENT_NUMBER,GRADE,SCORE",
                "LAST NAME,First-Name,Yr.,Homeroom:,Tideline|FAMILY_NAME,GIVEN_NAME,GRADE,HOME_CLASS,SCORE",
                "Nom,Prénom,Niveau,Classe,Tideline|FAMILY_NAME,GIVEN_NAME,GRADE,HOME_CLASS,SCORE",
                "Élève,Numéro d'élève,Tideline|FULL_NAME,STUDENT_NUMBER,SCORE",
                "Apellidos,Nombre,Grado,Tideline|FAMILY_NAME,GIVEN_NAME,GRADE,SCORE",
                "Student Name,Tested On,Tideline|FULL_NAME,DATE,SCORE"
            })
    void columnsAreKnownByWhatSchoolsCallThem(String header, String uses) {
        String row = "1,".repeat(header.split(",").length - 1) + "571";
        assertThat(guessed(header + "\n" + row + "\n")).extracting(Use::name).containsExactly(uses.split(","));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Average", "CLASS AVERAGE:", "Total", "Points possible", "Moyenne", "Médiane", "Promedio"})
    void aRowThatAddsUpTheOthersIsNoStudentAndIsNamed(String name) {
        Sheet sheet = sheet("Name,Tideline\nUmi Ilves,571\n" + name + ",571\n");
        List<ColumnUse> uses = new ColumnGuess(sheet, List.of(TIDELINE), Map.of(), Asking.nobody()).guess();
        ClassListReading reading =
                new ClassListReading(sheet, uses, 5, DAY, use -> TIDELINE, NeedInWords::read, Asking.nobody());
        assertThat(reading.rows())
                .extracting(ClassListReading.ReadRow::fullName)
                .containsExactly("Umi Ilves");
        assertThat(reading.passedOver())
                .containsExactly("Row 3 is called \"" + name + "\". It adds up the others and is passed over.");
    }

    @Test
    void aFormulaThatWentWrongIsNoStudent() {
        assertThat(only("Name,Tideline", "#VALUE!,571").problem())
                .isEqualTo("Row 2 has \"#VALUE!\" for a name: a formula in the file went wrong.");
    }

    @ParameterizedTest
    @CsvSource({"9, 10", "10, 10", "11, 20", "51, 100", "120, 200", "884, 1000", "1001, 2000"})
    void theTopOfANewScaleIsGuessedRound(String largest, double top) {
        ColumnUse use = new ColumnGuess(
                        sheet("Name,Other\nUmi," + largest + "\n"), List.of(), Map.of(), Asking.nobody())
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
        assertThat(only("Name,Tideline", "Umi,571.5").hold()).isEqualTo(Hold.WAITS);
        assertThat(only("Name,Tideline", "Umi,-3").hold()).isEqualTo(Hold.WAITS);
    }

    @Test
    void aStudentWithoutAGivenNameIsCalledByTheFamilyName() {
        ClassListReading.ReadRow row = only("Given name,Family name,Tideline", ",Ilves,571");
        assertThat(row.fullName()).isEqualTo("Ilves");
        assertThat(row.problem()).isNull();
    }

    @Test
    void idsDaysNeedsAndSharesAreGuessedToo() {
        assertThat(guessed("Number,Name,Date,Tideline,Find the ratio\n2101,Umi,2027-02-02,571,80 %\n"))
                .containsExactly(Use.STUDENT_NUMBER, Use.FULL_NAME, Use.DATE, Use.SCORE, Use.SKILL);
        assertThat(guessed("Name,Need,Amount,From,To\nUmi,extended time,1.5,2027-01-04,2027-06-30\n"))
                .containsExactly(Use.FULL_NAME, Use.NEED, Use.NEED_AMOUNT, Use.NEED_FROM, Use.NEED_TO);
    }

    @Test
    void wordsOfNeedsMeanSomethingElseInAListOfScores() {
        assertThat(guessed("Name,Time,To\nUmi,75,12\nKofi,80,13\n"))
                .containsExactly(Use.FULL_NAME, Use.SCORE, Use.SCORE);
        assertThat(guessed("Name,Time\nUmi,1.5\nKofi,\n")).containsExactly(Use.FULL_NAME, Use.TIME_FACTOR);
    }

    @ParameterizedTest
    @CsvSource({
        "extended time, 1.5, EXTENDED_TIME",
        "Extra time, 'x1,5', EXTENDED_TIME",
        "large print, '', LARGE_TEXT",
        "calculator, '', TOOL",
        "breaks, 10 min, BREAKS",
        "EXTRA_DAYS, 2 days, EXTRA_DAYS"
    })
    void needsAreReadAsPeopleWriteThem(String need, String amount, String support) {
        ClassListReading.ReadRow row = only("Name,Need,Amount", "Umi," + need + ",\"" + amount + "\"");
        assertThat(row.problem()).isNull();
        assertThat(row.needs().get(0).support().name()).isEqualTo(support);
    }

    @ParameterizedTest
    @CsvSource({
        "'Umi,extended time,9,,', 'cannot be taken: extended time takes a factor from 1.1 to 4'",
        "'Umi,breaks,many,,', 'has \"many\" under Amount, which is no amount'",
        "'Umi,untimed,,2027-02-31,', 'has \"2027-02-31\" under From, which is a day that does not exist'",
        "'Umi,untimed,,2027-02-10,2027-02-09', 'cannot be taken: it ends on 9 February 2027, before it begins on 10 February 2027'"
    })
    void aNeedThatCannotBeIsNamedByRowAndColumn(String row, String problem) {
        assertThat(only("Name,Need,Amount,From,To", row).problem()).isEqualTo("Row 2 " + problem + ".");
    }

    @Test
    void aShareIsRightByPercentOrByFraction() {
        assertThat(only("Name,Find the ratio", "Umi,80 %").skills()).containsValue(0.8);
        assertThat(only("Name,Find the ratio", "Umi,130 %").problem()).contains("no share from 0 to 100 %");
    }
}
