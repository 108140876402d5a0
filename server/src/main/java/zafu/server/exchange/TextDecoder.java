package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import zafu.server.exchange.ImportQuestion.Choice;

/**
 * Text out of bytes whose encoding nobody told us: UTF-16 and UTF-8 by their mark, UTF-16 without one by its zero
 * bytes, UTF-8 where the bytes are valid UTF-8, Windows-1252 otherwise.
 */
public final class TextDecoder {
    private static final Charset WINDOWS_1252 = Charset.forName("windows-1252");

    /** What programs in other countries and on other machines write, the likeliest first. */
    private static final List<Charset> OTHERS = Stream.of("x-MacRoman", "GB18030", "Shift_JIS", "windows-1251")
            .map(Charset::forName)
            .toList();

    private static final Pattern ODD_IN_1252 = Pattern.compile("[^\\x00-\\x7F]{2,}|[\\x80-\\x9F]|[ˆ‰‹›ŠŒŽšœžŸ†‡ƒ]");
    private static final int LONGEST_SAMPLE = 40;
    private static final int PIECE = 16_384;

    private TextDecoder() {}

    /** As {@link #decode(byte[])}, but where the words may be of another encoding that is asked, with a sample of each. */
    static String decode(byte[] bytes, Asking asking) {
        String read = decode(bytes);
        boolean sure = isMarked(bytes) || decoded(bytes, StandardCharsets.UTF_8).isPresent();
        if (sure || !ODD_IN_1252.matcher(read).find()) {
            return read;
        }
        List<Choice> choices = new ArrayList<>();
        Stream.concat(Stream.of(WINDOWS_1252), OTHERS.stream()).forEach(charset -> decoded(bytes, charset)
                .ifPresent(text -> choices.add(new Choice(charset.name(), sample(text)))));
        return asking.ofShape(
                        "encoding",
                        inWords("exchange.which-of-these-is-spelt-right"),
                        inWords("exchange.the-file-does-not-say-how-its"),
                        choices)
                .flatMap(name -> decoded(bytes, Charset.forName(name)))
                .orElse(read);
    }

    /** The first words with letters that the encodings read differently. */
    private static String sample(String text) {
        return text.lines()
                .filter(line -> line.chars().anyMatch(c -> c > 127))
                .findFirst()
                .map(line -> line.length() > LONGEST_SAMPLE ? line.substring(0, LONGEST_SAMPLE - 1) + "…" : line)
                .orElse("");
    }

    private static boolean isMarked(byte[] bytes) {
        return startsWith(bytes, 0xFF, 0xFE)
                || startsWith(bytes, 0xFE, 0xFF)
                || mostlyZeroAt(bytes, 0)
                || mostlyZeroAt(bytes, 1);
    }

    private static Optional<String> decoded(byte[] bytes, Charset charset) {
        return isAll(bytes, charset) ? Optional.of(new String(bytes, charset)) : Optional.empty();
    }

    /** Whether all of it can be read so. Looked at in pieces: letters of a large file would fill the memory twice. */
    private static boolean isAll(byte[] bytes, Charset charset) {
        CharsetDecoder decoder = charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        ByteBuffer in = ByteBuffer.wrap(bytes);
        CharBuffer piece = CharBuffer.allocate(PIECE);
        CoderResult result;
        do {
            result = decoder.decode(in, piece, true);
            piece.clear();
        } while (result.isOverflow());
        return result.isUnderflow() && decoder.flush(piece).isUnderflow();
    }

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
        return decoded(bytes, StandardCharsets.UTF_8).orElseGet(() -> new String(bytes, WINDOWS_1252));
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
