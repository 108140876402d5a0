package zafu.server.library;

import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.platform.StoredJson;

/** What questions ask for, as rows and editions keep it. */
@Component
class QuestionBodies {
    private final StoredJson<QuestionBody> stored;

    QuestionBodies(JsonMapper json) {
        // Without a number and in format 1 they look the same.
        stored = new StoredJson<>(json, QuestionBody.class, List.of(UnaryOperator.identity()));
    }

    String write(QuestionBody body) {
        return stored.write(body);
    }

    QuestionBody read(String text) {
        return stored.read(text);
    }
}
