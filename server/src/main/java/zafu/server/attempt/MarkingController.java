package zafu.server.attempt;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
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
import zafu.server.attempt.MyWorkController.HandedFile;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.task.Way;

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

    /**
     * @param works the last handed-in try of each student
     * @param toMark how many pieces wait, of these students alone
     * @param namesHidden whether the names are left out, and the works are in an order that says nothing
     * @param mayAccept whether the adult may let an answer count for all who gave it, in every class
     */
    record MarkingSheet(
            long taskId,
            String name,
            Way way,
            List<MarkedQuestion> questions,
            List<MarkedWork> works,
            int toMark,
            boolean namesHidden,
            boolean mayMark,
            boolean mayAccept) {}

    /**
     * @param guidance harmless HTML for whoever marks, may be empty
     * @param criteria by which it is marked, none where it is marked as a whole
     * @param accepted answers that a person let count for everybody
     */
    record MarkedQuestion(
            QuestionSheet sheet,
            int points,
            String guidance,
            List<MarkingCriterion> criteria,
            List<Accepted> accepted) {}

    record MarkingCriterion(String name, int points) {}

    record Accepted(String given, double points) {}

    /** @param wholeEarned points for the work as a whole, where a person gave some */
    record MarkedWork(
            long tryId,
            @Nullable Long studentId,
            String givenName,
            String familyName,
            int number,
            LocalDateTime handedInAt,
            boolean returned,
            int toMark,
            String written,
            List<HandedFile> files,
            @Nullable Double wholeEarned,
            @Nullable Double wholePossible,
            @Nullable Double earned,
            @Nullable Double possible,
            List<MarkedAnswer> answers) {}

    /**
     * @param given empty where nothing was answered
     * @param earned what counts; absent where a person must mark it
     * @param byHand whether a person gave these points
     * @param criteria points for each criterion, empty where they were not given so
     */
    record MarkedAnswer(
            long questionId,
            String given,
            @Nullable Double earned,
            boolean byHand,
            List<Double> criteria,
            String comment) {}

    /**
     * @param points absent for what it marks itself, or where they are given by criteria
     * @param criteria points for each criterion of the question, absent where points are given for the whole
     */
    record AnswerMark(
            @Nullable @DecimalMin("0") @DecimalMax("1000") Double points,
            @Nullable @Size(max = 12) List<@NotNull Double> criteria,
            @NotNull @Size(max = 4000) String comment) {}

    /** Both or neither; neither takes the points away. */
    record WholeMark(
            @Nullable @DecimalMin("0") @DecimalMax("1000") Double earned,
            @Nullable @DecimalMin("0.5") @DecimalMax("1000") Double possible) {}

    /** @param points absent to take back that the answer counts for everybody */
    record AcceptedForAll(
            long questionId,
            @NotBlank @Size(max = 2000) String given,
            @Nullable @DecimalMin("0") @DecimalMax("1000") Double points) {}

    record GivenBack(@NotNull @Size(min = 1, max = 400) List<Long> tries, boolean returned) {}

    record Phrase(@Nullable Long id, @NotBlank @Size(max = 400) String words) {}

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
