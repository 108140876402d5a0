package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.About;
import zafu.server.library.ItemDraft.LessonParts;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.ItemKind;
import zafu.server.platform.Refusal;

/**
 * Reads a package of QTI 2.x or 3.0, or a Common Cartridge: tests and cartridge quizzes become quizzes, items of no test
 * one more, pages texts, web links links.
 */
final class PackageReader {
    static final int MOST_QUESTIONS = 1_000;
    private static final int MOST_IN_ONE = 500;
    private final PackageParts parts;
    private final String packageName;
    private final Reading reading = new Reading();
    private final PagesRead pages;
    private final Set<String> inTests = new LinkedHashSet<>();
    private final Map<String, String> skillsByFile = new LinkedHashMap<>();

    private PackageReader(PackageParts parts, String packageName) {
        this.parts = parts;
        this.packageName = packageName;
        this.pages = new PagesRead(parts, reading, this::questionsOf);
    }

    /** @param fileName names what has no name of its own */
    static PackageRead read(byte[] zip, String fileName) {
        PackageReader reader = new PackageReader(PackageParts.open(zip), fileName.replaceAll("\\.[A-Za-z]{2,6}$", ""));
        return reader.read();
    }

    private PackageRead read() {
        requireFew();
        of("imsqti_item").values().forEach(each -> skillsByFile.put(parts.fileOf(each), Described.skillOf(each)));
        pages.findThoseOfOthers();
        of("imsqti_test").forEach((id, test) -> {
            if (!pages.isOfOther(test)) {
                reading.tryTake(parts.fileOf(test), name -> takeTest(id, name, test));
            }
        });
        parts.resources().forEach(this::takeOther);
        takeLooseItems();
        pages.takeSheets();
        if (reading.foundNothing()) {
            throw Refusal.unusable("nothing-to-take", inWords("qti.the-package-holds-no-questions"));
        }
        return reading.result(parts.used());
    }

    private void requireFew() {
        int questions = of("imsqti_item").size();
        if (questions > MOST_QUESTIONS) {
            throw Refusal.unusable(
                    "too-many-questions",
                    inWords("qti.the-package-holds-questions-at", "questions", questions, "most", MOST_QUESTIONS));
        }
    }

    private Map<String, Element> of(String type) {
        Map<String, Element> found = new LinkedHashMap<>();
        parts.resources().forEach((id, resource) -> {
            if (Xml.attribute(resource, "type").startsWith(type)) {
                found.put(id, resource);
            }
        });
        return found;
    }

    private void takeTest(String id, String name, Element resource) {
        Element test = Xml.parse(parts.require(name));
        String title = Xml.attribute(test, "title").strip();
        String text = pages.textOf(resource);
        Described described = reading.described(name, resource);
        boolean practice = Xml.attribute(test, "identifier").startsWith("practice");
        ItemKind likely = text != null ? ItemKind.TEXT : practice ? ItemKind.PRACTICE : ItemKind.QUIZ;
        addQuiz(new ItemDraft(
                id,
                described.kind() == null ? likely : described.kind(),
                title.isEmpty() ? packageName : title,
                text == null ? "" : text,
                languageOf(test),
                minutesOf(test),
                "",
                LessonParts.NONE,
                described.about(),
                "",
                questionsOf(name)));
    }

    /** The questions of a test, in its order. */
    private List<QuestionDraft> questionsOf(String test) {
        List<QuestionDraft> questions = new ArrayList<>();
        for (Element reference : Xml.below(Xml.parse(parts.require(test)), "assessmentItemRef")) {
            String file = PackageParts.resolve(test, Xml.attribute(reference, "href"));
            inTests.add(file);
            readItem(file, weightOf(reference), questions);
        }
        return questions;
    }

    private static BigDecimal weightOf(Element reference) {
        return Xml.children(reference, "weight").stream()
                .findFirst()
                .map(weight -> new BigDecimal(Xml.attribute(weight, "value")))
                .orElse(BigDecimal.ONE);
    }

    private static String languageOf(Element element) {
        return Reading.language(element.getAttributeNS("http://www.w3.org/XML/1998/namespace", "lang"));
    }

    private static @Nullable Integer minutesOf(Element test) {
        return Xml.children(test, "timeLimits").stream()
                .map(limits -> Xml.attribute(limits, "maxTime"))
                .filter(each -> each.matches("\\d{1,6}"))
                .findFirst()
                .map(seconds -> Math.max(1, (Integer.parseInt(seconds) + 59) / 60))
                .orElse(null);
    }

    private void readItem(String name, BigDecimal weight, List<QuestionDraft> into) {
        reading.tryTake(name, each -> {
            Element item = Xml.parse(parts.require(each));
            QuestionRead read = QtiReader.read(item, parts.picturesFrom(each), weight);
            addQuestion(read, each, into);
        });
    }

    private void addQuestion(QuestionRead read, String name, List<QuestionDraft> into) {
        QuestionDraft question = read.question();
        question.body().asQuestion(question.kind(), question.prompt());
        read.changes().forEach(change -> reading.change(name, change));
        into.add(question.withSkill(skillsByFile.getOrDefault(name, "")));
    }

    private void addQuiz(ItemDraft quiz) {
        int count = quiz.questions().size();
        if (count == 0 && quiz.kind().isQuestions()) {
            throw new CannotTake(inWords("qti.none-of-its-questions-can-be-taken"));
        }
        if (count > MOST_IN_ONE) {
            throw new CannotTake(inWords("qti.it-holds-questions-and-here-at", "count", count, "most", MOST_IN_ONE));
        }
        reading.add(quiz);
    }

    private static ItemDraft plainQuiz(
            String key, String title, String language, @Nullable Integer minutes, List<QuestionDraft> questions) {
        return new ItemDraft(
                key, ItemKind.QUIZ, title, "", language, minutes, "", LessonParts.NONE, About.NOTHING, "", questions);
    }

    private void takeLooseItems() {
        List<QuestionDraft> questions = new ArrayList<>();
        String language = "en";
        for (Element resource : of("imsqti_item").values()) {
            String name = parts.fileOf(resource);
            if (!inTests.contains(name)) {
                readItem(name, BigDecimal.ONE, questions);
                language = parts.find(name).map(PackageReader::languageIn).orElse(language);
            }
        }
        if (!questions.isEmpty()) {
            addQuiz(plainQuiz("", packageName, language, null, questions));
        }
    }

    private static String languageIn(byte[] xml) {
        try {
            return languageOf(Xml.parse(xml));
        } catch (CannotTake broken) {
            return "en";
        }
    }

    private void takeOther(String id, Element resource) {
        String type = Xml.attribute(resource, "type");
        String name = parts.fileOf(resource);
        if (type.startsWith("imsqti_xmlv1p2")) {
            reading.tryTake(name, each -> takeOldQuiz(id, each));
        } else if (!type.startsWith("imsqti_test") && !type.startsWith("imsqti_item")) {
            pages.take(id, resource);
        }
    }

    private void takeOldQuiz(String id, String name) {
        OldQuiz quiz = OldQuiz.read(Xml.parse(parts.require(name)), parts.picturesFrom(name));
        quiz.leftOut().forEach(each -> reading.leaveOut(name + ", " + each.where(), each.why()));
        List<QuestionDraft> questions = new ArrayList<>();
        quiz.questions().forEach(read -> reading.tryTake(name, each -> addQuestion(read, each, questions)));
        addQuiz(plainQuiz(id, quiz.title().isEmpty() ? packageName : quiz.title(), "en", quiz.minutes(), questions));
    }
}
