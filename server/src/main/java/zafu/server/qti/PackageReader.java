package zafu.server.qti;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.ItemKind;
import zafu.server.platform.Refusal;
import zafu.server.qti.PackageRead.Finding;

/**
 * Reads a package of QTI 2.x or 3.0, or a Common Cartridge: tests and cartridge quizzes become quizzes, items of no test
 * one more, pages texts, web links links.
 */
final class PackageReader {
    private static final int MOST_QUESTIONS = 1_000;
    private static final int MOST_IN_ONE = 500;
    private final PackageParts parts;
    private final String packageName;
    private final List<ItemDraft> items = new ArrayList<>();
    private final List<Finding> changed = new ArrayList<>();
    private final List<Finding> leftOut = new ArrayList<>();
    private final Set<String> inTests = new LinkedHashSet<>();
    private final Set<String> pagesOfTests = new LinkedHashSet<>();

    private PackageReader(PackageParts parts, String packageName) {
        this.parts = parts;
        this.packageName = packageName;
    }

    /** @param fileName names what has no name of its own */
    static PackageRead read(byte[] zip, String fileName) {
        PackageReader reader = new PackageReader(PackageParts.open(zip), fileName.replaceAll("\\.[A-Za-z]{2,6}$", ""));
        return reader.read();
    }

    private PackageRead read() {
        requireFew();
        of("imsqti_test").forEach((id, test) -> tryTake(parts.fileOf(test), name -> takeTest(name, test)));
        takeLooseItems();
        parts.resources().values().forEach(this::takeOther);
        if (items.isEmpty() && leftOut.isEmpty()) {
            throw Refusal.unusable("nothing-to-take", "The package holds no questions, pages or links.");
        }
        return new PackageRead(items, parts.used(), changed, leftOut);
    }

