package zafu.server.qti;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jsoup.nodes.Document;
import zafu.server.library.ItemDraft.LessonParts;

/** A lesson as a page: a section for each of its parts. */
final class LessonPage {
    private static final String AIMS = "aims";
    private static final String STEPS = "steps";
    private static final String MATERIALS = "materials";

    private LessonPage() {}

    /** Markdown of the parts that say something, by the class of their section. */
    static Map<String, String> sections(LessonParts lesson) {
        Map<String, String> sections = new LinkedHashMap<>();
        sections.put(AIMS, lesson.aims());
        sections.put(STEPS, lesson.steps());
        sections.put(MATERIALS, lesson.materials());
        sections.values().removeIf(String::isBlank);
        return sections;
    }

    /** @param markdown of a page of HTML */
    static LessonParts read(String html, UnaryOperator<String> markdown) {
        Document page = HtmlMarkdown.parsed(html);
        UnaryOperator<String> section =
                name -> markdown.apply(page.select("section." + name).html());
        return new LessonParts(section.apply(AIMS), section.apply(STEPS), section.apply(MATERIALS));
    }
}
