package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FeedbackTest {
    @ParameterizedTest
    @CsvSource({
        "AS_THEY_GO, 12, false, true",
        "WHEN_HANDED_IN, 12, false, true",
        "AFTER_DUE, 12, false, false",
        "AFTER_DUE, 12, true, true",
        "AFTER_DUE, 10, false, false",
        "AFTER_DUE, 9, false, true",
        "AFTER_DUE, , false, true",
        "AFTER_MARKING, 9, false, false",
        "AFTER_MARKING, , true, true"
    })
    void atTenOClockWithThisDueHour(Feedback feedback, Integer due, boolean returned, boolean open) {
        Instant midnight = Instant.parse("2027-02-09T00:00:00Z");
        Instant now = midnight.plusSeconds(10 * 3600);
        Optional<Instant> dueAt = Optional.ofNullable(due).map(hour -> midnight.plusSeconds(hour * 3600L));
        assertThat(feedback.isOpenAt(now, dueAt, returned)).isEqualTo(open);
    }
}
