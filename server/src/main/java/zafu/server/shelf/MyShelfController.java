package zafu.server.shelf;

import jakarta.validation.Valid;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.InTheirPlace;
import zafu.server.shelf.MyShelfApi.Checked;
import zafu.server.shelf.MyShelfApi.OpenBook;
import zafu.server.shelf.MyShelfApi.Shelved;
import zafu.server.shelf.MyShelfApi.Tried;

/** A student's own shelf. Nothing here tells of a group, or of which other shelves there are. */
@RestController
class MyShelfController {
    private final MyShelf shelf;
    private final InTheirPlace seen;

    MyShelfController(MyShelf shelf, InTheirPlace seen) {
        this.shelf = shelf;
        this.seen = seen;
    }

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
