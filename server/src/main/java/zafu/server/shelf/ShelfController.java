package zafu.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.library.ItemKind;
import zafu.server.link.LinkState;

/** The shelves of a class's groups, as the teacher keeps them. */
@RestController
class ShelfController {
    private final Shelves shelves;

    ShelfController(Shelves shelves) {
        this.shelves = shelves;
    }

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

    @GetMapping("/api/groups/{groupId}/shelf")
    Shelf shelf(@PathVariable long groupId) {
        return shelves.of(groupId);
    }

    /** Puts the whole list in place of what is there. */
    @PutMapping("/api/groups/{groupId}/shelf")
    Shelf swap(@PathVariable long groupId, @Valid @RequestBody ShelfEdit wanted) {
        shelves.swap(groupId, wanted);
        return shelves.of(groupId);
    }

    /** Puts items on the shelf, before the others; those that are there already stay as they are. */
    @PostMapping("/api/groups/{groupId}/shelf/items")
    Shelf put(@PathVariable long groupId, @Valid @RequestBody Put wanted) {
        shelves.put(groupId, wanted);
        return shelves.of(groupId);
    }

    @PostMapping("/api/groups/{groupId}/shelf/taken-off")
    Shelf takeOff(@PathVariable long groupId, @Valid @RequestBody TakenOff wanted) {
        shelves.takeOff(groupId, wanted.items);
        return shelves.of(groupId);
    }
}
