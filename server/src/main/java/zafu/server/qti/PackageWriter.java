package zafu.server.qti;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Entities;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.ItemKind;
import zafu.server.library.LibraryFiles;
import zafu.server.library.Markdown;

/** Writes items with their questions as a package: a test for each, an item for each question, a page for each text. */
final class PackageWriter {
    private static final Pattern OUR_FILE = Pattern.compile("/api/files/(\\d+)");
    private final QtiVersion version;
    private final LongFunction<LibraryFiles.Content> files;
    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final Map<Long, String> pictures = new LinkedHashMap<>();
    private final List<Tag> resources = new ArrayList<>();

    PackageWriter(QtiVersion version, LongFunction<LibraryFiles.Content> files) {
        this.version = version;
        this.files = files;
    }

    byte[] write(List<ItemDraft> drafts) {
        int number = 0;
        for (ItemDraft draft : drafts) {
            addItem(draft, ++number);
        }
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

    private void addItem(ItemDraft draft, int number) {
        String test = draft.kind() == ItemKind.PRACTICE ? "practice" + number : "quiz" + number;
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
        boolean isPage = !draft.body().isBlank();
        if (isPage) {
            String page = "pages/" + test + ".html";
            String language = Tag.escaped(draft.language());
            parts.put(
                    page,
                    ("<!DOCTYPE html>\n<html lang=\"" + language + "\"><head><meta charset=\"utf-8\" /><title>"
                                    + Tag.escaped(draft.title()) + "</title></head><body>"
                                    + xhtml(draft.body(), page) + "</body></html>")
                            .getBytes(StandardCharsets.UTF_8));
            resources.add(resource(test + "-page", "webcontent", page));
            resource.add(Tag.of("dependency").with("identifierref", test + "-page"));
        }
        if (draft.questions().isEmpty()) {
            return;
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
        resources.add(resource);
    }

    private void addQuestion(QuestionDraft question, String identifier, ItemDraft draft) {
        String part = "items/" + identifier + ".xml";
        Tag item = new QtiWriter(question, markdown -> xhtml(markdown, part))
                .write(identifier, draft.title(), version, draft.language());
        parts.put(part, xml(item.write(version::elementName, version::attributeName)));
        resources.add(resource(identifier, version.itemType, part));
    }

    private static Tag resource(String identifier, String type, String href) {
        return Tag.of("resource", Tag.of("file").with("href", href))
                .with("identifier", identifier)
                .with("type", type)
                .with("href", href);
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
