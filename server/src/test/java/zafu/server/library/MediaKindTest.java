package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HexFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MediaKindTest {
    private static byte[] bytes(String hex) {
        return HexFormat.of().parseHex(hex);
    }

    @ParameterizedTest
    @CsvSource({
        "89504e470d0a1a0a0000, image/png",
        "ffd8ffe000104a46, image/jpeg",
        "474946383961aa, image/gif",
        "255044462d312e37, application/pdf",
        "524946460000000057454250565038, image/webp"
    })
    void aFileIsWhatItsFirstBytesSay(String hex, String mediaType) {
        assertThat(MediaKind.of(bytes(hex)).orElseThrow().mediaType).isEqualTo(mediaType);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                // an SVG, a web page, a program, a sound that begins as WebP does, nothing
                "3c7376672f3e",
                "3c68746d6c3e",
                "4d5a9000",
                "524946460000000057415645",
                ""
            })
    void anythingElseIsNotKept(String hex) {
        assertThat(MediaKind.of(bytes(hex))).isEmpty();
    }

    @Test
    void theReasonNamesTheFile() {
        assertThat(LibraryFiles.whyNot("crab.png", bytes("3c7376672f3e")))
                .hasValueSatisfying(why -> assertThat(why).startsWith("\"crab.png\" is neither"));
        assertThat(LibraryFiles.whyNot("large.png", largePicture()))
                .hasValueSatisfying(why -> assertThat(why).contains("larger than 10 MB"));
    }

    private static byte[] largePicture() {
        byte[] picture = new byte[10 * 1024 * 1024 + 1];
        System.arraycopy(bytes("89504e470d0a1a0a"), 0, picture, 0, 8);
        return picture;
    }
}
