package zafu.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FoldedLinesTest {
    @ParameterizedTest
    @ValueSource(strings = {"Tide log, five days", "潮の満ち引きを五日間記録する", "ज्वार-भाटा पाँच दिन", "🦀 and 🦀", "é"})
    void noLineIsLongerThan75OctetsAndNoLetterIsCut(String words) {
        String title = (words + " ").repeat(20).strip();
        Instant day = Instant.parse("2027-02-09T12:00:00Z");
        String text = CalendarText.of("Plan", List.of(new Entry("a", day, null, title, title)), day);
        assertThat(text.split("\r\n")).allSatisfy(line -> assertThat(line.getBytes(StandardCharsets.UTF_8).length)
                .isLessThanOrEqualTo(75));
        assertThat(text.replace("\r\n ", ""))
                .contains("SUMMARY:" + title.replace(",", "\\,"))
                .doesNotContain("\uFFFD");
    }
}
