package zafu.server.attempt;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.attempt.TaskResultsApi.ResultsShown;
import zafu.server.attempt.TaskResultsApi.TakeOut;

/** How a task went, by question and by skill. */
@RestController
class TaskResultsController {
    private final TaskResults results;
    private final QuestionsTakenOut takenOut;

    TaskResultsController(TaskResults results, QuestionsTakenOut takenOut) {
        this.results = results;
        this.takenOut = takenOut;
    }

    @GetMapping("/api/tasks/{taskId}/results")
    ResultsShown results(@PathVariable long taskId, @RequestParam(required = false) @Nullable Long arrangementId) {
        return results.of(taskId, arrangementId);
    }

    @PutMapping("/api/tasks/{taskId}/questions/{questionId}/taken-out")
    void takeOut(@PathVariable long taskId, @PathVariable long questionId, @Valid @RequestBody TakeOut wanted) {
        takenOut.takeOut(taskId, questionId, wanted.how());
    }

    @DeleteMapping("/api/tasks/{taskId}/questions/{questionId}/taken-out")
    void putBack(@PathVariable long taskId, @PathVariable long questionId) {
        takenOut.putBack(taskId, questionId);
    }
}
