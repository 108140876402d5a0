package zafu.server.library;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.library.LibraryApi.ItemPreview;

/** An item exactly as a student will see it, for the adult who chooses it. */
@Component
class LibraryPreview {
    private final LibraryItems items;
    private final ItemQuestions questions;
    private final LibraryFileRepository files;

    LibraryPreview(LibraryItems items, ItemQuestions questions, LibraryFileRepository files) {
        this.items = items;
        this.questions = questions;
        this.files = files;
    }

    @Transactional(readOnly = true)
    ItemPreview of(long itemId, @Nullable Integer choices) {
        LibraryItem item = items.requireSee(itemId);
        StudentPages.ItemText text = new StudentPages.ItemText(item.title, item.body, item.address, item.fileId);
        LibraryFile file =
                item.fileId == null ? null : files.findById(item.fileId).orElse(null);
        return new ItemPreview(
                StudentPages.page(item, text, file),
                questions.of(itemId).stream()
                        .map(each -> new StudentPages.Written(
                                each.id(), each.kind(), each.prompt(), each.points(), each.body()))
                        .map(each -> StudentPages.sheet(each, choices, StudentPages.namedByPlaces(each)))
                        .toList());
    }
}
