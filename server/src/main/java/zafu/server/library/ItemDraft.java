package zafu.server.library;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An item on its way in or out of the library, without anything that belongs to one school alone.
 *
 * @param body Markdown
 * @param fileId of a printable
 */
public record ItemDraft(
        ItemKind kind,
        String title,
        String body,
        String language,
        @Nullable Integer minutes,
        String address,
        List<String> tags,
        String licence,
        @Nullable Long fileId,
        List<QuestionDraft> questions) {

    /** @param prompt Markdown */
    public record QuestionDraft(QuestionKind kind, String prompt, int points, QuestionBody body) {}
}
