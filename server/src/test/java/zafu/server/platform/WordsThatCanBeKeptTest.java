package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsThatCanBeKeptTest {
    @ParameterizedTest
    @CsvSource({"a\u0000b, ab", "a\ud83db, ab", "\udc00a, a", "小林 🦀 अ, 小林 🦀 अ", "'', ''"})
    void whatNoDatabaseKeepsIsTakenOutAndNothingElse(String sent, String kept) {
        assertThat(WordsThatCanBeKept.kept(sent)).isEqualTo(kept);
    }
}
