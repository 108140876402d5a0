package zafu.server.shelf;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.shelf.ShelfApi.Put;
import zafu.server.shelf.ShelfApi.Shelf;
import zafu.server.shelf.ShelfApi.ShelfEdit;
import zafu.server.shelf.ShelfApi.TakenOff;

/** The shelves of a class's groups, as the teacher keeps them. */
@RestController
class ShelfController {
    private final Shelves shelves;

    ShelfController(Shelves shelves) {
        this.shelves = shelves;
    }

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
        shelves.takeOff(groupId, wanted.items());
        return shelves.of(groupId);
    }
}
