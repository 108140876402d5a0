package zafu.server.wish;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Pair notes and surveys, as teachers see them. */
@RestController
class WishController {
    private final PairNotes notes;
    private final Surveys surveys;

    WishController(PairNotes notes, Surveys surveys) {
        this.notes = notes;
        this.surveys = surveys;
    }

    record PairNoteShown(long id, long oneId, long otherId, PairNote.Kind kind, int weight) {}

    /** @param weight of a wish, 1 to 3; for a rule it does not count */
    record PairNoteEdit(long oneId, long otherId, @NotNull PairNote.Kind kind, @Min(1) @Max(3) int weight) {}

    record NewSurvey(
            @NotBlank @Size(max = 300) String question,
            @Size(min = 2, max = 20) List<@NotBlank @Size(max = 120) String> options) {}

    record MadeSurvey(long id) {}

    /** @param waiting students who have not replied */
    record SurveyShown(
            long id,
            String question,
            boolean closed,
            List<OptionShown> options,
            List<ReplyShown> replies,
            int waiting) {}

    /** @param chosen how many ranked it first, second, third */
    record OptionShown(long id, String words, List<Integer> chosen) {}

    record ReplyShown(long studentId, List<Long> ranked, boolean filledIn) {}

    record RankedOptions(@NotNull @Size(max = 3) List<Long> ranked) {}

    @GetMapping("/api/classes/{classId}/pair-notes")
    List<PairNoteShown> pairNotes(@PathVariable long classId) {
        return notes.ofClass(classId);
    }

    /** Notes this of the two, in place of what was noted before. */
    @PutMapping("/api/classes/{classId}/pair-notes")
    void note(@PathVariable long classId, @Valid @RequestBody PairNoteEdit edit) {
        notes.note(classId, edit);
    }

    @DeleteMapping("/api/classes/{classId}/pair-notes/{pairNoteId}")
    void forget(@PathVariable long classId, @PathVariable long pairNoteId) {
        notes.forget(classId, pairNoteId);
    }

    @GetMapping("/api/classes/{classId}/surveys")
    List<SurveyShown> surveys(@PathVariable long classId) {
        return surveys.ofClass(classId);
    }

    @PostMapping("/api/classes/{classId}/surveys")
    MadeSurvey ask(@PathVariable long classId, @Valid @RequestBody NewSurvey wanted) {
        return new MadeSurvey(surveys.ask(classId, wanted));
    }

    @PostMapping("/api/classes/{classId}/surveys/{surveyId}/close")
    void close(@PathVariable long classId, @PathVariable long surveyId) {
        surveys.close(classId, surveyId, true);
    }

    @PostMapping("/api/classes/{classId}/surveys/{surveyId}/open")
    void open(@PathVariable long classId, @PathVariable long surveyId) {
        surveys.close(classId, surveyId, false);
    }

    @PutMapping("/api/classes/{classId}/surveys/{surveyId}/replies/{studentId}")
    void fillIn(
            @PathVariable long classId,
            @PathVariable long surveyId,
            @PathVariable long studentId,
            @Valid @RequestBody RankedOptions reply) {
        surveys.fillIn(classId, surveyId, studentId, reply.ranked());
    }
}
