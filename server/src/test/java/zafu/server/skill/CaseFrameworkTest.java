package zafu.server.skill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.platform.Refusal;
import zafu.server.skill.FrameworkRead.SkillRead;

class CaseFrameworkTest {
    private static FrameworkRead read(String items, String associations) {
        String json = "{\"CFDocument\": {\"title\": \"Island\"}, \"CFItems\": [" + items + "], \"CFAssociations\": ["
                + associations + "]}";
        return CaseFramework.read(json.getBytes(StandardCharsets.UTF_8));
    }

    private static String item(String id, String statement, String more) {
        return "{\"identifier\": \"" + id + "\", \"fullStatement\": \"" + statement + "\"" + more + "}";
    }

    private static String tie(String type, String from, String to) {
        return "{\"associationType\": \"" + type + "\", \"originNodeURI\": {\"identifier\": \"" + from
                + "\"}, \"destinationNodeURI\": {\"identifier\": \"" + to + "\"}}";
    }

    @Test
    void theTopmostItemIsTheStrandHoweverDeepTheSkillLies() {
        FrameworkRead read = read(
                item("s", "Sailing", "") + "," + item("g", "Wind", "") + "," + item("a", "Tells its direction", ""),
                tie("isChildOf", "g", "s") + "," + tie("isChildOf", "a", "g"));
        assertThat(read.skills()).extracting(SkillRead::name).containsExactly("Tells its direction");
        assertThat(read.skills().get(0).strand()).isEqualTo("Sailing");
    }

    @Test
    void anItemThatStandsAloneIsASkillOfNoStrand() {
        assertThat(read(item("a", "Ties a knot", ""), "").skills().get(0).strand())
                .isEmpty();
    }

    @Test
    void theShortStatementIsTheNameAndTheFullOneTheDescription() {
        SkillRead skill = read(item("a", "Ties a bowline in the dark", ", \"abbreviatedStatement\": \"Bowline\""), "")
                .skills()
                .get(0);
        assertThat(skill.name()).isEqualTo("Bowline");
        assertThat(skill.description()).isEqualTo("Ties a bowline in the dark");
    }

    @Test
    void aLongStatementIsCutForTheNameAndKeptWhole() {
        SkillRead skill = read(item("a", "x".repeat(300), ""), "").skills().get(0);
        assertThat(skill.name()).hasSize(120).endsWith("…");
        assertThat(skill.description()).hasSize(300);
    }

    @ParameterizedTest
    @CsvSource(
            value = {"05, 5", "KG, 0", "kg, 0", "HS, null", "'', null"},
            nullValues = "null")
    void theFirstLevelIsTheGrade(String level, Integer grade) {
        SkillRead skill = read(item("a", "Knot", ", \"educationLevel\": [\"" + level + "\"]"), "")
                .skills()
                .get(0);
        assertThat(skill.grade()).isEqualTo(grade);
    }

    @Test
    void whatPrecedesIsAPrerequisiteAndOtherTiesAreNamed() {
        FrameworkRead read = read(
                item("a", "Knot", "") + "," + item("b", "Bend", ""),
                tie("precedes", "a", "b") + "," + tie("isRelatedTo", "a", "b") + "," + tie("precedes", "gone", "b"));
        assertThat(read.skills().get(1).before()).containsExactly("a");
        assertThat(read.passedOver()).singleElement().asString().contains("isRelatedTo");
    }

    @Test
    void anItemWithoutAnIdentifierOrWordsIsNamed() {
        FrameworkRead read = read("{\"fullStatement\": \"Knot\"}," + item("b", " ", ""), "");
        assertThat(read.skills()).isEmpty();
        assertThat(read.passedOver()).hasSize(2);
    }

    @Test
    void itemsThatAreEachOthersParentsDoNotHangIt() {
        FrameworkRead read = read(
                item("a", "One", "") + "," + item("b", "Two", "") + "," + item("c", "Three", ""),
                tie("isChildOf", "a", "b") + "," + tie("isChildOf", "b", "a") + "," + tie("isChildOf", "c", "a"));
        assertThat(read.skills()).extracting(SkillRead::name).containsExactly("Three");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "[]", "{}", "{\"CFItems\": 3}", "not json"})
    void whatIsNoFrameworkIsRefused(String json) {
        assertThatThrownBy(() -> CaseFramework.read(json.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("The file");
    }
}
