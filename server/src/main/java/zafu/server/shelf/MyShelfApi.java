package zafu.server.shelf;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemKind;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;

/** What {@link MyShelfController} takes and gives. */
final class MyShelfApi {
    private MyShelfApi() {}

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
}