    private void requireFew() {
        int questions = of("imsqti_item").size();
        if (questions > MOST_QUESTIONS) {
            throw Refusal.unusable(
                    "too-many-questions",
                    "The package holds " + questions + " questions; at most " + MOST_QUESTIONS
                            + " can be brought in at once. Bring it in in parts.");
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

    private interface Taking {
        void take(String name);
    }

    private void tryTake(String name, Taking taking) {
        try {
            taking.take(name);
        } catch (CannotTake why) {
            leftOut.add(new Finding(name, why.getMessage()));
        } catch (Refusal incomplete) {
            leftOut.add(new Finding(name, incomplete.getMessage()));
        } catch (NumberFormatException broken) {
            leftOut.add(new Finding(name, "a number in it cannot be read"));
        }
    }

    private void takeTest(String name, Element resource) {
        Element test = Xml.parse(parts.require(name));
        List<QuestionDraft> questions = new ArrayList<>();
        for (Element reference : Xml.below(test, "assessmentItemRef")) {
            String file = PackageParts.resolve(name, Xml.attribute(reference, "href"));
            inTests.add(file);
            readItem(file, weightOf(reference), questions);
        }
        String title = Xml.attribute(test, "title").strip();
        String text = textOf(resource);
        boolean practice = Xml.attribute(test, "identifier").startsWith("practice");
        ItemKind kind = text != null ? ItemKind.TEXT : practice ? ItemKind.PRACTICE : ItemKind.QUIZ;
        addQuiz(
                kind,
                title.isEmpty() ? packageName : title,
                text == null ? "" : text,
                languageOf(test),
                minutesOf(test),
                questions);
    }

    /** The page on which a test depends. */
    private @Nullable String textOf(Element test) {
        for (Element dependency : Xml.children(test, "dependency")) {
            Element other = parts.resources().get(Xml.attribute(dependency, "identifierref"));
            if (other != null && isPage(other)) {
                String name = parts.fileOf(other);
                pagesOfTests.add(name);
                return page(name);
            }
        }
        return null;
    }

    private static BigDecimal weightOf(Element reference) {
        return Xml.children(reference, "weight").stream()
                .findFirst()
                .map(weight -> new BigDecimal(Xml.attribute(weight, "value")))
                .orElse(BigDecimal.ONE);
    }

    private static String languageOf(Element element) {
        String language = element.getAttributeNS("http://www.w3.org/XML/1998/namespace", "lang");
        return language.matches("[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*") ? language : "en";
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
        tryTake(name, each -> {
            Element item = Xml.parse(parts.require(each));
            QuestionRead read = QtiReader.read(item, parts.picturesFrom(each), weight);
            addQuestion(read, each, into);
        });
    }

    private void addQuestion(QuestionRead read, String name, List<QuestionDraft> into) {
        QuestionDraft question = read.question();
        question.body().asQuestion(question.kind(), question.prompt());
        read.changes().forEach(change -> changed.add(new Finding(name, change)));
        into.add(question);
    }

    private void addQuiz(
            ItemKind kind,
            String title,
            String body,
            String language,
            @Nullable Integer minutes,
            List<QuestionDraft> questions) {
        if (questions.isEmpty() && kind != ItemKind.TEXT) {
            throw new CannotTake("none of its questions can be taken");
        }
        if (questions.size() > MOST_IN_ONE) {
            throw new CannotTake("it holds " + questions.size() + " questions, and here at most " + MOST_IN_ONE
                    + " belong together");
        }
        items.add(new ItemDraft(
                kind, cut(title), body, language, minutes, "", List.of(), "", null, List.copyOf(questions)));
    }

    private static String cut(String title) {
        return title.length() > 200 ? title.substring(0, 199) + "…" : title;
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
            addQuiz(ItemKind.QUIZ, packageName, "", language, null, questions);
        }
    }

    private static String languageIn(byte[] xml) {
        try {
            return languageOf(Xml.parse(xml));
        } catch (CannotTake broken) {
            return "en";
        }
    }

    private void takeOther(Element resource) {
        String type = Xml.attribute(resource, "type");
        String name = parts.fileOf(resource);
        if (type.startsWith("imsqti_test") || type.startsWith("imsqti_item")) {
            return;
        }
        if (type.startsWith("imswl")) {
            tryTake(name, this::takeLink);
        } else if (type.startsWith("imsqti_xmlv1p2")) {
            tryTake(name, this::takeOldQuiz);
        } else if (isPage(resource)) {
            if (!pagesOfTests.contains(name)) {
                tryTake(name, this::takePage);
            }
        } else if (!type.contains("webcontent")
                && !type.contains("learning-application-resource")
                && !type.startsWith("css")
                && !type.startsWith("controlfile")) {
            leftOut.add(new Finding(name.isEmpty() ? type : name, "parts of the kind \"" + type + "\" are not taken"));
        }
    }

    private boolean isPage(Element resource) {
        return Xml.attribute(resource, "type").contains("webcontent")
                && parts.fileOf(resource).matches("(?i).*\\.x?html?");
    }

    private void takePage(String name) {
        String html = new String(parts.require(name), StandardCharsets.UTF_8);
        String title = HtmlMarkdown.parsed(html).title().strip();
        String text = page(name);
        if (text.isBlank()) {
            throw new CannotTake("there is no text on it");
        }
        items.add(new ItemDraft(
                ItemKind.TEXT,
                cut(title.isEmpty() ? name.substring(name.lastIndexOf('/') + 1) : title),
                text,
                languageOfPage(html),
                null,
                "",
                List.of(),
                "",
                null,
                List.of()));
    }

    private static String languageOfPage(String html) {
        String language = HtmlMarkdown.parsed(html).select("html").attr("lang");
        return language.matches("[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*") ? language : "en";
    }

    private String page(String name) {
        String html = new String(parts.require(name), StandardCharsets.UTF_8);
        if (HtmlMarkdown.parsed(html)
                        .select("script, [onclick], [onload], [onerror]")
                        .size()
                > 0) {
            changed.add(new Finding(name, "scripts on the page are left out"));
        }
        return new HtmlMarkdown(parts.picturesFrom(name)).ofPage(html);
    }

    private void takeLink(String name) {
        Element link = Xml.parse(parts.require(name));
        String address =
                Xml.child(link, "url").map(url -> Xml.attribute(url, "href")).orElse("");
        String title = Xml.child(link, "title").map(Xml::text).orElse("");
        if (!address.matches("https?://\\S{3,1990}")) {
            throw new CannotTake("its address \"" + address + "\" is none of the web");
        }
        items.add(new ItemDraft(
                ItemKind.LINK,
                cut(title.isEmpty() ? address : title),
                "",
                "en",
                null,
                address,
                List.of(),
                "",
                null,
                List.of()));
    }

    private void takeOldQuiz(String name) {
        OldQuiz quiz = OldQuiz.read(Xml.parse(parts.require(name)), parts.picturesFrom(name));
        quiz.leftOut().forEach(each -> leftOut.add(new Finding(name + ", " + each.where(), each.why())));
        List<QuestionDraft> questions = new ArrayList<>();
        quiz.questions().forEach(read -> tryTake(name, each -> addQuestion(read, each, questions)));
        addQuiz(
                ItemKind.QUIZ,
                quiz.title().isEmpty() ? packageName : quiz.title(),
                "",
                "en",
                quiz.minutes(),
                questions);
    }
}
