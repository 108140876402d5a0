package zafu.server.attempt;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Keys that were corrected after answers came in: what marking again would change, doing it, and undoing it. */
@RestController
class KeyCorrectionsController {
    private final KeyCorrections corrections;

    KeyCorrectionsController(KeyCorrections corrections) {
        this.corrections = corrections;
    }

    /** @param questions whose answers are marked by an older key; empty where none is */
    record KeysCorrected(List<CorrectedQuestion> questions) {}

    /**
     * @param answers of handed-in attempts
     * @param up how many of them would earn more, {@code down} less
     * @param comparable whether the answers can be marked by it: it asks what it asked before
     */
    record CorrectedQuestion(long questionId, String prompt, int answers, int up, int down, boolean comparable) {}

    record MarkAgain(@NotNull @Size(min = 1, max = 500) List<Long> questions) {}

    /** @param ids by which it is undone */
    record MarkedAgain(@NotNull @Size(max = 500) List<Long> ids) {}

    @GetMapping("/api/tasks/{taskId}/corrected-keys")
    KeysCorrected look(@PathVariable long taskId) {
        return corrections.look(taskId);
    }

    @PostMapping("/api/tasks/{taskId}/corrected-keys")
    MarkedAgain again(@PathVariable long taskId, @Valid @RequestBody MarkAgain wanted) {
        return new MarkedAgain(corrections.again(taskId, wanted.questions()));
    }

    @PostMapping("/api/tasks/{taskId}/corrected-keys/undone")
    void undo(@PathVariable long taskId, @Valid @RequestBody MarkedAgain which) {
        corrections.undo(taskId, which.ids());
    }
}
