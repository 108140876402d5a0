package zafu.server.skill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.server.platform.Refusal;
import zafu.server.skill.FrameworkRead.SkillRead;

class SkillSheetTest {
    private static FrameworkRead read(String table) {
        return SkillSheet.read(table.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void columnsAreKnownByNameInAnyOrderAndCase() {
        SkillRead skill =
                read("GRADE,Code,name,Strand\n4, K.1 ,Bowline,Knots\n").skills().get(0);
        assertThat(skill.name()).isEqualTo("Bowline");
        assertThat(skill.strand()).isEqualTo("Knots");
        assertThat(skill.grade()).isEqualTo(4);
        assertThat(skill.code()).isEqualTo("K.1");
        assertThat(skill.before()).isEmpty();
    }

    @Test
    void prerequisitesStandBetweenSemicolonsAlsoWhereCommasPartTheCells() {
        SkillRead skill =
                read("name,prerequisites\nReef,\"Bowline; Clove ;\"\n").skills().get(0);
        assertThat(skill.before()).containsExactly("Bowline", "Clove");
    }

    @Test
    void semicolonsPartTheCellsWhereThereAreNoCommas() {
        SkillRead skill = read("name;strand\nBowline;Knots\n").skills().get(0);
        assertThat(skill.strand()).isEqualTo("Knots");
    }

    @ParameterizedTest
    @CsvSource(
            value = {"K, 0", "k, 0", "12, 12", "'', null"},
            nullValues = "null")
    void aGradeIsANumberOrK(String written, Integer grade) {
        assertThat(read("name,grade\nBowline," + written + "\n").skills().get(0).grade())
                .isEqualTo(grade);
    }

    @Test
    void aRowThatCannotBeTakenIsNamedByItsNumberAndTheOthersAreTaken() {
        FrameworkRead read = read("name,grade\n,4\nBowline,4\n" + "x".repeat(121) + ",4\nClove,four\n");
        assertThat(read.skills()).extracting(SkillRead::name).containsExactly("Bowline");
        assertThat(read.passedOver())
                .containsExactly(
                        "Row 2 has no name.",
                        "Row 4 has a name of more than 120 characters.",
                        "Row 5 has the grade \"FOUR\", which is no number.");
    }

    @Test
    void aMarkAtTheBeginningAndQuotedLinesAreRead() {
        SkillRead skill = read("\uFEFFname,description\nBowline,\"A loop,\nthat holds\"\n")
                .skills()
                .get(0);
        assertThat(skill.description()).isEqualTo("A loop,\nthat holds");
    }

    @Test
    void aTableWithoutNamesOrABrokenOneIsRefused() {
        assertThatThrownBy(() -> read("strand\nKnots\n"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no column called \"name\"");
        assertThatThrownBy(() -> read("name,name\nBowline,Clove\n")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> read("")).isInstanceOf(Refusal.class);
    }
}
