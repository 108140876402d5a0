package zafu.core.measure;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A score as a person typed it, read as a number, as one of two numbers, as "not assessed", or as none of these. */
public sealed interface ScoreText {
    Set<String> NOT_ASSESSED = Set.of(
            "",
            "-",
            "–",
            "—",
            "abs",
            "abs.",
            "absent",
            "absente",
            "ausente",
            "n/a",
            "na",
            "n.a.",
            "n/d",
            "nd",
            "none",
            "not assessed",
            "non évalué",
            "no evaluado",
            "exempt",
            "excused",
            "exc",
            "dnf",
            "dns",
            "did not finish");
    Pattern PLAIN = Pattern.compile("[+-]?\\d+(?:[.,]\\d+)?");
    Pattern POINT_WITH_THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:,\\d{3})+\\.\\d+");
    Pattern COMMA_WITH_THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:\\.\\d{3})+,\\d+");

    Pattern MANY_THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(?:(?:,\\d{3}){2,}|(?:\\.\\d{3}){2,})");
    Pattern EITHER = Pattern.compile("[+-]?[1-9]\\d{0,2}[.,]\\d{3}");

    /** Reads decimal comma and decimal point alike. "1,234" can be two numbers, and is not guessed: see {@link DecimalMark}. */
    static ScoreText read(String typed) {
        String text = straight(typed);
        if (NOT_ASSESSED.contains(text.toLowerCase(Locale.ROOT))) {
            return new NotAssessed(text);
        }
        String number = tidy(typed);
        if (matches(EITHER, number)) {
            return new Unsure(typed);
        }
        if (matches(MANY_THOUSANDS, number)) {
            return new Score(Double.parseDouble(number.replaceAll("[.,]", "")));
        }
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

    private static String straight(String typed) {
        return typed.replace('\u00a0', ' ').replace('\u2212', '-').strip();
    }

    /** Without the blanks or apostrophes that stand between thousands. */
    static String tidy(String typed) {
        return straight(typed).replaceAll("(?<=\\d)[ \u202f'\u2019](?=\\d{3}(?!\\d))", "");
    }

    private static boolean matches(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        return matcher.matches();
    }

    /** A number. */
    record Score(double value) implements ScoreText {}

    /** A number with one mark and three digits after it, which can be decimals or thousands. */
    record Unsure(String typed) implements ScoreText {
        public double asDecimal() {
            return Double.parseDouble(tidy(typed).replace(',', '.'));
        }

        public double asThousands() {
            return Double.parseDouble(tidy(typed).replaceAll("[.,]", ""));
        }

        /** What the mark is if decimals stand after it. */
        DecimalMark markOfDecimals() {
            return typed.contains(",") ? DecimalMark.COMMA : DecimalMark.POINT;
        }

        /** What the decimal mark is if this one stands between thousands. */
        DecimalMark markOfThousands() {
            return typed.contains(",") ? DecimalMark.POINT : DecimalMark.COMMA;
        }
    }

    /** A word, a dash or a blank that says nothing was measured. */
    record NotAssessed(String as) implements ScoreText {}

    /** Neither; the text is kept as typed, for the message. */
    record Unreadable(String typed) implements ScoreText {}
}
