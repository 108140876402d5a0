package zafu.server.attempt;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.attempt.KeyCorrectionsApi.KeysCorrected;
import zafu.server.attempt.KeyCorrectionsApi.MarkAgain;
import zafu.server.attempt.KeyCorrectionsApi.MarkedAgain;

/** Keys that were corrected after answers came in: what marking again would change, doing it, and undoing it. */
@RestController
class KeyCorrectionsController {
    private final KeyCorrections corrections;

    KeyCorrectionsController(KeyCorrections corrections) {
        this.corrections = corrections;
    }

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
