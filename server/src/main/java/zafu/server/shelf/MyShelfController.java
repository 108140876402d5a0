package zafu.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.library.ItemKind;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.roster.InTheirPlace;

/** A student's own shelf. Nothing here tells of a group, or of which other shelves there are. */
@RestController
class MyShelfController {
    private final MyShelf shelf;
    private final InTheirPlace seen;

    MyShelfController(MyShelf shelf, InTheirPlace seen) {
        this.shelf = shelf;
        this.seen = seen;
    }

    record Shelved(List<Book> books) {}

    /** @param first whether it is to be looked at before the others */
    record Book(long itemId, ItemKind kind, String title, @Nullable Integer minutes, boolean first, boolean opened) {}

    /** @param questions to try oneself on; empty but for a practice */
    record OpenBook(ItemPage item, List<QuestionSheet> questions) {}

    /** @param answers by question, written as for a try */
    record Tried(@NotNull @Size(max = 500) Map<Long, @Size(max = 20_000) String> answers) {}

    record Checked(List<CheckedAnswer> answers) {}

    /** @param right absent where a person would have to say */
    record CheckedAnswer(long questionId, @Nullable Boolean right, @Nullable String feedback) {}

    @GetMapping("/api/my/shelf")
    Shelved mine() {
        return shelf.mine();
    }

    /** As the student sees it, for who may look in their place. */
    @GetMapping("/api/classes/{classId}/see-as/{studentId}/shelf")
    Shelved seen(
            @PathVariable long classId,
            @PathVariable long studentId,
            @RequestParam(required = false) @Nullable LocalDateTime at) {
        return seen.look(classId, studentId, at, shelf::mine);
    }

    @PostMapping("/api/my/shelf/{itemId}/opened")
    OpenBook open(@PathVariable long itemId) {
        return shelf.open(itemId);
    }

    /** Says which answers are right. Nothing is kept. */
    @PostMapping("/api/my/shelf/{itemId}/checked")
    Checked check(@PathVariable long itemId, @Valid @RequestBody Tried tried) {
        return shelf.check(itemId, tried);
    }
}
