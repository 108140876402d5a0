package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.platform.Words.heard;
import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;
import static zafu.server.platform.Words.speaking;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.PluralRules;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The catalogues of the server are whole, and its code says nothing to people by itself. */
class WordsTest {
    private static final Path SOURCES = Path.of("src/main/java/zafu/server");
    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern ASKED_FOR = Pattern.compile("(?:inWords|keptWords)\\(\\s*\"([^\"]+)\"\\s*[,)]");
    /** Three words in a row, or the end of a sentence. */
    private static final Pattern SENTENCE = Pattern.compile("[a-z]+ [a-z]+ [a-z]+|[A-Za-z]+ [a-z]+[.?!]$");

    private static final Pattern MARKUP = Pattern.compile("[<>{}]|\\dmm|, [a-z]+, ");

    /** Names that no person reads, and what a program says of its own mistake. */
    private static final Set<String> UNSEEN = Set.of(
            "nobody signs in with this",
            "no door opens with this",
            "own password of ",
            "joining a class",
            "joining a group",
            "in the making",
            "moyenne de la classe",
            " names no class",
            "the plan knows ",
            ", but it was not made");

    /** A mishap of ours, a line in the log, what the database is asked, what programs read. */
    private static final Pattern TO_PROGRAMS = Pattern.compile(
            "Exception\\(|LOG\\.|assert |@Query|@Scheduled|createQuery|execute\\(|know\\(|String name\\(\\) \\{|notFound\\(");

    /** What speaks to programs, to whoever starts the server, or is itself the made-up school. */
    private static final Set<String> NOT_TO_PEOPLE = Set.of("demo", "standin", "backup");

    @ParameterizedTest
    @ValueSource(strings = {"fr", "es"})
    void whatAdultsAreToldIsInTheirLanguages(String language) {
        assertThat(Words.catalogue(language).keySet())
                .isEqualTo(Words.catalogue("en").keySet());
    }

    @ParameterizedTest
    @ValueSource(strings = {"ar", "zh"})
    void whatStudentsAreToldIsInEveryLanguage(String language) {
        Set<String> toEveryone = Words.catalogue("en").keySet().stream()
                .filter(key -> key.startsWith("everyone."))
                .collect(Collectors.toSet());
        toEveryone.add("platform.day");
        assertThat(Words.catalogue(language).keySet()).isEqualTo(toEveryone);
    }

