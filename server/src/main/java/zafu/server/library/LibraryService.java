package zafu.server.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.library.LibraryController.QuestionSet;
import zafu.server.library.LibraryController.QuestionSetEdit;
import zafu.server.library.LibraryController.QuestionShown;
import zafu.server.library.LibraryController.Shelves;
import zafu.server.library.LibraryController.TextEdit;
import zafu.server.library.LibraryController.TextShown;
import zafu.server.platform.Refusal;

/** Shows and keeps texts and question sets. Every adult of the school may use and mend them. */
@Service
class LibraryService {
    private final LibraryItemRepository items;
    private final QuestionRepository questions;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final JsonMapper json;

    LibraryService(
            LibraryItemRepository items,
            QuestionRepository questions,
            CurrentPerson current,
            AuditTrail audit,
            JsonMapper json) {
        this.items = items;
        this.questions = questions;
        this.current = current;
        this.audit = audit;
        this.json = json;
    }

    @Transactional(readOnly = true)
    Shelves shelves() {
        Map<Long, List<QuestionRow>> bySet = questions.findByRemovedFalseOrderByItemIdAscPlaceAsc().stream()
                .collect(Collectors.groupingBy(row -> row.itemId));
        List<TextShown> texts = new ArrayList<>();
        List<QuestionSet> sets = new ArrayList<>();
        for (LibraryItem item : items.findAllByOrderByTitle()) {
            if (item.kind == LibraryItem.Kind.TEXT) {
                texts.add(shown(item));
            } else {
                sets.add(shown(item, bySet.getOrDefault(item.id, List.of())));
            }
        }
        return new Shelves(texts, sets);
    }

    @Transactional
    TextShown saveText(@Nullable Long id, TextEdit wanted) {
        LibraryItem item = itemToSave(id, LibraryItem.Kind.TEXT, wanted.version());
        item.title = wanted.title().strip();
        item.body = wanted.body().strip();
        item.level = wanted.level();
        return shown(saved(item));
    }

    @Transactional
    QuestionSet saveQuestions(@Nullable Long id, QuestionSetEdit wanted) {
        wanted.questions().forEach(question -> question.body().asQuestion(question.kind(), question.prompt()));
        LibraryItem item = itemToSave(id, LibraryItem.Kind.QUESTIONS, wanted.version());
        item.title = wanted.title().strip();
        LibraryItem saved = saved(item);
        return shown(saved, write(saved.id, wanted.questions()));
    }

    private LibraryItem itemToSave(@Nullable Long id, LibraryItem.Kind kind, @Nullable Long version) {
        if (id == null) {
            LibraryItem made = new LibraryItem();
            made.kind = kind;
            made.createdBy = current.adult().adultId();
            return made;
        }
        LibraryItem found = items.findById(id)
                .filter(item -> item.kind == kind)
                .orElseThrow(() -> Refusal.notFound(kind == LibraryItem.Kind.TEXT ? "text" : "question set"));
        if (version == null || version != found.version) {
            throw new OptimisticLockingFailureException("library item " + id);
        }
        return found;
    }

    private LibraryItem saved(LibraryItem item) {
        LibraryItem saved = items.saveAndFlush(item);
        audit.note(null, "library.saved", saved.id, saved.title);
        return saved;
    }

    private List<QuestionRow> write(long setId, List<QuestionShown> wanted) {
        Map<Long, QuestionRow> known = new LinkedHashMap<>();
        questions.findByItemIdOrderByPlace(setId).forEach(row -> known.put(row.id, row));
        known.values().forEach(row -> row.removed = true);
        List<QuestionRow> rows = new ArrayList<>();
        for (QuestionShown question : wanted) {
            QuestionRow row = question.id() == null ? new QuestionRow() : known.get(question.id());
            if (row == null) {
                throw Refusal.notFound("question");
            }
            row.itemId = setId;
            row.place = rows.size();
            row.kind = question.kind();
            row.prompt = question.prompt().strip();
            row.points = question.points();
            row.body = json.writeValueAsString(question.body());
            row.removed = false;
            rows.add(row);
        }
        questions.saveAll(known.values());
        return questions.saveAll(rows);
    }

    private static TextShown shown(LibraryItem item) {
        return new TextShown(item.id, item.title, item.body, item.level, item.version);
    }

    private QuestionSet shown(LibraryItem item, List<QuestionRow> rows) {
        List<QuestionShown> shown = rows.stream()
                .map(row -> new QuestionShown(
                        row.id, row.kind, row.prompt, row.points, json.readValue(row.body, QuestionBody.class)))
                .toList();
        return new QuestionSet(item.id, item.title, shown, item.version);
    }
}
