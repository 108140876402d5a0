package zafu.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NeedInWordsTest {
    @ParameterizedTest
    @CsvSource({
        "Time and a half, EXTENDED_TIME, 1.5",
        "TIME-AND-A-HALF, EXTENDED_TIME, 1.5",
        "Double time, EXTENDED_TIME, 2",
        "Extra time 25 %, EXTENDED_TIME, 1.25",
        "extra time (25%), EXTENDED_TIME, 1.25",
        "50% extra time, EXTENDED_TIME, 1.5",
        "Extended time 150 %, EXTENDED_TIME, 1.5",
        "extended time 1.5, EXTENDED_TIME, 1.5",
        "'extended time 1,5', EXTENDED_TIME, 1.5",
        "1.5x, EXTENDED_TIME, 1.5",
        "2 × time, EXTENDED_TIME, 2",
        "150 %, EXTENDED_TIME, 1.5",
        "Tiers-temps, EXTENDED_TIME, 1.33",
        "Temps supplémentaire 25 %, EXTENDED_TIME, 1.25",
        "Tiempo y medio, EXTENDED_TIME, 1.5",
        "2 extra days, EXTRA_DAYS, 2",
        "Breaks 10, BREAKS, 10",
        "Fewer choices (3), FEWER_CHOICES, 3",
        "Extended time, EXTENDED_TIME,",
        "Read aloud, READ_ALOUD,",
        "read_aloud, READ_ALOUD,",
        "Large print, LARGE_TEXT,",
        "Gros caractères, LARGE_TEXT,",
        "Letra grande, LARGE_TEXT,",
        "Quiet room, SEPARATE_PLACE,",
        "Unlimited time, UNTIMED,"
    })
    void whatSchoolsWriteIsUnderstood(String typed, Support support, BigDecimal amount) {
        NeedInWords read = NeedInWords.read(typed).orElseThrow();
        assertThat(read.support()).isEqualTo(support);
        assertThat(read.amount()).isEqualTo(Optional.ofNullable(amount));
    }

    @ParameterizedTest
    @CsvSource({"Calculator, calculator", "glossary, glossary"})
    void aToolIsItsOwnDetail(String typed, String detail) {
        assertThat(NeedInWords.read(typed).orElseThrow().detail()).isEqualTo(detail);
    }

    /** What could be two things, or none, is not guessed. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "moon light",
                "",
                "25 %",
                "extra time 15 minutes",
                "extended time 900 %",
                "time",
                "5",
                "read aloud 2",
                "20 % fewer questions",
                "half time",
                "no extended time"
            })
    void whatIsNotKnownIsNotGuessed(String typed) {
        assertThat(NeedInWords.read(typed)).isEmpty();
    }
}
