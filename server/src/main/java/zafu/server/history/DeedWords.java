package zafu.server.history;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Properties;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The trail in words. Deeds whose stable word reads well as it is ({@code task.handed-out}) need no words of their own.
 */
final class DeedWords {
    private static final Properties WORDS = read();
    private static final Pattern RECORD_NAME = Pattern.compile("\\b[A-Z]\\w*\\[");
    private static final Pattern INNER_CAPITAL = Pattern.compile("(?<=[a-z])(?=[A-Z])");

    private DeedWords() {}

    private static Properties read() {
        Properties words = new Properties();
        try (Reader in = new InputStreamReader(
                DeedWords.class.getResourceAsStream("/history/deeds.properties"), StandardCharsets.UTF_8)) {
            words.load(in);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return words;
    }

    /** What was done, such as "task assigned". */
    static String of(String deed) {
        String plain = deed.toLowerCase(Locale.ROOT)
                .replace('.', ' ')
                .replace('-', ' ')
                .replace('_', ' ');
        return WORDS.getProperty(deed, plain);
    }

    /** The facts of a line for a reader: a record as its parts, without those that are not given. */
    static String facts(String kept) {
        if (!kept.contains("=")) {
            return kept;
        }
        String plain = RECORD_NAME.matcher(kept).replaceAll("").replaceAll("[\\[\\]{}]", "");
        return Arrays.stream(plain.split(", "))
                .filter(part -> !part.endsWith("=null") && !part.endsWith("="))
                .map(DeedWords::part)
                .collect(Collectors.joining(", "));
    }

    private static String part(String part) {
        int equals = part.lastIndexOf('=');
        if (equals < 0) {
            return part;
        }
        String name =
                INNER_CAPITAL.matcher(part.substring(0, equals)).replaceAll(" ").toLowerCase(Locale.ROOT);
        return name + ": " + part.substring(equals + 1);
    }
}
