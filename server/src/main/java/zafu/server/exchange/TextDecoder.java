package zafu.server.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/**
 * Text out of bytes whose encoding nobody told us: UTF-16 and UTF-8 by their mark, UTF-16 without one by its zero
 * bytes, UTF-8 where the bytes are valid UTF-8, Windows-1252 otherwise.
 */
public final class TextDecoder {
    private static final Charset WINDOWS_1252 = Charset.forName("windows-1252");

    private TextDecoder() {}

    public static String decode(byte[] bytes) {
        if (startsWith(bytes, 0xEF, 0xBB, 0xBF)) {
            return new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8);
        }
        if (startsWith(bytes, 0xFF, 0xFE)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (startsWith(bytes, 0xFE, 0xFF)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        if (mostlyZeroAt(bytes, 1)) {
            return new String(bytes, StandardCharsets.UTF_16LE);
        }
        if (mostlyZeroAt(bytes, 0)) {
            return new String(bytes, StandardCharsets.UTF_16BE);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException notUtf8) {
            return new String(bytes, WINDOWS_1252);
        }
    }

    private static boolean startsWith(byte[] bytes, int... mark) {
        if (bytes.length < mark.length) {
            return false;
        }
        for (int i = 0; i < mark.length; i++) {
            if ((bytes[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }

    /** Text in Latin letters as UTF-16 has a zero in nearly every pair of bytes, always on the same side. */
    private static boolean mostlyZeroAt(byte[] bytes, int side) {
        int pairs = Math.min(bytes.length / 2, 500);
        int zeros = 0;
        for (int i = 0; i < pairs; i++) {
            zeros += bytes[2 * i + side] == 0 ? 1 : 0;
        }
        return pairs > 0 && zeros * 10 >= pairs * 6;
    }
}