    @ParameterizedTest
    @ValueSource(strings = {"fr", "es", "ar", "zh"})
    void everyMessageTakesTheSameFacts(String language) {
        Map<String, String> english = Words.catalogue("en");
        List<String> other = Words.catalogue(language).entrySet().stream()
                .filter(each -> !each.getKey().equals("platform.day"))
                .filter(each -> !facts(each.getValue()).equals(facts(english.get(each.getKey()))))
                .map(Map.Entry::getKey)
                .toList();
        assertThat(other).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"en", "fr", "es", "ar", "zh"})
    void everyNumberHasTheFormsOfTheLanguage(String language) {
        Set<String> forms =
                PluralRules.forLocale(SpokenLanguage.locale(language)).getKeywords();
        List<String> lacking = Words.catalogue(language).entrySet().stream()
                .filter(each -> !forms(each.getValue()).containsAll(forms)
                        && !forms(each.getValue()).isEmpty())
                .map(Map.Entry::getKey)
                .toList();
        assertThat(lacking).isEmpty();
    }

    @Test
    void whatTheCodeAsksForIsThereAndNothingElseIs() {
        Set<String> named = new HashSet<>();
        Set<String> asked = new TreeSet<>();
        for (String source : sources()) {
            texts(source).forEach(named::add);
            Matcher matcher = ASKED_FOR.matcher(source);
            while (matcher.find()) {
                asked.add(matcher.group(1));
            }
        }
        Set<String> known = Words.catalogue("en").keySet();
        assertThat(asked).isNotEmpty().isSubsetOf(known);
        assertThat(known.stream()
                        .filter(key -> !key.startsWith("deed.") && !named.contains(key))
                        .filter(key -> named.stream().noneMatch(each -> each.endsWith(".") && key.startsWith(each))))
                .isEmpty();
    }

    @Test
    void noSentenceStandsInTheCode() {
        List<String> sentences = new ArrayList<>();
        for (String source : sources()) {
            Matcher text = TEXT.matcher(source);
            while (text.find()) {
                String before = source.substring(0, text.start());
                String statement = before.substring(before.lastIndexOf(';') + 1);
                if (SENTENCE.matcher(text.group(1)).find()
                        && !UNSEEN.contains(text.group(1))
                        && !MARKUP.matcher(text.group(1)).find()
                        && !TO_PROGRAMS.matcher(statement).find()) {
                    sentences.add(text.group(1));
                }
            }
        }
        assertThat(sentences).isEmpty();
    }

    @Test
    void factsAreWrittenAsTheLanguageWritesThem() {
        Object[] facts = {"lowest", 0.5, "highest", 1200, "name", "Tideline"};
        assertThat(speaking("en", () -> inWords("growth.the-scale-of-goes-from-to", facts)))
                .isEqualTo("The scale of \"Tideline\" goes from 0.5 to 1,200.");
        assertThat(speaking("es", () -> inWords("growth.the-scale-of-goes-from-to", facts)))
                .isEqualTo("La escala de «Tideline» va de 0,5 a 1.200.");
        LocalDate day = LocalDate.of(2027, 2, 9);
        assertThat(speaking("fr", () -> inWords("roster.choose-a-day-that-has-come-has-not", "day", day)))
                .isEqualTo("Choisissez un jour déjà passé : le 9 février 2027 ne l’est pas.");
        assertThat(speaking("fr", () -> inWords("arrangement.must-be-apart", "names", List.of("Hana", "Umi", "Wren"))))
                .isEqualTo("Hana, Umi et Wren doivent être séparés");
    }

    @Test
    void whatIsKeptIsHeardInTheLanguageOfTheReader() {
        String kept = keptWords("attempt.questions", "count", 2);
        assertThat(speaking("en", () -> heard(kept))).isEqualTo("2 questions");
        assertThat(speaking("es", () -> heard(kept))).isEqualTo("2 preguntas");
        assertThat(heard("Sheet Bend")).isEqualTo("Sheet Bend");
        assertThat(heard("{\"words\":\"nothing.of-the-kind\"}")).isEqualTo("{\"words\":\"nothing.of-the-kind\"}");
    }

    /** Somebody may have written it as the text of a notice; the history of their class is to open all the same. */
    @Test
    void whatOnlyLooksLikeKeptWordsStaysAsItIs() {
        String noNumber = "{\"words\":\"attempt.questions\",\"count\":\"many\"}";
        assertThat(heard(noNumber)).isEqualTo(noNumber);
        assertThat(heard("{\"words\":")).isEqualTo("{\"words\":");
        assertThat(heard("{\"words\":\"attempt.questions\"}")).isNotEmpty();
    }

    private static Set<String> facts(String pattern) {
        return parts(pattern, MessagePattern.Part.Type.ARG_NAME);
    }

    /** What a pattern tells apart by number; empty where it counts nothing. */
    private static Set<String> forms(String pattern) {
        return pattern.contains(", plural,") ? parts(pattern, MessagePattern.Part.Type.ARG_SELECTOR) : Set.of();
    }

    private static Set<String> parts(String pattern, MessagePattern.Part.Type type) {
        MessagePattern read = new MessagePattern(pattern);
        return IntStream.range(0, read.countParts())
                .mapToObj(read::getPart)
                .filter(part -> part.getType() == type)
                .map(read::getSubstring)
                .collect(Collectors.toSet());
    }

    private static Stream<String> texts(String source) {
        return TEXT.matcher(source).results().map(found -> found.group(1));
    }

    private static List<String> sources() {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            return files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> !NOT_TO_PEOPLE.contains(
                            SOURCES.relativize(file).getName(0).toString()))
                    .map(WordsTest::read)
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file)
                    .replaceAll("(?s)/\\*.*?\\*/|\"\"\".*?\"\"\"", "")
                    .replaceAll("\"\\s*\\+\\s*\"", "");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
