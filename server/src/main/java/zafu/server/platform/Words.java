package zafu.server.platform;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * All that the server says to people: one catalogue of ICU message patterns for each place and language, {@code
 * words/LANGUAGE/PLACE.properties}. They come in the language of the page ({@link LanguageOfThePage}); what only adults
 * are told is in the languages of adults, and in English where a page speaks another.
 */
public final class Words {
    private static final String KEY = "words";
    private static final Map<String, Map<String, String>> CATALOGUES = new HashMap<>();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    static {
        for (String language : SpokenLanguage.TO_STUDENTS) {
            CATALOGUES.put(language, read(language));
        }
    }

    private Words() {}

    /**
     * Words for the one who asks.
     *
     * @param key the place and the message in it, such as {@code task.not-assigned}
     * @param facts names and values in turns, each as in the pattern: texts, numbers, days, or a collection of texts to
     *     be named in a row
     * @throws IllegalStateException where no catalogue has the key
     */
    public static String inWords(String key, @Nullable Object... facts) {
        return said(asked(), key, named(facts));
    }

    /** Does something in the language of somebody else than the one who asks. */
    public static <T> T speaking(String language, Supplier<T> what) {
        LocaleContext before = LocaleContextHolder.getLocaleContext();
        LocaleContextHolder.setLocale(Locale.forLanguageTag(language));
        try {
            return what.get();
        } finally {
            LocaleContextHolder.setLocaleContext(before);
        }
    }

    /** What writes numbers and days for the one who asks. */
    public static Locale locale() {
        return SpokenLanguage.locale(asked()).toLocale();
    }

    /** What {@link #heard} can say later, in whatever language is asked for then. */
    public static String keptWords(String key, @Nullable Object... facts) {
        Map<String, @Nullable Object> kept = new LinkedHashMap<>();
        kept.put(KEY, key);
        named(facts).forEach((name, value) -> kept.put(name, value instanceof LocalDate day ? day.toString() : value));
        return JSON.writeValueAsString(kept);
    }

    /** What was kept, in words for the one who asks; anything else stays as it is. */
    public static String heard(String kept) {
        if (!kept.startsWith("{\"" + KEY + "\":")) {
            return kept;
        }
        try {
            Map<String, Object> facts =
                    new HashMap<>(JSON.readerForMapOf(Object.class).readValue(kept));
            return said(asked(), String.valueOf(facts.remove(KEY)), facts);
        } catch (JacksonException | IllegalStateException | IllegalArgumentException unreadable) {
            // Somebody wrote a text that begins like it.
            return kept;
        }
    }

    /** Whether English has words for a key; the other languages have the same keys. */
    public static boolean has(String key) {
        return CATALOGUES.get(SpokenLanguage.FIRST).containsKey(key);
    }

    /** The patterns of a language by their keys. */
    static Map<String, String> catalogue(String language) {
        return CATALOGUES.get(language);
    }

    /** At night, and wherever else nobody asks, in the first language. */
    private static String asked() {
        LocaleContext asking = LocaleContextHolder.getLocaleContext();
        Locale locale = asking == null ? null : asking.getLocale();
        return locale != null && CATALOGUES.containsKey(locale.getLanguage())
                ? locale.getLanguage()
                : SpokenLanguage.FIRST;
    }

    private static String said(String language, String key, Map<String, ? extends @Nullable Object> facts) {
        String spoken = CATALOGUES.get(language).containsKey(key) ? language : SpokenLanguage.FIRST;
        String pattern = Optional.ofNullable(CATALOGUES.get(spoken).get(key))
                .orElseThrow(() -> new IllegalStateException("no words for " + key));
        ULocale locale = SpokenLanguage.locale(spoken);
        Map<String, @Nullable Object> shown = new HashMap<>();
        facts.forEach((name, value) -> shown.put(name, shown(value, spoken, locale)));
        return new MessageFormat(pattern, locale).format(shown);
    }

    private static @Nullable Object shown(@Nullable Object fact, String language, ULocale locale) {
        if (fact instanceof Collection<?> several) {
            return ListFormatter.getInstance(locale).format(several);
        }
        if (fact instanceof LocalDate day) {
            return day(day, language, locale);
        }
        return fact instanceof Number ? fact : String.valueOf(fact);
    }

    private static String day(LocalDate day, String language, ULocale locale) {
        return DateTimeFormatter.ofPattern(CATALOGUES.get(language).get("platform.day"), locale.toLocale())
                .format(day);
    }

    private static Map<String, @Nullable Object> named(@Nullable Object... facts) {
        Map<String, @Nullable Object> named = new LinkedHashMap<>();
        for (int i = 0; i < facts.length; i += 2) {
            named.put(String.valueOf(facts[i]), facts[i + 1]);
        }
        return named;
    }

    private static Map<String, String> read(String language) {
        Map<String, String> patterns = new HashMap<>();
        for (Resource catalogue : catalogues(language)) {
            String place = String.valueOf(catalogue.getFilename()).replace(".properties", ".");
            patterns(catalogue).forEach((key, pattern) -> patterns.put(place + key, String.valueOf(pattern)));
        }
        return patterns;
    }

    private static Resource[] catalogues(String language) {
        try {
            return new PathMatchingResourcePatternResolver()
                    .getResources("classpath:words/" + language + "/*.properties");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static Properties patterns(Resource catalogue) {
        Properties patterns = new Properties();
        try (Reader in = new InputStreamReader(catalogue.getInputStream(), StandardCharsets.UTF_8)) {
            patterns.load(in);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return patterns;
    }
}
