package zafu.server.library;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
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
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;

/** Items of the library: written, changed, put away, looked at as a student would. */
@RestController
class LibraryController {
    private final LibraryItems service;
    private final LibraryPreview preview;

    LibraryController(LibraryItems service, LibraryPreview preview) {
        this.service = service;
        this.preview = preview;
    }

    /** @param id absent for a question that is new */
    record QuestionShown(
            @Nullable Long id,
            @NotNull QuestionKind kind,
            @NotNull @Size(max = 8000) String prompt,
            @Min(1) @Max(100) int points,
            @Nullable Long skillId,
            @NotNull @Valid QuestionBody body) {}

    record SkillUse(long skillId, @NotNull SkillRole role) {}

    /**
     * What an item is to say. What is absent is empty, or, for what every item has, English and for the whole school.
     *
     * @param levelLow in the unit of the level measure; {@code levelHigh} equals it for a single level
     * @param sameAs the item that this one says over again in another language
     * @param version of the item that was changed; absent for a new one
     */
    record ItemEdit(
            @NotNull ItemKind kind,
            @NotBlank @Size(max = 200) String title,
            @Nullable @Size(max = 100_000) String body,
            @Nullable @Size(max = 20) String language,
            @Nullable Long sameAs,
            @Nullable @Min(1) @Max(600) Integer minutes,
            @Nullable Long levelMeasureId,
            @Nullable Double levelLow,
            @Nullable Double levelHigh,
            @Nullable @Min(0) @Max(13) Integer gradeLow,
            @Nullable @Min(0) @Max(13) Integer gradeHigh,
            @Nullable @Size(max = 60) List<@Valid SkillUse> skills,
            @Nullable Visibility visibility,
            @Nullable Long classId,
            @Nullable @Size(max = 20) List<@NotBlank @Size(max = 40) String> tags,
            @Nullable @Size(max = 300) String licence,
            @Nullable @Size(max = 2000) String address,
            @Nullable @Size(max = 4000) String aims,
            @Nullable @Size(max = 8000) String steps,
            @Nullable @Size(max = 4000) String materials,
            @Nullable Long fileId,
            @Nullable @Size(max = 500) List<@Valid QuestionShown> questions,
            @Nullable Long version) {}

    /**
     * An item with all that belongs to it.
     *
     * @param html the body as it is read
     * @param sameAs the item that this one says over again in another language
     * @param madeBy who made it, where that is known
     * @param editions how often it was changed
     */
    record ItemView(
            long id,
            ItemKind kind,
            String title,
            String body,
            String html,
            String language,
            @Nullable Long sameAs,
            @Nullable String sameAsTitle,
            @Nullable Integer minutes,
            @Nullable Long levelMeasureId,
            @Nullable Double levelLow,
            @Nullable Double levelHigh,
            @Nullable Integer gradeLow,
            @Nullable Integer gradeHigh,
            List<SkillUse> skills,
            Visibility visibility,
            @Nullable Long classId,
            List<String> tags,
            String licence,
            String address,
            String aims,
            String steps,
            String materials,
            LessonHtml lesson,
            LibraryFiles.@Nullable KeptFile file,
            List<QuestionShown> questions,
            boolean starred,
            @Nullable String madeBy,
            LocalDate madeOn,
            boolean mayEdit,
            int editions,
            long version) {}

    record LessonHtml(String aims, String steps, String materials) {}

    /** As a student sees it. */
    record ItemPreview(ItemPage item, List<QuestionSheet> questions) {}

    record Star(boolean starred) {}

    record ItemIds(@NotNull @Size(max = 2000) List<Long> ids) {}

    /** @param prompts of questions, with the item they are part of */
    record QuestionName(long id, String prompt, int points, long itemId, String itemTitle) {}

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
        service.delete(which.ids);
    }

    @PostMapping("/api/library/items/restored")
    void restore(@Valid @RequestBody ItemIds which) {
        service.restore(which.ids);
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
        service.star(itemId, wanted.starred);
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
