package zafu.server.library;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An item on its way in or out of the library. What belongs to one school alone (measures, skills, other items) is called
 * by its name.
 *
 * @param key what other drafts beside it call it
 * @param body Markdown
 * @param file the sheet of a printable as Markdown would name it, {@code file:12}; empty where there is none
 */
public record ItemDraft(
        String key,
        ItemKind kind,
        String title,
        String body,
        String language,
        @Nullable Integer minutes,
        String address,
        LessonParts lesson,
        About about,
        String file,
        List<QuestionDraft> questions) {

    /**
     * @param prompt Markdown
     * @param skill the name of what it shows of a student; empty where nothing is said
     */
    public record QuestionDraft(QuestionKind kind, String prompt, int points, String skill, QuestionBody body) {
        public QuestionDraft(QuestionKind kind, String prompt, int points, QuestionBody body) {
            this(kind, prompt, points, "", body);
        }

        public QuestionDraft withSkill(String named) {
            return new QuestionDraft(kind, prompt, points, named, body);
        }
    }

    /** Of a lesson, Markdown each. */
    public record LessonParts(String aims, String steps, String materials) {
        public static final LessonParts NONE = new LessonParts("", "", "");
    }

    /**
     * What is said about an item.
     *
     * @param sameAs the key of the draft that it says over again in another language; empty where there is none
     */
    public record About(
            List<String> tags,
            String licence,
            @Nullable Integer gradeLow,
            @Nullable Integer gradeHigh,
            @Nullable Level level,
            List<SkillNamed> skills,
            String sameAs) {
        public static final About NOTHING = new About(List.of(), "", null, null, null, List.of(), "");
    }

    /** In the unit of the measure. */
    public record Level(String measure, double low, double high) {}

    public record SkillNamed(String name, SkillRole role) {}
}
