package zafu.server.library;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.library.ItemDraft.About;
import zafu.server.library.ItemDraft.LessonParts;
import zafu.server.library.ItemDraft.Level;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.ItemDraft.SkillNamed;
import zafu.server.library.LibraryApi.ItemEdit;
import zafu.server.library.LibraryApi.ItemView;
import zafu.server.library.LibraryApi.QuestionShown;
import zafu.server.library.LibraryApi.SkillUse;

/** Takes items in that came from elsewhere, and gives them out, for whoever may see them. */
@Service
public class LibraryExchange {
    private static final String FILE = "file:";
    private final LibraryItems items;
    private final LibraryItemRepository all;
    private final ItemAccess access;
    private final NamesHere names;

    LibraryExchange(LibraryItems items, LibraryItemRepository all, ItemAccess access, NamesHere names) {
        this.items = items;
        this.all = all;
        this.access = access;
        this.names = names;
    }

    /**
     * What is taken, for whom.
     *
     * @param skillId what all of it trains and its questions show, beside what it says itself; absent if nothing is said
     */
    public record Wanted(Visibility visibility, @Nullable Long classId, @Nullable Long skillId) {}

    /**
     * Keeps all of these or, where one cannot be kept, none.
     *
     * @return their ids, in the order of the drafts
     */
    @Transactional
    public List<Long> take(List<ItemDraft> drafts, Wanted wanted) {
        NamesHere.Known known = names.known(wanted);
        Map<String, Long> ids = new LinkedHashMap<>();
        Long[] inOrder = new Long[drafts.size()];
        for (int i : othersFirst(drafts)) {
            ItemDraft draft = drafts.get(i);
            inOrder[i] = items.save(null, edit(draft, wanted, known, ids));
            ids.put(draft.key(), inOrder[i]);
        }
        return List.of(inOrder);
    }

    /** An item that says another over again is kept after it. */
    private static List<Integer> othersFirst(List<ItemDraft> drafts) {
        Set<String> first = drafts.stream()
                .filter(each -> each.about().sameAs().isEmpty())
                .map(ItemDraft::key)
                .collect(Collectors.toSet());
        List<Integer> order = new ArrayList<>();
        IntStream.range(0, drafts.size())
                .filter(i -> first.contains(drafts.get(i).key()))
                .forEach(order::add);
        IntStream.range(0, drafts.size())
                .filter(i -> !first.contains(drafts.get(i).key()))
                .forEach(order::add);
        return order;
    }

    /** What these name that is not here, and so is not kept with them; each the end of a sentence, by their titles. */
    @Transactional(readOnly = true)
    public Map<String, List<String>> unknown(List<ItemDraft> drafts, Wanted wanted) {
        NamesHere.Known known = names.known(wanted);
        Map<String, List<String>> found = new LinkedHashMap<>();
        drafts.forEach(draft -> {
            List<String> missing = known.missing(draft);
            if (!missing.isEmpty()) {
                found.computeIfAbsent(draft.title(), title -> new ArrayList<>()).addAll(missing);
            }
        });
        return found;
    }

    private static ItemEdit edit(ItemDraft draft, Wanted wanted, NamesHere.Known known, Map<String, Long> taken) {
        About about = draft.about();
        NamesHere.LevelHere level = known.level(about.level());
        return new ItemEdit(
                draft.kind(),
                draft.title(),
                draft.body(),
                draft.language(),
                about.sameAs().isEmpty() ? null : taken.get(about.sameAs()),
                draft.minutes(),
                level == null ? null : level.measureId(),
                level == null ? null : level.low(),
                level == null ? null : level.high(),
                about.gradeLow(),
                about.gradeHigh(),
                known.skills(about.skills()),
                wanted.visibility(),
                wanted.classId(),
                about.tags(),
                about.licence(),
                draft.address(),
                draft.lesson().aims(),
                draft.lesson().steps(),
                draft.lesson().materials(),
                draft.file().isEmpty() ? null : Long.valueOf(draft.file().substring(FILE.length())),
                draft.questions().stream()
                        .map(each -> new QuestionShown(
                                null,
                                each.kind(),
                                each.prompt(),
                                each.points(),
                                known.skillOfQuestion(each.skill()),
                                each.body()))
                        .toList(),
                null);
    }

    @Transactional(readOnly = true)
    public List<ItemDraft> give(Collection<Long> ids) {
        NamesHere.Called called = names.called();
        return ids.stream()
                .map(items::view)
                .map(item -> draft(item, called, ids))
                .toList();
    }

    /** Ids of all that the signed-in adult sees, oldest first. */
    @Transactional(readOnly = true)
    public List<Long> idsOfAll() {
        return all.findByDeletedAtIsNullOrderByCreatedAtAscIdAsc().stream()
                .filter(access::maySee)
                .map(item -> item.id)
                .toList();
    }

    private static ItemDraft draft(ItemView item, NamesHere.Called called, Collection<Long> beside) {
        List<QuestionDraft> questions = item.questions().stream()
                .map(each -> new QuestionDraft(
                        each.kind(), each.prompt(), each.points(), called.skill(each.skillId()), each.body()))
                .toList();
        return new ItemDraft(
                String.valueOf(item.id()),
                item.kind(),
                item.title(),
                item.body(),
                item.language(),
                item.minutes(),
                item.address(),
                new LessonParts(item.aims(), item.steps(), item.materials()),
                about(item, called, beside),
                item.file() == null ? "" : FILE + item.file().id(),
                questions);
    }

    private static About about(ItemView item, NamesHere.Called called, Collection<Long> beside) {
        return new About(
                item.tags(),
                item.licence(),
                item.gradeLow(),
                item.gradeHigh(),
                item.levelMeasureId() == null
                        ? null
                        : new Level(called.measure(item.levelMeasureId()), item.levelLow(), item.levelHigh()),
                item.skills().stream()
                        .filter(each -> !called.skill(each.skillId()).isEmpty())
                        .map((SkillUse each) -> new SkillNamed(called.skill(each.skillId()), each.role()))
                        .toList(),
                item.sameAs() != null && beside.contains(item.sameAs()) ? String.valueOf(item.sameAs()) : "");
    }
}
