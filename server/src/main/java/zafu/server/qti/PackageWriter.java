package zafu.server.qti;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.LongFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Entities;
import org.springframework.web.util.UriUtils;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.LibraryFiles;
import zafu.server.library.Markdown;

/**
 * Writes items of the library as a package, each with what is said about it: a test where there are questions, with an item
 * for each of them; a web link, a sheet, or a page.
 */
final class PackageWriter {
    private static final Pattern OUR_FILE = Pattern.compile("/api/files/(\\d+)");
    private final QtiVersion version;
    private final LongFunction<LibraryFiles.Content> files;
    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final Map<Long, String> pictures = new LinkedHashMap<>();
    private final List<Tag> resources = new ArrayList<>();
    private final Map<String, String> identifiers = new LinkedHashMap<>();

    PackageWriter(QtiVersion version, LongFunction<LibraryFiles.Content> files) {
        this.version = version;
        this.files = files;
    }

    byte[] write(List<ItemDraft> drafts) {
        drafts.forEach(draft -> identifiers.put(draft.key(), nameOf(draft, identifiers.size() + 1)));
        drafts.forEach(this::addItem);
        Tag manifest = Tag.of(
                        "manifest",
                        Tag.of(
                                "metadata",
                                Tag.of("schema", version.schema),
                                Tag.of("schemaversion", version == QtiVersion.V2_1 ? "1.0.0" : "3.0.0")),
                        Tag.of("organizations"),
                        Tag.of("resources").add(resources))
                .with("xmlns", "http://www.imsglobal.org/xsd/imscp_v1p1")
                .with("identifier", "zafu-package");
        parts.put("imsmanifest.xml", xml(manifest.write(name -> name, name -> name)));
        return zip();
    }

    private static String nameOf(ItemDraft draft, int number) {
        return draft.kind().name().toLowerCase(Locale.ROOT).replace("_", "") + number;
    }

    private void addItem(ItemDraft draft) {
        String name = identifiers.get(draft.key());
        Tag main = mainResource(draft, name);
        main.addFirst(Described.written(draft, key -> identifiers.getOrDefault(key, "")));
        String page = "pages/" + name + ".html";
        if (!draft.body().isBlank() && !page.equals(main.attribute("href"))) {
            addPage(page, draft, xhtml(draft.body(), page));
            resources.add(resource(name + "-page", "webcontent", page));
            main.add(Tag.of("dependency").with("identifierref", name + "-page"));
        }
        resources.add(main);
    }

    private Tag mainResource(ItemDraft draft, String name) {
        return switch (draft.kind()) {
            case LINK -> withQuestions(link(draft, name), draft, name);
            case PRINTABLE -> withQuestions(resource(name, "webcontent", sheet(draft)), draft, name);
            case LESSON -> withQuestions(lesson(draft, name), draft, name);
            case TEXT, PRACTICE, QUIZ, TALK, OFF_SCREEN -> {
                if (!draft.questions().isEmpty()) {
                    yield test(draft, name);
                }
                String page = "pages/" + name + ".html";
                addPage(page, draft, xhtml(draft.body(), page));
                yield resource(name, "webcontent", page);
            }
        };
    }

    private Tag withQuestions(Tag main, ItemDraft draft, String name) {
        if (!draft.questions().isEmpty()) {
            resources.add(test(draft, name + "-test"));
            main.add(Tag.of("dependency").with("identifierref", name + "-test"));
        }
        return main;
    }

    private Tag test(ItemDraft draft, String test) {
        Tag resource = resource(test, version.testType, "tests/" + test + ".xml");
        Tag section = Tag.of("assessmentSection")
                .with("identifier", "section1")
                .with("title", draft.title())
                .with("visible", "false");
        int place = 0;
        for (QuestionDraft question : draft.questions()) {
            String item = test + "-" + ++place;
            addQuestion(question, item, draft);
            section.add(Tag.of("assessmentItemRef").with("identifier", item).with("href", "../items/" + item + ".xml"));
            resource.add(Tag.of("dependency").with("identifierref", item));
        }
        Tag whole = Tag.of("assessmentTest")
                .with("xmlns", version.namespace)
                .with("identifier", test)
                .with("title", draft.title())
                .with("toolName", "zafu")
                .with("xml:lang", draft.language());
        if (draft.minutes() != null) {
            whole.add(Tag.of("timeLimits").with("maxTime", draft.minutes() * 60));
        }
        whole.add(Tag.of("testPart", section)
                .with("identifier", "part1")
                .with("navigationMode", "nonlinear")
                .with("submissionMode", "simultaneous"));
        parts.put("tests/" + test + ".xml", xml(whole.write(version::elementName, version::attributeName)));
        return resource;
    }

