package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.marking.PartNames;
import zafu.core.marking.Question;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.ItemText;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.platform.Refusal;

/** Items and questions by id, for the other features. Permission is theirs to check. */
@Service
public class Library {
    private final LibraryItemRepository items;
    private final QuestionRepository questions;
    private final ItemEditionRepository itemEditions;
    private final QuestionEditionRepository questionEditions;
    private final LibraryFileRepository files;
    private final ItemAccess access;
    private final QuestionBodies bodies;

    Library(
            LibraryItemRepository items,
            QuestionRepository questions,
            ItemEditionRepository itemEditions,
            QuestionEditionRepository questionEditions,
            LibraryFileRepository files,
            ItemAccess access,
            QuestionBodies bodies) {
        this.items = items;
        this.questions = questions;
        this.itemEditions = itemEditions;
        this.questionEditions = questionEditions;
        this.files = files;
        this.access = access;
        this.bodies = bodies;
    }

    /** What an item is called. */
    public record ItemName(
            long id, ItemKind kind, String title, @Nullable Double level, @Nullable Integer minutes, boolean deleted) {}

    /** A question that can be asked and marked. */
    public record Asked(
            long id,
            long itemId,
            QuestionKind kind,
            String prompt,
            int points,
            @Nullable Long skillId,
            QuestionBody body,
            Question question) {

        /** For an adult beside answers as they are kept: parts are called by their places. */
        public QuestionSheet sheet() {
            return StudentPages.sheet(written(), null, StudentPages.namedByPlaces(written()));
        }

        /**
         * As a student sees it.
         *
         * @param secret of the attempt, which names the parts
         * @param choices how many are left; absent for all. Rule 6, fewer choices
         */
        public QuestionSheet sheetFor(String secret, @Nullable Integer choices) {
            return StudentPages.sheet(written(), choices, names(secret));
        }

        /** What a student's page gave, by places; refused where it names a part that is not there. */
        public String inPlaces(String secret, String given) {
            return AnswerText.inPlaces(kind, names(secret), given)
                    .orElseThrow(() -> Refusal.unusable("unknown-part", inWords("everyone.this-question-was-changed")));
        }

        /** A kept answer as the student's page knows it. */
        public String inNames(String secret, String kept) {
            return AnswerText.inNames(kind, names(secret), kept);
        }

        private StudentPages.Written written() {
            return new StudentPages.Written(id, kind, prompt, points, body);
        }

        private PartNames names(String secret) {
            return PartNames.of(secret, id, sortable());
        }

        /** How many parts it has whose place is the answer. */
        private int sortable() {
            return StudentPages.sortable(kind, body).size();
        }
    }

    /** Those of the ids that can be given to students, by id. */
    public Map<Long, ItemName> names(Collection<Long> ids) {
        Map<Long, ItemName> found = new LinkedHashMap<>();
        items.findByIdIn(ids).stream()
                .filter(item -> item.kind.isForStudents())
                .forEach(item -> found.put(
                        item.id,
                        new ItemName(
                                item.id, item.kind, item.title, item.levelLow, item.minutes, item.deletedAt != null)));
        return found;
    }

    /** Whether all of these are items for students that the signed-in adult may see. */
    public boolean mayUse(Collection<Long> ids) {
        return items.findByIdIn(ids).stream()
                        .filter(item -> item.kind.isForStudents() && item.deletedAt == null && access.maySee(item))
                        .count()
                == ids.size();
    }

    /** Whether all of these are questions of items that the signed-in adult may see. */
    public boolean mayAsk(Collection<Long> questionIds) {
        Map<Long, Long> itemOf = itemsOf(questionIds);
        return itemOf.size() == questionIds.size()
                && items.findByIdIn(List.copyOf(Set.copyOf(itemOf.values()))).stream()
                        .allMatch(access::maySee);
    }

    /** The item of each of these questions. */
    public Map<Long, Long> itemsOf(Collection<Long> questionIds) {
        return questions.findByIdIn(questionIds).stream().collect(Collectors.toMap(row -> row.id, row -> row.itemId));
    }

