package zafu.server.library;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.LibraryController.ItemEdit;
import zafu.server.library.LibraryController.ItemView;
import zafu.server.library.LibraryController.QuestionShown;
import zafu.server.library.LibraryController.SkillUse;

/** Takes items in that came from elsewhere, and gives them out, for whoever may see them. */
@Service
public class LibraryExchange {
    private final LibraryItems items;

    LibraryExchange(LibraryItems items) {
        this.items = items;
    }

    /**
     * Keeps all of these or, where one cannot be kept, none.
     *
     * @param skillId what all of them train and their questions measure, if anything is said
     * @return their ids
     */
    @Transactional
    public List<Long> take(
            List<ItemDraft> drafts, Visibility visibility, @Nullable Long classId, @Nullable Long skillId) {
        List<Long> ids = new ArrayList<>();
        drafts.forEach(draft -> ids.add(items.save(null, edit(draft, visibility, classId, skillId))));
        return ids;
    }

    private static ItemEdit edit(
            ItemDraft draft, Visibility visibility, @Nullable Long classId, @Nullable Long skillId) {
        List<QuestionShown> questions = draft.questions().stream()
                .map(each -> new QuestionShown(null, each.kind(), each.prompt(), each.points(), skillId, each.body()))
                .toList();
        return new ItemEdit(
                draft.kind(),
                draft.title(),
                draft.body(),
                draft.language(),
                null,
                draft.minutes(),
                null,
                null,
                null,
                null,
                null,
                skillId == null ? null : List.of(new SkillUse(skillId, SkillRole.TRAINS)),
                visibility,
                classId,
                draft.tags(),
                draft.licence(),
                draft.address(),
                null,
                null,
                null,
                draft.fileId(),
                questions,
                null);
    }

    @Transactional(readOnly = true)
    public List<ItemDraft> give(Collection<Long> ids) {
        return ids.stream().map(items::view).map(LibraryExchange::draft).toList();
    }

    private static ItemDraft draft(ItemView item) {
        return new ItemDraft(
                item.kind(),
                item.title(),
                item.body(),
                item.language(),
                item.minutes(),
                item.address(),
                item.tags(),
                item.licence(),
                item.file() == null ? null : item.file().id(),
                item.questions().stream()
                        .map(each -> new QuestionDraft(each.kind(), each.prompt(), each.points(), each.body()))
                        .toList());
    }
}