    private Tag link(ItemDraft draft, String name) {
        String part = "links/" + name + ".xml";
        Tag link = Tag.of(
                        "webLink", Tag.of("title", draft.title()), Tag.of("url").with("href", draft.address()))
                .with("xmlns", "http://www.imsglobal.org/xsd/imsccv1p3/imswl_v1p3");
        parts.put(part, xml(link.write(each -> each, each -> each)));
        return resource(name, "imswl_xmlv1p3", part);
    }

    private Tag lesson(ItemDraft draft, String name) {
        String page = "pages/" + name + "-lesson.html";
        StringBuilder sections = new StringBuilder();
        LessonPage.sections(draft.lesson()).forEach((called, markdown) -> sections.append("<section class=\"")
                .append(called)
                .append("\">")
                .append(xhtml(markdown, page))
                .append("</section>"));
        addPage(page, draft, sections.toString());
        return resource(name, "webcontent", page);
    }

    /** Puts the sheet of a printable into the package under its own name. */
    private String sheet(ItemDraft draft) {
        long id = Long.parseLong(draft.file().substring("file:".length()));
        LibraryFiles.Content content = files.apply(id);
        String part = "sheets/" + id + "/" + content.name().replaceAll("[/\\\\]", "-");
        parts.put(part, content.bytes());
        return part;
    }

    private void addPage(String page, ItemDraft draft, String xhtml) {
        parts.put(
                page,
                ("<!DOCTYPE html>\n<html lang=\"" + Tag.escaped(draft.language())
                                + "\"><head><meta charset=\"utf-8\" /><title>" + Tag.escaped(draft.title())
                                + "</title></head><body>" + xhtml + "</body></html>")
                        .getBytes(StandardCharsets.UTF_8));
    }

    private void addQuestion(QuestionDraft question, String identifier, ItemDraft draft) {
        String part = "items/" + identifier + ".xml";
        Tag item = new QtiWriter(question, markdown -> xhtml(markdown, part))
                .write(identifier, draft.title(), version, draft.language());
        parts.put(part, xml(item.write(version::elementName, version::attributeName)));
        Tag resource = resource(identifier, version.itemType, part);
        if (!question.skill().isEmpty()) {
            resource.addFirst(Described.writtenSkill(question.skill()));
        }
        resources.add(resource);
    }

    private static Tag resource(String identifier, String type, String href) {
        String address = UriUtils.encodePath(href, StandardCharsets.UTF_8);
        return Tag.of("resource", Tag.of("file").with("href", address))
                .with("identifier", identifier)
                .with("type", type)
                .with("href", address);
    }

    private static byte[] xml(String element) {
        return ("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + element).getBytes(StandardCharsets.UTF_8);
    }

    /** Well-formed XHTML, whose pictures lie in the package. */
    private String xhtml(String markdown, String part) {
        Document page = Jsoup.parseBodyFragment(Markdown.html(markdown));
        page.outputSettings()
                .syntax(Document.OutputSettings.Syntax.xml)
                .escapeMode(Entities.EscapeMode.xhtml)
                .prettyPrint(false);
        page.select("img").forEach(picture -> {
            Matcher ours = OUR_FILE.matcher(picture.attr("src"));
            if (ours.matches()) {
                picture.attr("src", "../" + picture(Long.parseLong(ours.group(1))));
            }
        });
        return page.body().html();
    }

    private String picture(long fileId) {
        return pictures.computeIfAbsent(fileId, id -> {
            LibraryFiles.Content content = files.apply(id);
            String name = "media/" + id + "."
                    + content.mediaType().substring(content.mediaType().indexOf('/') + 1);
            parts.put(name, content.bytes());
            resources.add(resource("media" + id, "webcontent", name));
            return name;
        });
    }

    private byte[] zip() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                out.putNextEntry(new ZipEntry(part.getKey()));
                out.write(part.getValue());
                out.closeEntry();
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return bytes.toByteArray();
    }
}
