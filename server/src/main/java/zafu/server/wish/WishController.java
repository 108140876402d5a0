package zafu.server.wish;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.wish.WishApi.MadeSurvey;
import zafu.server.wish.WishApi.NewSurvey;
import zafu.server.wish.WishApi.PairNoteEdit;
import zafu.server.wish.WishApi.PairNoteShown;
import zafu.server.wish.WishApi.RankedOptions;
import zafu.server.wish.WishApi.SurveyShown;

/** Pair notes and surveys, as teachers see them. */
@RestController
class WishController {
    private final PairNotes notes;
    private final Surveys surveys;

    WishController(PairNotes notes, Surveys surveys) {
        this.notes = notes;
        this.surveys = surveys;
    }

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
