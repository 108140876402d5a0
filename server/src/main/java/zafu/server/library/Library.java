package zafu.server.library;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import zafu.core.marking.Question;

/** Texts and questions by id, for the other features. */
@Service
public class Library {
    private final LibraryItemRepository items;
    private final QuestionRepository questions;
    private final JsonMapper json;

    Library(LibraryItemRepository items, QuestionRepository questions, JsonMapper json) {
        this.items = items;
        this.questions = questions;
        this.json = json;
    }

    /** A text to read; paragraphs are separated by a blank line. */
    public record Text(long id, String title, String body, @Nullable Integer level) {}

    /** A question that can be asked and marked. {@code options} is empty but for a choice. */
    public record Asked(
            long id,
            QuestionKind kind,
            String prompt,
            int points,
            List<String> options,
            @Nullable String unit,
            Question question) {}

    /** Those of the ids that are texts. */
    public Map<Long, Text> texts(Collection<Long> ids) {
        Map<Long, Text> found = new LinkedHashMap<>();
        items.findAllById(ids).stream()
                .filter(item -> item.kind == LibraryItem.Kind.TEXT)
                .forEach(item -> found.put(item.id, new Text(item.id, item.title, item.body, item.level)));
        return found;
    }

    public Map<Long, Asked> questions(Collection<Long> ids) {
        Map<Long, Asked> found = new LinkedHashMap<>();
        questions.findByIdIn(ids).forEach(row -> found.put(row.id, asked(row)));
        return found;
    }

    private Asked asked(QuestionRow row) {
        QuestionBody body = json.readValue(row.body, QuestionBody.class);
        return new Asked(
                row.id,
                row.kind,
                row.prompt,
                row.points,
                body.options() == null ? List.of() : body.options(),
                body.unit(),
                body.asQuestion(row.kind, row.prompt));
    }
}
