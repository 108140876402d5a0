package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.About;
import zafu.server.library.ItemDraft.Level;
import zafu.server.library.ItemDraft.SkillNamed;
import zafu.server.library.ItemKind;
import zafu.server.library.SkillRole;

/**
 * What a package says about one of its resources, as IEEE LOM (1484.12.3) in its metadata: keywords, licence, how long it
 * takes, grades, level, skills, what it says over again, and which kind of item it is here.
 *
 * @param kind absent where another maker described it
 * @param minutes absent where nothing is said
 * @param changes what cannot be kept, each as the end of a sentence
 */
record Described(@Nullable ItemKind kind, @Nullable Integer minutes, About about, List<String> changes) {
    private static final String OURS = "zafu";
    private static final String STANDARD = "LOMv1.0";
    private static final String GRADE = "grade";
    private static final String LEVEL = "skill level";
    private static final String SKILL = "competency";
    private static final int MOST_TAGS = 20;
    private static final int LONGEST_TAG = 40;
    private static final int LONGEST_LICENCE = 300;
    private static final int LONGEST_MINUTES = 600;

    /** @param identifierOf the resource of another draft by its key */
    static Tag written(ItemDraft draft, UnaryOperator<String> identifierOf) {
        About about = draft.about();
        Tag general = Tag.of("general", Tag.of("title", words(draft.title())), Tag.of("language", draft.language()));
        about.tags().forEach(tag -> general.add(Tag.of("keyword", words(tag))));
        Tag educational = Tag.of(
                "educational",
                Tag.of("learningResourceType", source(OURS), value(draft.kind().name())));
        if (draft.minutes() != null) {
            educational.add(Tag.of("typicalLearningTime", Tag.of("duration", "PT" + draft.minutes() + "M")));
        }
        Tag lom = Tag.of("lom", general, educational).with("xmlns", "http://ltsc.ieee.org/xsd/LOM");
        if (!about.licence().isEmpty()) {
            lom.add(Tag.of("rights", Tag.of("description", words(about.licence()))));
        }
        if (!about.sameAs().isEmpty()) {
            Tag identifier = Tag.of("identifier", Tag.of("entry", identifierOf.apply(about.sameAs())));
            lom.add(Tag.of(
                    "relation",
                    Tag.of("kind", source(STANDARD), value("isversionof")),
                    Tag.of("resource", identifier)));
        }
        if (about.gradeLow() != null) {
            lom.add(classified("educational level", GRADE, about.gradeLow(), about.gradeHigh()));
        }
        if (about.level() != null) {
            Level level = about.level();
            lom.add(classified(LEVEL, level.measure(), plain(level.low()), plain(level.high())));
        }
        about.skills().forEach(each -> lom.add(classified(SKILL, each.role().name(), each.name())));
        return Tag.of("metadata", lom);
    }

