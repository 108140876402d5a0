package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.LessonParts;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.ItemKind;
import zafu.server.library.LibraryFiles;

/** Reads what is no quiz: pages, lessons, web links, and sheets to print. */
final class PagesRead {
    private static final Set<String> HELPERS = Set.of("css", "js", "xsd", "dtd", "xml", "woff", "woff2", "ttf", "ico");
    private final PackageParts parts;
    private final Reading reading;
    private final Function<String, List<QuestionDraft>> questionsOfTest;
    private final Set<String> ofOthers = new LinkedHashSet<>();

    /** @param questionsOfTest by the name of its part */
    PagesRead(PackageParts parts, Reading reading, Function<String, List<QuestionDraft>> questionsOfTest) {
        this.parts = parts;
        this.reading = reading;
        this.questionsOfTest = questionsOfTest;
    }

    /** Pages that say something about a test, a link or a sheet, and tests about these, are no items of their own. */
    void findThoseOfOthers() {
        for (Element each : parts.resources().values()) {
            boolean ours = Described.kind(each) != null;
            if (!isPage(each) || ours) {
                dependencies(each).filter(this::isPage).forEach(page -> ofOthers.add(parts.fileOf(page)));
            }
            if (ours) {
                dependencies(each).filter(PagesRead::isTest).forEach(test -> ofOthers.add(parts.fileOf(test)));
            }
        }
    }

    boolean isOfOther(Element resource) {
        return ofOthers.contains(parts.fileOf(resource));
    }

    private Stream<Element> dependencies(Element resource) {
        return Xml.children(resource, "dependency").stream()
                .map(each -> parts.resources().get(Xml.attribute(each, "identifierref")))
                .filter(Objects::nonNull);
    }

    private static boolean isTest(Element resource) {
        return Xml.attribute(resource, "type").startsWith("imsqti_test");
    }

    private List<QuestionDraft> questionsOf(Element resource) {
        return dependencies(resource)
                .filter(PagesRead::isTest)
                .findFirst()
                .map(test -> questionsOfTest.apply(parts.fileOf(test)))
                .orElse(List.of());
    }

    /** What the page says on which something else depends. */
    @Nullable
    String textOf(Element resource) {
        return dependencies(resource)
                .filter(this::isPage)
                .findFirst()
                .map(page -> page(parts.fileOf(page)))
                .orElse(null);
    }

    void take(String id, Element resource) {
        String type = Xml.attribute(resource, "type");
        String name = parts.fileOf(resource);
        if (type.startsWith("imswl")) {
            reading.tryTake(name, each -> takeLink(id, each, resource));
        } else if (isPage(resource)) {
            if (!isOfOther(resource)) {
                reading.tryTake(name, each -> takePage(id, each, resource));
            }
        } else if (!type.contains("webcontent")
                && !type.contains("learning-application-resource")
                && !type.startsWith("css")
                && !type.startsWith("controlfile")) {
            reading.leaveOut(
                    name.isEmpty() ? type : name, inWords("qti.parts-of-the-kind-are-not-taken", "type", type));
        }
    }

    /** What lies there as it is, and nothing that was taken shows: PDFs are sheets, the rest is named. */
    void takeSheets() {
        parts.resources().forEach((id, resource) -> {
            String name = parts.fileOf(resource);
            String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
            boolean lying = Xml.attribute(resource, "type").contains("webcontent")
                    && !isPage(resource)
                    && !name.isEmpty()
                    && !HELPERS.contains(ending);
            boolean sheet = Described.kind(resource) == ItemKind.PRINTABLE;
            if (lying && (sheet || ending.equals("pdf"))) {
                reading.tryTake(name, each -> takeSheet(id, each, resource));
            } else if (lying && !parts.used().containsKey(name)) {
                reading.leaveOut(name, inWords("qti.nothing-that-was-taken-shows-it"));
            }
        });
    }

    private boolean isPage(Element resource) {
        return Xml.attribute(resource, "type").contains("webcontent")
                && parts.fileOf(resource).matches("(?i).*\\.x?html?");
    }

    private void takePage(String id, String name, Element resource) {
        String html = new String(parts.require(name), StandardCharsets.UTF_8);
        String title = HtmlMarkdown.parsed(html).title().strip();
        Described described = reading.described(name, resource);
        boolean lesson = described.kind() == ItemKind.LESSON;
        String text = lesson ? textOf(resource) : page(name);
        if (!lesson && text.isBlank()) {
            throw new CannotTake(inWords("qti.there-is-no-text-on-it"));
        }
        reading.add(new ItemDraft(
                id,
                described.kind() == null ? ItemKind.TEXT : described.kind(),
                title.isEmpty() ? name.substring(name.lastIndexOf('/') + 1) : title,
                text == null ? "" : text,
                Reading.language(HtmlMarkdown.parsed(html).select("html").attr("lang")),
                described.minutes(),
                "",
                lesson ? LessonPage.read(html, new HtmlMarkdown(parts.picturesFrom(name))::ofPage) : LessonParts.NONE,
                described.about(),
                "",
                lesson ? questionsOf(resource) : List.of()));
    }

    private String page(String name) {
        String html = new String(parts.require(name), StandardCharsets.UTF_8);
        if (HtmlMarkdown.parsed(html)
                        .select("script, [onclick], [onload], [onerror]")
                        .size()
                > 0) {
            reading.change(name, inWords("qti.scripts-on-the-page-are-left-out"));
        }
        return new HtmlMarkdown(parts.picturesFrom(name)).ofPage(html);
    }

    private void takeLink(String id, String name, Element resource) {
        Element link = Xml.parse(parts.require(name));
        String address =
                Xml.child(link, "url").map(url -> Xml.attribute(url, "href")).orElse("");
        String title = Xml.child(link, "title").map(Xml::text).orElse("");
        if (!address.matches("https?://\\S{3,1990}")) {
            throw new CannotTake(inWords("qti.its-address-is-none-of-the-web", "address", address));
        }
        addBeside(id, name, resource, ItemKind.LINK, title.isEmpty() ? address : title, address, "");
    }

    private void takeSheet(String id, String name, Element resource) {
        String own = name.substring(name.lastIndexOf('/') + 1);
        LibraryFiles.whyNot(own, parts.require(name)).ifPresent(why -> {
            throw new CannotTake(why);
        });
        String title = Xml.below(resource, "title").stream()
                .map(Xml::text)
                .filter(each -> !each.isEmpty())
                .findFirst()
                .orElse(own.replaceFirst("\\.[A-Za-z]{3,4}$", ""));
        addBeside(id, name, resource, ItemKind.PRINTABLE, title, "", parts.use(name));
    }

    /** An item that is a file or an address, with the page beside it that says what it is for. */
    private void addBeside(
            String id, String name, Element resource, ItemKind kind, String title, String address, String file) {
        Described described = reading.described(name, resource);
        String text = textOf(resource);
        String language = Xml.below(resource, "general").stream()
                .flatMap(each -> Xml.child(each, "language").stream())
                .map(Xml::text)
                .findFirst()
                .orElse("en");
        reading.add(new ItemDraft(
                id,
                kind,
                title,
                text == null ? "" : text,
                Reading.language(language),
                described.minutes(),
                address,
                LessonParts.NONE,
                described.about(),
                file,
                questionsOf(resource)));
    }
}
