package zafu.core.need;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.Normalizer;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A need as a school's list words it: "Time and a half", "Extra time 25 %", "Large print". What is not known is not guessed.
 *
 * @param amount where the words say one; else it stands elsewhere, or the support has none
 * @param detail which language or tool, where the words say it; else empty
 */
public record NeedInWords(Support support, Optional<BigDecimal> amount, String detail) {
    private static final Pattern MORE_TIME =
            Pattern.compile("(?:extended|extra|additional|more|supplemental) time|temps supplementaire|tiempo extra");
    private static final Pattern NUMBER = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(%|x|×|times?|days?|jours?|dias?)?");
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final Map<String, NeedInWords> KNOWN = new HashMap<>();

    static {
        know(
                Support.EXTENDED_TIME,
                "1.5",
                "time and a half",
                "time and one half",
                "one and a half time",
                "temps et demi");
        know(Support.EXTENDED_TIME, "1.5", "tiempo y medio");
        know(Support.EXTENDED_TIME, "1.25", "time and a quarter", "time and one quarter", "temps et quart");
        know(Support.EXTENDED_TIME, "1.33", "tiers temps", "time and a third");
        know(Support.EXTENDED_TIME, "2", "double time", "twice the time", "temps double", "tiempo doble");
        know(Support.EXTENDED_TIME, "3", "triple time");
        know(Support.EXTENDED_TIME, "", "extended time", "extra time", "more time", "additional time");
        know(Support.EXTENDED_TIME, "", "temps supplementaire", "tiempo extra");
        know(
                Support.UNTIMED,
                "",
                "untimed",
                "unlimited time",
                "no time limit",
                "sans limite de temps",
                "sin limite de tiempo");
        know(Support.EXTRA_DAYS, "", "extra days", "extra day", "more days", "jours de plus", "dias extra");
        know(Support.BREAKS, "", "breaks", "frequent breaks", "movement breaks", "pauses", "descansos");
        know(Support.READ_ALOUD, "", "read aloud", "read to", "text to speech", "human reader", "oral reading");
        know(Support.READ_ALOUD, "", "lecture a voix haute", "lectura en voz alta");
        know(Support.LARGE_TEXT, "", "large text", "large print", "large font", "enlarged print", "enlarged text");
        know(Support.LARGE_TEXT, "", "gros caracteres", "letra grande");
        know(Support.FEWER_CHOICES, "", "fewer choices", "fewer answer choices", "reduced choices");
        know(Support.FEWER_QUESTIONS, "", "fewer questions", "reduced questions", "fewer items");
        know(Support.SEPARATE_PLACE, "", "separate place", "separate room", "separate setting", "separate location");
        know(Support.SEPARATE_PLACE, "", "quiet room", "small group setting", "salle a part", "lugar aparte");
        know(Support.LANGUAGE_VERSION, "", "language version");
        know(Support.TOOL, "", "tool");
        for (String tool :
                new String[] {"calculator", "glossary", "dictionary", "ruler", "number line", "headphones"}) {
            KNOWN.put(tool, new NeedInWords(Support.TOOL, Optional.empty(), tool));
        }
    }

    private static void know(Support support, String amount, String... words) {
        for (String each : words) {
            KNOWN.put(
                    each,
                    new NeedInWords(
                            support, amount.isEmpty() ? Optional.empty() : Optional.of(new BigDecimal(amount)), ""));
        }
    }

    /** One spelling of the words for every accent, capital, dash and bracket. */
    public static String plain(String typed) {
        return Normalizer.normalize(typed, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}%.,×+]+", " ")
                .strip();
    }

    /** @return empty where the words say nothing that is known, or an amount that the support cannot have */
    public static Optional<NeedInWords> read(String typed) {
        String words = plain(typed);
        NeedInWords known = KNOWN.get(words);
        if (known != null) {
            return Optional.of(known);
        }
        Matcher number = NUMBER.matcher(words);
        if (!number.find()) {
            return Optional.empty();
        }
        String rest = plain(words.substring(0, number.start()) + " " + words.substring(number.end()));
        BigDecimal value = new BigDecimal(number.group(1).replace(',', '.'));
        String unit = number.group(2) == null ? "" : number.group(2);
        return withAmount(rest, value, unit).filter(read -> read.amount
                .map(amount -> read.support.amount().orElseThrow().allows(amount))
                .orElse(true));
    }

    private static Optional<NeedInWords> withAmount(String rest, BigDecimal value, String unit) {
        if (MORE_TIME.matcher(rest).matches()) {
            return Optional.of(extendedTime(unit.equals("%") ? factorOf(value) : value));
        }
        if (rest.equals("time") || rest.isEmpty()) {
            boolean factor = unit.startsWith("x") || unit.startsWith("×") || unit.startsWith("time");
            if (factor || rest.equals("time") && unit.isEmpty()) {
                return Optional.of(extendedTime(value));
            }
            return unit.equals("%") && value.compareTo(HUNDRED) > 0
                    ? Optional.of(extendedTime(factorOf(value)))
                    : Optional.empty();
        }
        boolean days = unit.startsWith("day") || unit.startsWith("jour") || unit.startsWith("dia");
        if (days && rest.matches("extra|more|additional|de plus|mas")) {
            return Optional.of(new NeedInWords(Support.EXTRA_DAYS, Optional.of(value), ""));
        }
        NeedInWords known = KNOWN.get(rest);
        return known == null || known.support.amount().isEmpty() || unit.equals("%")
                ? Optional.empty()
                : Optional.of(new NeedInWords(known.support, Optional.of(value), ""));
    }

    private static NeedInWords extendedTime(BigDecimal factor) {
        return new NeedInWords(Support.EXTENDED_TIME, Optional.of(factor.stripTrailingZeros()), "");
    }

    /** "25 %" more is 1.25 times; "150 %" of the time is 1.5 times. */
    private static BigDecimal factorOf(BigDecimal percent) {
        BigDecimal share = percent.divide(HUNDRED, 4, RoundingMode.HALF_UP);
        return percent.compareTo(HUNDRED) < 0 ? share.add(BigDecimal.ONE) : share;
    }
}
