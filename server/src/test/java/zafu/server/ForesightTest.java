package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a change of a task that students can see would do to each of them, told before it is made. */
class ForesightTest extends ServerTest {
    private TestClass own;
    private TestTask task;

    @BeforeEach
    void aTaskThatIsOut() {
        own = newClass("foresight", 3);
        task = TestTask.out(own, only(1, 2));
    }

    private Map<String, Object> only(int... numbers) {
        return TestClass.targets(
                false, List.of(), Arrays.stream(numbers).mapToObj(own::student).toList(), List.of());
    }

    private static List<String> said(JsonNode effects) {
        return effects.valueStream()
                .map(each -> each.get("givenName").asString() + " "
                        + each.get("kind").asString())
                .toList();
    }

    @Test
    void oneMoreGetsIt() {
        assertThat(said(task.effects(base("targets", only(1, 2, 3))).ok())).containsExactly("S3 GAINS");
    }

    @Test
    void aVersionForOneIsAnotherVersion() {
        JsonNode effects = task.effects(base("targets", only(1)).andThen(TestTask.version("Other", only(2))))
                .ok();
        assertThat(said(effects)).containsExactly("S2 OTHER_VERSION");
    }

    @Test
    void twoVersionsForOneAreAConflict() {
        assertThat(said(task.effects(TestTask.version("Other", only(2))).ok())).containsExactly("S2 CONFLICT");
        assertThat(task.change(TestTask.version("Other", only(2))).status())
                .as("and refused when it is made")
                .isEqualTo(409);
        assertThat(task.view().get("versions")).hasSize(1);
    }

    @Test
    void otherQuestionsAreOtherWorkForWhoIsInTheMiddleOfIt() {
        task.start(1);
        JsonNode effects = task.effects(base("instructions", "Read first.")).ok();
        assertThat(said(effects)).containsExactly("S1 CONTENT", "S2 CONTENT");
        assertThat(effects.valueStream().map(each -> each.get("running").asBoolean()))
                .containsExactly(true, false);
    }

    @Test
    void datesAndTriesAreToldWithWhatTheyWere() {
        JsonNode effects = task.effects(base("due", "2027-02-12T15:00").andThen(base("tries", 2)))
                .ok();
        JsonNode tries = effects.get(0);
        assertThat(tries.get("part").asString()).isEqualTo("TRIES");
        assertThat(List.of(
                        tries.get("numberBefore").asInt(),
                        tries.get("numberAfter").asInt()))
                .containsExactly(1, 2);
        JsonNode due = effects.get(1);
        assertThat(due.has("dateBefore")).isFalse();
        assertThat(due.get("dateAfter").asString()).isEqualTo("2027-02-12T15:00:00");
    }

    @Test
    void whoNeedsMoreHasTheirOwnDate() {
        own.grant(2, "EXTRA_DAYS", "2").ok();
        JsonNode effects = task.effects(base("due", "2027-02-10T15:00")).ok();
        assertThat(effects.valueStream().map(each -> each.get("dateAfter").asString()))
                .containsExactly("2027-02-10T15:00:00", "2027-02-12T15:00:00");
    }
}
