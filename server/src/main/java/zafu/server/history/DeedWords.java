package zafu.server.history;

import static zafu.server.platform.Words.inWords;

import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import zafu.server.platform.Words;

/** The trail in words. */
final class DeedWords {
    private static final Pattern RECORD_NAME = Pattern.compile("\\b[A-Z]\\w*\\[");
    private static final Pattern INNER_CAPITAL = Pattern.compile("(?<=[a-z])(?=[A-Z])");

    private DeedWords() {}

    /** What was done, such as "task assigned". */
    static String of(String deed) {
        String key = "deed." + deed;
        return Words.has(key) ? inWords(key) : deed;
    }

    /** The facts of a line for a reader: a record as its parts, without those that are not given. */
    static String facts(String kept) {
        String heard = Words.heard(kept);
        if (!heard.equals(kept) || !kept.contains("=")) {
            return heard;
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