    /** Of a question: what it shows of a student. */
    static Tag writtenSkill(String skill) {
        Tag lom = Tag.of("lom", classified(SKILL, SkillRole.TRAINS.name(), skill));
        return Tag.of("metadata", lom.with("xmlns", "http://ltsc.ieee.org/xsd/LOM"));
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).toPlainString();
    }

    private static Tag words(String text) {
        return Tag.of("string", text);
    }

    private static Tag source(String name) {
        return Tag.of("source", name);
    }

    private static Tag value(String name) {
        return Tag.of("value", name);
    }

    private static Tag classified(String purpose, String scheme, Object... entries) {
        Tag path = Tag.of("taxonPath", Tag.of("source", words(scheme)));
        for (Object entry : entries) {
            path.add(Tag.of("taxon", Tag.of("entry", words(entry.toString()))));
        }
        return Tag.of("classification", Tag.of("purpose", source(STANDARD), value(purpose)), path);
    }

    static Described read(Element resource) {
        List<String> changes = new ArrayList<>();
        About about = new About(
                tags(resource, changes),
                licence(resource, changes),
                whole(entry(resource, "educational level", GRADE, 0)),
                whole(entry(resource, "educational level", GRADE, 1)),
                level(resource, changes),
                skills(resource),
                sameAs(resource));
        return new Described(kind(resource), minutes(resource, changes), about, changes);
    }

    /** The skill that a question shows; empty where nothing is said. */
    static String skillOf(Element resource) {
        return skills(resource).stream().findFirst().map(SkillNamed::name).orElse("");
    }

    /** Which kind of item it is here; absent where another maker described it. */
    static @Nullable ItemKind kind(Element resource) {
        return Xml.below(resource, "learningResourceType").stream()
                .filter(each -> text(each, "source").equals(OURS))
                .flatMap(each -> Arrays.stream(ItemKind.values())
                        .filter(kind -> kind.name().equals(text(each, "value"))))
                .findFirst()
                .orElse(null);
    }

    private static List<String> tags(Element resource, List<String> changes) {
        List<String> all = Xml.below(resource, "keyword").stream()
                .map(Xml::text)
                .filter(each -> !each.isEmpty())
                .distinct()
                .toList();
        List<String> kept = all.stream()
                .filter(each -> each.length() <= LONGEST_TAG)
                .limit(MOST_TAGS)
                .toList();
        all.stream()
                .filter(each -> !kept.contains(each))
                .forEach(each ->
                        changes.add(inWords("qti.its-keyword-is-left-out", "word", shortened(each, LONGEST_TAG))));
        return kept;
    }

    private static String licence(Element resource, List<String> changes) {
        String said = Xml.below(resource, "rights").stream()
                .flatMap(each -> Xml.child(each, "description").stream())
                .map(Xml::text)
                .findFirst()
                .orElse("");
        if (said.length() > LONGEST_LICENCE) {
            changes.add(inWords("qti.what-it-says-about-rights-is-cut", "most", LONGEST_LICENCE));
        }
        return shortened(said, LONGEST_LICENCE);
    }

    private static String shortened(String text, int most) {
        return text.length() > most ? text.substring(0, most - 1) + "…" : text;
    }

    private static @Nullable Integer minutes(Element resource, List<String> changes) {
        for (Element time : Xml.below(resource, "typicalLearningTime")) {
            try {
                long minutes = Duration.parse(text(time, "duration")).toMinutes();
                if (minutes >= 1 && minutes <= LONGEST_MINUTES) {
                    return (int) minutes;
                }
                changes.add(inWords("qti.how-long-it-takes-is-left-out-it", "most", LONGEST_MINUTES));
            } catch (DateTimeParseException inYearsOrWords) {
                changes.add(inWords("qti.how-long-it-takes-cannot-be-read"));
            }
        }
        return null;
    }

    private static @Nullable Level level(Element resource, List<String> changes) {
        for (Element path : paths(resource, LEVEL)) {
            Double low = decimal(entry(path, 0));
            Double high = decimal(entry(path, 1));
            if (low != null && high != null && low <= high) {
                return new Level(scheme(path), low, high);
            }
            changes.add(inWords("qti.its-level-cannot-be-read"));
        }
        return null;
    }

    private static List<SkillNamed> skills(Element resource) {
        List<SkillNamed> found = new ArrayList<>();
        for (Element path : paths(resource, SKILL)) {
            Arrays.stream(SkillRole.values())
                    .filter(role -> role.name().equals(scheme(path)))
                    .forEach(role -> entry(path, 0).ifPresent(name -> found.add(new SkillNamed(name, role))));
        }
        return found;
    }

    private static String sameAs(Element resource) {
        return Xml.below(resource, "relation").stream()
                .filter(each -> Xml.child(each, "kind")
                        .map(kind -> text(kind, "value"))
                        .orElse("")
                        .equals("isversionof"))
                .flatMap(each -> Xml.below(each, "entry").stream())
                .map(Xml::text)
                .findFirst()
                .orElse("");
    }

    private static List<Element> paths(Element resource, String purpose) {
        return Xml.below(resource, "classification").stream()
                .filter(each -> Xml.child(each, "purpose")
                        .map(said -> text(said, "value"))
                        .orElse("")
                        .equals(purpose))
                .flatMap(each -> Xml.children(each, "taxonPath").stream())
                .toList();
    }

    private static Optional<String> entry(Element resource, String purpose, String scheme, int place) {
        return paths(resource, purpose).stream()
                .filter(path -> scheme(path).equals(scheme))
                .findFirst()
                .flatMap(path -> entry(path, place));
    }

    private static Optional<String> entry(Element path, int place) {
        return Xml.children(path, "taxon").stream()
                .skip(place)
                .findFirst()
                .map(Xml::text)
                .filter(each -> !each.isEmpty());
    }

    private static String scheme(Element path) {
        return text(path, "source");
    }

    private static String text(Element parent, String child) {
        return Xml.child(parent, child).map(Xml::text).orElse("");
    }

    private static @Nullable Integer whole(Optional<String> text) {
        return text.filter(each -> each.matches("\\d|1[0-3]"))
                .map(Integer::valueOf)
                .orElse(null);
    }

    private static @Nullable Double decimal(Optional<String> text) {
        return text.filter(each -> each.matches("-?\\d{1,9}(\\.\\d{1,9})?"))
                .map(Double::valueOf)
                .orElse(null);
    }
}
