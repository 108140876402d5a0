package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import com.ibm.icu.util.ULocale;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The languages that Zafu speaks, and whether a person's word for a language means one of them. */
public final class SpokenLanguage {
    /** Serves where none is chosen, or what is chosen has no words. */
    public static final String FIRST = "en";

    /** Of adults' places. */
    public static final List<String> TO_ADULTS = List.of(FIRST, "fr", "es");

    /** Of students' pages and sign-in. */
    public static final List<String> TO_STUDENTS = List.of(FIRST, "fr", "es", "ar", "zh");

    /** What counts, lists and writes numbers in a language; with the digits that the school's papers have. */
    private static final Map<String, ULocale> LOCALES = Map.of(
            "en", ULocale.forLanguageTag("en-CA"),
            "fr", ULocale.forLanguageTag("fr-CA"),
            "es", ULocale.forLanguageTag("es"),
            "ar", ULocale.forLanguageTag("ar-u-nu-latn"),
            "zh", ULocale.forLanguageTag("zh-Hans"));

    private SpokenLanguage() {}

    /** Of a language that Zafu speaks. */
    static ULocale locale(String tag) {
        return LOCALES.get(tag);
    }

    /** @param word a tag such as "fr" or "fr-CA", or the name of the language in English or in itself */
    public static Optional<String> among(List<String> tags, String word) {
        return tags.stream().filter(tag -> isCalled(tag, word)).findFirst();
    }

    public static boolean isCalled(String tag, String word) {
        String wanted = word.strip();
        return wanted.split("[-_]")[0].equalsIgnoreCase(tag) || isNameOf(Locale.forLanguageTag(tag), wanted);
    }

    /** Whether a name is that of a language in English or in itself, whatever its case. */
    public static boolean isNameOf(Locale language, String name) {
        return language.getDisplayLanguage(Locale.ENGLISH).equalsIgnoreCase(name)
                || language.getDisplayLanguage(language).equalsIgnoreCase(name);
    }

    /** @throws Refusal where Zafu does not speak it here */
    public static void require(List<String> tags, String tag) {
        if (!tags.contains(tag)) {
            throw Refusal.unusableField(
                    "not-spoken", "language", inWords("everyone.zafu-does-not-speak-here", "tag", tag));
        }
    }
}
