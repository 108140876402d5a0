package zafu.core.targeting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class GivesAwayTest {
    private static final List<String> VERSIONS = List.of("Base", "Short text", "Deeper");

    @Test
    void aTitleThatNamesAVersionGivesItAway() {
        assertThat(GivesAway.names(List.of("The marsh (short text)", "Tides"), VERSIONS))
                .containsExactly("Short text");
    }

    @Test
    void whatAllShareIsNoSecret() {
        assertThat(GivesAway.names(List.of("Base of the food chain"), VERSIONS)).isEmpty();
    }

    @Test
    void onlyWholeWordsCount() {
        assertThat(GivesAway.names(List.of("Deepernest Bay"), VERSIONS)).isEmpty();
        assertThat(GivesAway.names(List.of("Marsh, deeper"), VERSIONS)).containsExactly("Deeper");
        assertThat(GivesAway.names(List.of("Más hondo"), List.of("Base", "hondo")))
                .containsExactly("hondo");
    }

    @Test
    void namesOfALetterOrTwoSayNothing() {
        assertThat(GivesAway.names(List.of("Vitamin B"), List.of("A", "B"))).isEmpty();
    }
}
