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
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;

/** What {@link LibraryController} takes and gives. */
final class LibraryApi {
    private LibraryApi() {}

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
}