    /** Pages of those of the ids that can be given to students, as they are now or were at a moment. */
    public Map<Long, ItemPage> pages(Collection<Long> ids, @Nullable Instant asOf) {
        List<LibraryItem> found = items.findByIdIn(ids);
        Map<Long, ItemText> then = new LinkedHashMap<>();
        found.forEach(item -> then.put(item.id, new ItemText(item.title, item.body, item.address, item.fileId)));
        if (asOf != null) {
            itemEditions
                    .findByItemIdInAndUntilAtGreaterThanOrderByUntilAtDescIdDesc(ids, asOf)
                    .forEach(old -> then.put(old.itemId, new ItemText(old.title, old.body, old.address, old.fileId)));
        }
        Map<Long, LibraryFile> sheets =
                files
                        .findAllById(then.values().stream()
                                .map(ItemText::fileId)
                                .filter(Objects::nonNull)
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(file -> file.id, file -> file));
        Map<Long, ItemPage> pages = new LinkedHashMap<>();
        for (LibraryItem item : found) {
            if (item.kind.isForStudents()) {
                ItemText text = then.get(item.id);
                pages.put(item.id, StudentPages.page(item, text, sheets.get(text.fileId())));
            }
        }
        return pages;
    }

    /**
     * Of each of these texts what says it over again in one of these languages, and what it says over again itself,
     * by the language tag.
     *
     * @param languages tags such as {@code es}, or names in English or in the language itself
     */
    public Map<Long, Map<String, Long>> inLanguages(Collection<Long> ids, Collection<String> languages) {
        Map<Long, Map<String, Long>> found = new LinkedHashMap<>();
        if (ids.isEmpty() || languages.isEmpty()) {
            return found;
        }
        Map<Long, List<Long>> family = new LinkedHashMap<>();
        items.findByIdIn(ids).forEach(item -> {
            family.computeIfAbsent(item.sameAs == null ? item.id : item.sameAs, id -> new ArrayList<>())
                    .add(item.id);
        });
        List<LibraryItem> all = new ArrayList<>(items.findByIdIn(family.keySet()));
        all.addAll(items.findBySameAsInAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(family.keySet()));
        for (LibraryItem each : all) {
            long root = each.sameAs == null ? each.id : each.sameAs;
            for (long id : family.getOrDefault(root, List.of())) {
                if (id != each.id && each.deletedAt == null && LanguageName.isAmong(each.language, languages)) {
                    found.computeIfAbsent(id, key -> new LinkedHashMap<>()).putIfAbsent(each.language, each.id);
                }
            }
        }
        return found;
    }

    /** Points of each of these questions, as they are now. */
    public Map<Long, Integer> pointsOf(Collection<Long> ids) {
        return questions.pointsOf(ids).stream()
                .collect(Collectors.toMap(QuestionRepository.Points::getId, QuestionRepository.Points::getPoints));
    }

    /** Questions by id, as they are now. */
    public Map<Long, Asked> questions(Collection<Long> ids) {
        return questions(ids, null);
    }

    /** Questions by id, as they are now or were at a moment. */
    public Map<Long, Asked> questions(Collection<Long> ids, @Nullable Instant asOf) {
        Map<Long, Asked> found = new LinkedHashMap<>();
        List<QuestionRow> rows = questions.findByIdIn(ids);
        rows.forEach(row -> found.put(row.id, asked(row, row.kind, row.prompt, row.points, row.body)));
        if (asOf != null) {
            Map<Long, QuestionRow> byId = rows.stream().collect(Collectors.toMap(row -> row.id, row -> row));
            questionEditions
                    .findByQuestionIdInAndUntilAtGreaterThanOrderByUntilAtDescIdDesc(ids, asOf)
                    .forEach(old -> found.put(
                            old.questionId,
                            asked(byId.get(old.questionId), old.kind, old.prompt, old.points, old.body)));
        }
        return found;
    }

    /** Which of these questions were changed after a moment. */
    public Set<Long> changedSince(Collection<Long> ids, Instant moment) {
        return questionEditions.findByQuestionIdInAndUntilAtGreaterThanOrderByUntilAtDescIdDesc(ids, moment).stream()
                .map(old -> old.questionId)
                .collect(Collectors.toSet());
    }

    private Asked asked(QuestionRow row, QuestionKind kind, String prompt, int points, String written) {
        QuestionBody body = bodies.read(written);
        return new Asked(row.id, row.itemId, kind, prompt, points, row.skillId, body, body.asQuestion(kind, prompt));
    }

    /** Ids of the questions of each of these items, in their order. */
    public Map<Long, List<Long>> questionsOf(Collection<Long> itemIds) {
        return questions.findByItemIdInAndRemovedFalseOrderByItemIdAscPlaceAsc(itemIds).stream()
                .collect(Collectors.groupingBy(
                        row -> row.itemId, LinkedHashMap::new, Collectors.mapping(row -> row.id, Collectors.toList())));
    }

    /** Feedback on an answer, as a student sees it; empty where there is none. */
    public static String feedback(Asked asked, boolean right) {
        String words = right ? asked.body().feedbackRight() : asked.body().feedbackWrong();
        return words == null ? "" : Markdown.inline(words);
    }
}
