package zafu.server.task;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Rule 3: a field that a version does not override follows the base. */
class TaskVersionTest {
    private static final Instant NINE = Instant.parse("2027-02-09T13:00:00Z");

    private static TaskVersion filled(long id, int place, String title, int minutes, Instant moment) {
        TaskVersion version = new TaskVersion();
        version.id = id;
        version.place = place;
        version.title = title;
        version.instructions = "what to do in " + title;
        version.minutes = minutes;
        version.includesAccommodations = place > 0;
        version.opensAt = moment;
        version.dueAt = moment.plusSeconds(60);
        version.closesAt = moment.plusSeconds(120);
        version.tries = place + 1;
        version.texts.add(id);
        version.questions.add(id * 10);
        return version;
    }

    private final TaskVersion base = filled(1, 0, "base", 20, NINE);
    private final TaskVersion version = filled(2, 1, "version", 30, NINE.plusSeconds(3600));

    private TaskVersion.Content over(Set<Field> fields) {
        version.override(fields);
        return version.over(base);
    }

    @Test
    void withoutOverridesEverythingIsTheBases() {
        TaskVersion.Content content = over(Set.of());
        assertThat(content.versionId()).isEqualTo(2);
        assertThat(content.title()).isEqualTo("base");
        assertThat(content.texts()).containsExactly(1L);
        assertThat(content.questions()).containsExactly(10L);
        assertThat(content.terms()).isEqualTo(base.over(base).terms());
    }

    @Test
    void withEverythingOverriddenNothingIsTheBases() {
        TaskVersion.Content content = over(EnumSet.allOf(Field.class));
        assertThat(content.title()).isEqualTo("version");
        assertThat(content.texts()).containsExactly(2L);
        assertThat(content.terms().minutes()).hasValue(30);
        assertThat(content.terms().includesAccommodations()).isTrue();
        assertThat(content.terms().opens()).contains(NINE.plusSeconds(3600));
        assertThat(content.terms().tries()).isEqualTo(2);
    }

    @ParameterizedTest
    @EnumSource(Field.class)
    void oneOverriddenFieldIsTheOnlyDifference(Field field) {
        TaskVersion.Content plain = over(Set.of());
        TaskVersion.Content changed = over(Set.of(field));
        List<Object> before = fields(plain);
        List<Object> after = fields(changed);
        for (Field each : Field.values()) {
            boolean same = before.get(each.ordinal()).equals(after.get(each.ordinal()));
            assertThat(same).as(each.name()).isEqualTo(each != field);
        }
    }

    private static List<Object> fields(TaskVersion.Content content) {
        return List.of(
                content.title(),
                content.instructions(),
                content.texts(),
                content.questions(),
                content.terms().minutes(),
                content.terms().opens(),
                content.terms().due(),
                content.terms().closes(),
                content.terms().tries());
    }

    @Test
    void anOverrideMayTakeAValueAway() {
        version.minutes = null;
        version.dueAt = null;
        TaskVersion.Content content = over(Set.of(Field.MINUTES, Field.DUE));
        assertThat(content.terms().minutes()).isEmpty();
        assertThat(content.terms().due()).isEmpty();
        assertThat(content.terms().closes()).isPresent();
    }

    @Test
    void overridesAreKeptInOneOrder() {
        version.override(Set.of(Field.TRIES, Field.TITLE));
        assertThat(version.overrides).isEqualTo("TITLE,TRIES");
        assertThat(version.overridden()).containsExactly(Field.TITLE, Field.TRIES);
    }
}
