package zafu.core.measure;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A score as a person typed it, read as a number, as "not assessed", or as neither. */
public sealed interface ScoreText {
    Set<String> NOT_ASSESSED =
            Set.of("", "-", "–", "—", "abs", "absent", "n/a", "na", "n.a.", "not assessed", "none", "exempt");
    Pattern PLAIN = Pattern.compile("[+-]?\\d+(?:[.,]\\d+)?");
    Pattern POINT_WITH_THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:,\\d{3})+\\.\\d+");
    Pattern COMMA_WITH_THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:\\.\\d{3})+,\\d+");

    /**
     * Reads decimal comma and decimal point alike. A lone separator is always the decimal one: "1,234" is
     * 1.234, so that a thousands mark is never guessed; the measure's range and decimals catch the slip.
     */
    static ScoreText read(String typed) {
        String text = typed.replace('\u00a0', ' ').replace('\u2212', '-').strip();
        if (NOT_ASSESSED.contains(text.toLowerCase(Locale.ROOT))) {
            return new NotAssessed(text);
        }
        String number = text.replace(" ", "");
        if (matches(POINT_WITH_THOUSANDS, number)) {
            return new Score(Double.parseDouble(number.replace(",", "")));
        }
        if (matches(COMMA_WITH_THOUSANDS, number)) {
            return new Score(Double.parseDouble(number.replace(".", "").replace(',', '.')));
        }
        if (matches(PLAIN, number)) {
            return new Score(Double.parseDouble(number.replace(',', '.')));
        }
        return new Unreadable(typed);
    }

    private static boolean matches(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        return matcher.matches();
    }

    /** A number. */
    record Score(double value) implements ScoreText {}

    /** A word, a dash or a blank that says nothing was measured. */
    record NotAssessed(String as) implements ScoreText {}

    /** Neither; the text is kept as typed, for the message. */
    record Unreadable(String typed) implements ScoreText {}
}
