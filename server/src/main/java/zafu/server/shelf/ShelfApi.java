package zafu.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemKind;
import zafu.server.link.LinkState;

/** What {@link ShelfController} takes and gives. */
final class ShelfApi {
    private ShelfApi() {}

    /** @param entries in the order in which students see them */
    record Shelf(long groupId, String groupName, List<OnShelf> entries, boolean mayChange) {}

    /** @param openedBy how many of the group have opened it, of {@code members} */
    record OnShelf(
            long itemId,
            ItemKind kind,
            String title,
            @Nullable Integer minutes,
            boolean starred,
            int openedBy,
            int members,
            @Nullable LinkState link) {}

    record ShelfPlace(long itemId, boolean starred) {}

    /**
     * A whole shelf.
     *
     * @param now what was on it when the teacher looked, by item; somebody else's change is not overwritten unseen
     */
    record ShelfEdit(
            @NotNull @Size(max = 200) List<@Valid ShelfPlace> entries, @NotNull @Size(max = 200) List<Long> now) {}

    record Put(@NotNull @Size(min = 1, max = 200) List<Long> items, boolean starred) {}

    record TakenOff(@NotNull @Size(min = 1, max = 200) List<Long> items) {}
}
