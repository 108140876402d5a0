package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.core.need.NeedInWords;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.StudentFacts;

/** Whom a row of a list means. */
class PeopleMatchTest {
    private static final KnownStudent UMI = known(1, "Umi", "Ilves", "", "2121");
    private static final KnownStudent WREN = known(2, "Wrenna", "Tolliver", "Wren", "");
    private static final KnownStudent ANN = known(3, "Ann", "Bell", "", "");
    private static final KnownStudent OTHER_ANN = known(4, "Ann", "Bell", "", "7");
    private static final KnownStudent ELSEWHERE = known(5, "Kofi", "Asterly", "", "9");
    private final Asking asking = new Asking(Map.of());
    private final PeopleMatch people =
            new PeopleMatch(List.of(UMI, WREN, ANN, OTHER_ANN, ELSEWHERE), List.of(UMI, WREN, ANN, OTHER_ANN), asking);

    private static KnownStudent known(long id, String given, String family, String preferred, String number) {
        return new KnownStudent(
                id,
                "source-" + id,
                new StudentFacts(given, family, preferred, 5, "Spanish", "5 Heron", number),
                List.of("crew"),
                false);
    }

    private PeopleMatch.Match match(String header, String row) {
        Sheet sheet = SheetReader.read((header + "\n" + row + "\n").getBytes(StandardCharsets.UTF_8), Asking.nobody());
        List<ColumnUse> uses = new ColumnGuess(sheet, List.of(), Map.of(), Asking.nobody()).guess();
        return people.match(new ClassListReading(
                        sheet, uses, 4, LocalDate.parse("2027-02-02"), use -> null, NeedInWords::read, Asking.nobody())
                .rows()
                .get(0));
    }

    @ParameterizedTest
    @CsvSource({
        "umi ILVES, '', 1",
        "Umi Ilves, 2121, 1",
        "Umi Somebody, 2121, 1",
        "Ilves Um, 2121, 1",
        "Wren Tolliver, '', 2",
        "Wrenna Tolliver, '', 2",
        "Ann Bell, 7, 4",
        "Kofi Asterly, 9, 5"
    })
    void aNumberComesBeforeANameAndAPreferredNameIsAName(String name, String number, long id) {
        assertThat(match("Name,Number", name + "," + number).known().id()).isEqualTo(id);
    }

    @ParameterizedTest
    @CsvSource({"Kofi Asterly, ''", "Bryn Hollowell, ''", "Bryn Hollowell, 55"})
    void whoIsNotOfTheClassIsNew(String name, String number) {
        PeopleMatch.Match match = match("Name,Number", name + "," + number);
        assertThat(match.known()).isNull();
        assertThat(match.isGood()).isTrue();
        assertThat(match.facts().grade()).isEqualTo(4);
    }

    /** A list of another class with rows numbered 1, 2, 3 once took the place of the children of the first. */
    @Test
    void aNumberWhoseNameIsAnothersIsAQuestion() {
        PeopleMatch.Match match = match("Name,No.", "Linnea Sjövik,7");
        assertThat(match.known()).isNull();
        assertThat(match.row().hold()).isEqualTo(Hold.WAITS);
        assertThat(asking.open().get(0).asks())
                .isEqualTo("Row 2: number 7 is Ann Bell here. The file calls 7 “Linnea Sjövik”.");
    }

    @ParameterizedTest
    @CsvSource({"OTHER, false, ''", "SAME, true, 7"})
    void theAnswerSaysWhoItIs(String answer, boolean known, String number) {
        asking.remember(Map.of("row:2", answer));
        PeopleMatch.Match match = match("Name,No.", "Linnea Sjövik,7");
        assertThat(match.isGood()).isTrue();
        assertThat(match.known() != null).isEqualTo(known);
        assertThat(match.facts().studentNumber()).isEqualTo(number);
        assertThat(match.facts().givenName()).isEqualTo("Linnea");
    }

    @Test
    void aRowThatAnAnswerLeavesOutIsNeitherGoodNorWrong() {
        asking.remember(Map.of("row:2", "OUT"));
        PeopleMatch.Match match = match("Name,No.", "Linnea Sjövik,7");
        assertThat(match.isGood()).isFalse();
        assertThat(match.row().problem()).isNull();
    }

    @Test
    void ofTwoOfOneNameNeitherIsGuessed() {
        PeopleMatch.Match match = match("Name,Number", "Ann Bell,");
        assertThat(match.isGood()).isFalse();
        assertThat(asking.open().get(0).choices())
                .extracting(ImportQuestion.Choice::key)
                .containsExactly("3", "4", "OTHER", "OUT");
        asking.remember(Map.of("row:2", "4"));
        assertThat(match("Name,Number", "Ann Bell,").known()).isEqualTo(OTHER_ANN);
    }

    @Test
    void anotherNumberThanTheOneThatIsHereIsAQuestion() {
        assertThat(match("Name,Number", "Umi Ilves,9999").isGood()).isFalse();
        assertThat(asking.open().get(0).asks()).isEqualTo("Row 2 gives Umi Ilves the number 9999. Here it is 2121.");
    }

    @Test
    void aNumberIsWrittenDownWhereNoneWas() {
        assertThat(match("Name,Number", "Wren Tolliver,31").facts().studentNumber())
                .isEqualTo("31");
    }

    @Test
    void blanksLeaveWhatIsHere() {
        StudentFacts facts =
                match("Name,Grade,Home class,Language,Tags", "Umi Ilves,,,,").facts();
        assertThat(facts).isEqualTo(UMI.facts());
        assertThat(match("Name,Tags", "Umi Ilves,").tags()).containsExactly("crew");
    }

    @Test
    void whatTheRowSaysReplacesWhatIsHere() {
        PeopleMatch.Match match = match(
                "Name,Number,Grade,Home class,Language,Preferred name,Tags",
                "Umi Ilves-Marsh,2121,6,6 Tern,French,Um,boats; crew");
        assertThat(match.facts())
                .isEqualTo(new StudentFacts("Umi", "Ilves-Marsh", "Um", 6, "French", "6 Tern", "2121"));
        assertThat(match.tags()).containsExactly("boats", "crew");
    }

    @Test
    void aPreferredNameInAListIsNotTakenForTheGivenName() {
        assertThat(match("Name,Grade", "Wren Tolliver,5").facts().givenName()).isEqualTo("Wrenna");
    }

    @Test
    void anotherCaseIsNotAnotherName() {
        assertThat(match("Name,Grade", "UMI ILVES,5").facts()).isEqualTo(UMI.facts());
    }
}
