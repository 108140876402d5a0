package zafu.server.report;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.MessageFormat;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Stream;
import zafu.server.platform.SpokenLanguage;

/**
 * The words of reports in one language: a file {@code reports/LANGUAGE.properties} with message patterns, the same keys
 * in each; {@code day} is a pattern of dates. A key that counts comes twice, with {@code .one} and {@code .other}.
 */
final class ReportWords {
    /** Languages that ship with the application; the first is used where a family's own is not among them. */
    static final List<ReportWords> ALL =
            SpokenLanguage.TO_STUDENTS.stream().map(ReportWords::read).toList();

    private final Locale locale;
    private final Properties patterns;

    private ReportWords(Locale locale, Properties patterns) {
        this.locale = locale;
        this.patterns = patterns;
    }

    private static ReportWords read(String language) {
        Properties patterns = new Properties();
        String file = "/reports/" + language + ".properties";
        try (Reader in = new InputStreamReader(ReportWords.class.getResourceAsStream(file), StandardCharsets.UTF_8)) {
            patterns.load(in);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        // With the digits that the school's other papers have.
        return new ReportWords(Locale.forLanguageTag(language + "-u-nu-latn"), patterns);
    }

    /** @param language a code such as "es" or "es-MX", or the name of the language in English or in itself */
    static Optional<ReportWords> find(String language) {
        return ALL.stream()
                .filter(words -> SpokenLanguage.isCalled(words.language(), language))
                .findFirst();
    }

    String language() {
        return locale.getLanguage();
    }

    /** Of the language, in itself. */
    String name() {
        return locale.getDisplayLanguage(locale);
    }

    Locale locale() {
        return locale;
    }

    /** @throws IllegalStateException where the language has no such key */
    String of(String key, Object... facts) {
        String pattern = patterns.getProperty(key);
        if (pattern == null) {
            throw new IllegalStateException("reports in " + language() + " have no words for " + key);
        }
        return new MessageFormat(pattern, locale).format(facts);
    }

    /** @param facts of which the first is the count */
    String counted(String key, int count, Object... facts) {
        return of(
                key + (count == 1 ? ".one" : ".other"),
                Stream.concat(Stream.of(count), Stream.of(facts)).toArray());
    }

    boolean has(String key) {
        return patterns.containsKey(key);
    }

    String day(LocalDate day) {
        return DateTimeFormatter.ofPattern(patterns.getProperty("day"), locale).format(day);
    }

    /** At most two places. */
    String number(double value) {
        NumberFormat format = NumberFormat.getInstance(locale);
        format.setMaximumFractionDigits(2);
        return format.format(value);
    }

    String percent(double share) {
        return Math.round(share * 100) + " %";
    }
}
