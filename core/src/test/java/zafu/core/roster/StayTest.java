package zafu.core.roster;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StayTest {
    @ParameterizedTest
    @CsvSource({
        ",, NOW",
        "2027-02-09,, NOW",
        ", 2027-02-09, NOW",
        "2027-02-10,, TO_COME",
        ", 2027-02-08, OVER",
        "2026-09-01, 2027-06-25, NOW",
        "2026-09-01, 2026-12-18, OVER",
        "2027-03-01, 2027-06-25, TO_COME"
    })
    void bothDaysBelongToIt(LocalDate from, LocalDate to, Stay.When standing) {
        assertThat(new Stay(Optional.ofNullable(from), Optional.ofNullable(to)).on(LocalDate.parse("2027-02-09")))
                .isEqualTo(standing);
    }
}
