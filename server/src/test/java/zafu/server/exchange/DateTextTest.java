package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Days as people and programs write them. Nothing is guessed. */
class DateTextTest {
    @ParameterizedTest
    @CsvSource({
        "2027-02-09, 2027-02-09",
        "2027-2-9, 2027-02-09",
        "2027/02/09, 2027-02-09",
        "2027-02-09T08:10:00, 2027-02-09",
        "2027-02-09 00:00, 2027-02-09",
        "9.2.2027, 2027-02-09",
        "09.02.27, 2027-02-09",
        "9. 2. 2027, 2027-02-09",
        "' 2027-02-09 ', 2027-02-09",
        "2028-02-29, 2028-02-29"
    })
    void aDayWithOneMeaningIsThatDay(String typed, LocalDate day) {
        assertThat(DateText.read(typed, DateText.Order.EITHER)).isEqualTo(new DateText.Day(day));
    }

    @ParameterizedTest
    @CsvSource({
        "25/12/2026, DAY_FIRST, 2026-12-25",
        "12/25/2026, MONTH_FIRST, 2026-12-25",
        "02/03/2027, DAY_FIRST, 2027-03-02",
        "02/03/2027, MONTH_FIRST, 2027-02-03",
        "02-03-2027, DAY_FIRST, 2027-03-02",
        "05/05/2027, EITHER, 2027-05-05",
        "25/12/2026, EITHER, 2026-12-25",
        "12/25/2026, EITHER, 2026-12-25"
    })
    void slashesAreReadInTheOrderOfTheirColumn(String typed, DateText.Order order, LocalDate day) {
        assertThat(DateText.read(typed, order)).isEqualTo(new DateText.Day(day));
    }

    @Test
    void whatMayBeTwoDaysIsNeither() {
        assertThat(DateText.read("02/03/2027", DateText.Order.EITHER))
                .isInstanceOfSatisfying(
                        DateText.NoDay.class, none -> assertThat(none.fault()).startsWith("may be two days"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"31.02.2027", "2027-02-29", "2027-13-01", "32.1.2027", "00.01.2027", "30/02/2027"})
    void daysThatDoNotExistAreNone(String typed) {
        assertThat(DateText.read(typed, DateText.Order.DAY_FIRST))
                .isEqualTo(new DateText.NoDay("is a day that does not exist"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"soon", "Tuesday", "9 Feb", "20270209", "1/2", "1/2/27", "2027", "-"})
    void wordsAndPartsAreNoDays(String typed) {
        assertThat(DateText.read(typed, DateText.Order.DAY_FIRST))
                .isInstanceOfSatisfying(
                        DateText.NoDay.class, none -> assertThat(none.fault()).startsWith("is no date"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "\t"})
    void nothingIsBlank(String typed) {
        assertThat(DateText.read(typed, DateText.Order.EITHER)).isEqualTo(new DateText.Blank());
    }

    @Test
    void aColumnShowsItsOrderByOneCellThatAllowsOnlyOne() {
        assertThat(DateText.orderOf(List.of("02/03/2027", "25/03/2027"))).isEqualTo(DateText.Order.DAY_FIRST);
        assertThat(DateText.orderOf(List.of("02/03/2027", "03/25/2027"))).isEqualTo(DateText.Order.MONTH_FIRST);
        assertThat(DateText.orderOf(List.of("02/03/2027", "2027-03-25"))).isEqualTo(DateText.Order.EITHER);
        assertThat(DateText.orderOf(List.of())).isEqualTo(DateText.Order.EITHER);
    }

    @Test
    void aColumnThatContradictsItselfShowsNone() {
        assertThat(DateText.orderOf(List.of("25/03/2027", "03/25/2027"))).isEqualTo(DateText.Order.EITHER);
    }
}
