package zafu.server.attempt;

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
import zafu.server.attempt.MarkingApi.AcceptedForAll;
import zafu.server.attempt.MarkingApi.AnswerMark;
import zafu.server.attempt.MarkingApi.GivenBack;
import zafu.server.attempt.MarkingApi.MarkingSheet;
import zafu.server.attempt.MarkingApi.Phrase;
import zafu.server.attempt.MarkingApi.WholeMark;

/** Marking by hand: a task's handed-in work, across students, for all of them or for one group alone. */
@RestController
class MarkingController {
    private final MarkingSheets sheets;
    private final HandMarks marks;
    private final Phrases phrases;

    MarkingController(MarkingSheets sheets, HandMarks marks, Phrases phrases) {
        this.sheets = sheets;
        this.marks = marks;
        this.phrases = phrases;
    }

    /** @param groupId to mark the work of one group alone */
    @GetMapping("/api/tasks/{taskId}/marking")
    MarkingSheet sheet(
            @PathVariable long taskId,
            @RequestParam(required = false) @Nullable Long groupId,
            @RequestParam(defaultValue = "false") boolean namesHidden) {
        return sheets.of(taskId, groupId, namesHidden);
    }

    @PutMapping("/api/tries/{tryId}/answers/{questionId}/mark")
    void markAnswer(@PathVariable long tryId, @PathVariable long questionId, @Valid @RequestBody AnswerMark wanted) {
        marks.answer(tryId, questionId, wanted);
    }

    @PutMapping("/api/tries/{tryId}/mark")
    void markWhole(@PathVariable long tryId, @Valid @RequestBody WholeMark wanted) {
        marks.whole(tryId, wanted);
    }

    /** Lets an answer count for everybody at this task who gave it, or takes that back. */
    @PostMapping("/api/tasks/{taskId}/accepted")
    void accept(@PathVariable long taskId, @Valid @RequestBody AcceptedForAll wanted) {
        marks.accept(taskId, wanted);
    }

    /** Gives work back, so that students see how it went, or not any more. */
    @PostMapping("/api/tasks/{taskId}/returned")
    void giveBack(@PathVariable long taskId, @Valid @RequestBody GivenBack wanted) {
        marks.giveBack(taskId, wanted);
    }

    @GetMapping("/api/phrases")
    List<Phrase> phrases() {
        return phrases.mine();
    }

    @PostMapping("/api/phrases")
    List<Phrase> keep(@Valid @RequestBody Phrase wanted) {
        phrases.keep(wanted.words());
        return phrases.mine();
    }

    @DeleteMapping("/api/phrases/{phraseId}")
    List<Phrase> drop(@PathVariable long phraseId) {
        phrases.drop(phraseId);
        return phrases.mine();
    }
}
