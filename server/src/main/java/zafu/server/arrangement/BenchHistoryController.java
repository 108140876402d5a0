package zafu.server.arrangement;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.BenchHistoryApi.Compared;
import zafu.server.arrangement.BenchHistoryApi.HistoryStep;

/** What happened on a bench, and how it differs from before. */
@RestController
class BenchHistoryController {
    private final BenchHistory history;

    BenchHistoryController(BenchHistory history) {
        this.history = history;
    }

    /** The newest 200 steps, the newest first. */
    @GetMapping("/api/arrangements/{arrangementId}/history")
    List<HistoryStep> history(@PathVariable long arrangementId) {
        return history.of(arrangementId);
    }

    /** Beside another arrangement (other), or beside itself after an earlier step (step). */
    @GetMapping("/api/arrangements/{arrangementId}/comparison")
    Compared compare(
            @PathVariable long arrangementId,
            @RequestParam(required = false) @Nullable Long other,
            @RequestParam(required = false) @Nullable Long step) {
        return history.compare(arrangementId, other, step);
    }
}
