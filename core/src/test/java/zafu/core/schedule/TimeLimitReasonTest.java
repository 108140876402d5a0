package zafu.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import zafu.core.schedule.TimeLimit.TimeNeeds;

class TimeLimitReasonTest {
    @Test
    void extendedTimeSaysWhatWasMultiplied() {
        TimeNeeds needs = new TimeNeeds(false, List.of(new BigDecimal("1.25"), new BigDecimal("1.50")));
        assertThat(TimeLimit.of(OptionalInt.of(20), needs, false, Setting.leaves()))
                .isEqualTo(new TimeLimit.Extended(30, 20, new BigDecimal("1.5")));
    }

    @Test
    void decimalsAreExact() {
        TimeNeeds needs = new TimeNeeds(false, List.of(new BigDecimal("1.1")));
        assertThat(TimeLimit.of(OptionalInt.of(10), needs, false, Setting.leaves())
                        .minutes())
                .hasValue(11);
    }

    @Test
    void untimedBeatsEveryFactor() {
        TimeNeeds needs = new TimeNeeds(true, List.of(new BigDecimal("2")));
        assertThat(TimeLimit.of(OptionalInt.of(20), needs, false, Setting.leaves()))
                .isEqualTo(new TimeLimit.Untimed(20));
    }
}
