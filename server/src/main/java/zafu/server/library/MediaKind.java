package zafu.server.library;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;

/** The media that the library keeps, known by their first bytes, whatever a file calls itself. */
enum MediaKind {
    PNG("image/png", "89504e470d0a1a0a"),
    JPEG("image/jpeg", "ffd8ff"),
    GIF("image/gif", "47494638"),
    PDF("application/pdf", "255044462d"),
    WEBP("image/webp", "52494646");

    final String mediaType;
    private final byte[] head;

    MediaKind(String mediaType, String head) {
        this.mediaType = mediaType;
        this.head = HexFormat.of().parseHex(head);
    }

    static Optional<MediaKind> of(byte[] content) {
        return Arrays.stream(values()).filter(kind -> kind.isIn(content)).findFirst();
    }

    private boolean isIn(byte[] content) {
        boolean begins = content.length > head.length && Arrays.equals(content, 0, head.length, head, 0, head.length);
        // Other formats begin as WEBP does and say what they are a little later.
        return begins
                && (this != WEBP
                        || (content.length > 12
                                && new String(content, 8, 4, StandardCharsets.US_ASCII).equals("WEBP")));
    }
}
