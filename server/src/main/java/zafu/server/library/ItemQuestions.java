package zafu.server.library;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.library.LibraryApi.QuestionShown;
import zafu.server.platform.Refusal;

/** The questions of an item: read and written as a whole. One that was taken out stays, because answers to it stay. */
@Component
class ItemQuestions {
    private final QuestionRepository questions;
    private final QuestionEditionRepository editions;
    private final QuestionBodies bodies;
    private final Clock clock;

    ItemQuestions(
            QuestionRepository questions, QuestionEditionRepository editions, QuestionBodies bodies, Clock clock) {
        this.questions = questions;
        this.editions = editions;
        this.bodies = bodies;
        this.clock = clock;
    }

    List<QuestionShown> of(long itemId) {
        return questions.findByItemIdInAndRemovedFalseOrderByItemIdAscPlaceAsc(List.of(itemId)).stream()
                .map(row -> new QuestionShown(row.id, row.kind, row.prompt, row.points, row.skillId, body(row)))
                .toList();
    }

    List<QuestionRow> rows(List<Long> ids) {
        return questions.findByIdIn(ids);
    }

    private QuestionBody body(QuestionRow row) {
        return bodies.read(row.body);
    }

    void write(long itemId, List<QuestionShown> wanted) {
        Map<Long, QuestionRow> known = new LinkedHashMap<>();
        questions.findByItemIdOrderByPlace(itemId).forEach(row -> known.put(row.id, row));
        known.values().forEach(row -> row.removed = true);
        List<QuestionRow> rows = new ArrayList<>();
        for (QuestionShown question : wanted) {
            QuestionRow row = question.id() == null ? new QuestionRow() : known.get(question.id());
            if (row == null) {
                throw Refusal.notFound("question");
            }
            keepEdition(row, question);
            row.itemId = itemId;
            row.place = rows.size();
            row.kind = question.kind();
            row.prompt = question.prompt().strip();
            row.points = question.points();
            row.skillId = question.skillId();
            row.body = bodies.write(question.body());
            row.removed = false;
            rows.add(row);
        }
        questions.saveAll(known.values());
        questions.saveAll(rows);
        questions.flush();
    }

    private void keepEdition(QuestionRow row, QuestionShown wanted) {
        boolean same = row.id != null
                && row.kind == wanted.kind()
                && row.prompt.equals(wanted.prompt().strip())
                && row.points == wanted.points()
                && bodies.read(row.body).equals(wanted.body());
        if (row.id != null && !same) {
            QuestionEdition old = new QuestionEdition();
            old.questionId = row.id;
            old.untilAt = clock.instant();
            old.kind = row.kind;
            old.prompt = row.prompt;
            old.points = row.points;
            old.body = row.body;
            editions.save(old);
        }
    }
}
