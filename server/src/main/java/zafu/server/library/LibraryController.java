package zafu.server.library;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.library.LibraryApi.ItemEdit;
import zafu.server.library.LibraryApi.ItemIds;
import zafu.server.library.LibraryApi.ItemPreview;
import zafu.server.library.LibraryApi.ItemView;
import zafu.server.library.LibraryApi.QuestionName;
import zafu.server.library.LibraryApi.Star;

/** Items of the library: written, changed, put away, looked at as a student would. */
@RestController
class LibraryController {
    private final LibraryItems service;
    private final LibraryPreview preview;

    LibraryController(LibraryItems service, LibraryPreview preview) {
        this.service = service;
        this.preview = preview;
    }

    @GetMapping("/api/library/items/{itemId}")
    ItemView item(@PathVariable long itemId) {
        return service.view(itemId);
    }

    @PostMapping("/api/library/items")
    ItemView add(@Valid @RequestBody ItemEdit wanted) {
        return service.view(service.save(null, wanted));
    }

    @PutMapping("/api/library/items/{itemId}")
    ItemView change(@PathVariable long itemId, @Valid @RequestBody ItemEdit wanted) {
        return service.view(service.save(itemId, wanted));
    }

    /** Puts items away; work that uses them goes on. */
    @PostMapping("/api/library/items/deleted")
    void delete(@Valid @RequestBody ItemIds which) {
        service.delete(which.ids());
    }

    @PostMapping("/api/library/items/restored")
    void restore(@Valid @RequestBody ItemIds which) {
        service.restore(which.ids());
    }

    @DeleteMapping("/api/library/items/{itemId}")
    void deleteOne(@PathVariable long itemId) {
        service.delete(List.of(itemId));
    }

    /** Makes a copy that is the signed-in adult's own. */
    @PostMapping("/api/library/items/{itemId}/copies")
    ItemView copy(@PathVariable long itemId) {
        return service.view(service.copy(itemId));
    }

    @PutMapping("/api/library/items/{itemId}/star")
    void star(@PathVariable long itemId, @Valid @RequestBody Star wanted) {
        service.star(itemId, wanted.starred());
    }

    /** @param choices how many options of a choice are left, as for a student with fewer choices */
    @GetMapping("/api/library/items/{itemId}/preview")
    ItemPreview preview(@PathVariable long itemId, @RequestParam(required = false) @Nullable Integer choices) {
        return preview.of(itemId, choices);
    }

    @GetMapping("/api/library/questions")
    List<QuestionName> questions(@RequestParam List<Long> ids) {
        return service.questionNames(ids);
    }
}
