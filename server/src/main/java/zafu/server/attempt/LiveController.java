package zafu.server.attempt;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.attempt.LiveApi.LiveShown;
import zafu.server.attempt.LiveApi.MinutesForMany;
import zafu.server.attempt.LiveApi.MinutesGiven;

/** A class at work: who is where in a task, now. */
@RestController
class LiveController {
    private final LiveClass live;

    LiveController(LiveClass live) {
        this.live = live;
    }

    @GetMapping("/api/tasks/{taskId}/live")
    LiveShown live(@PathVariable long taskId, @RequestParam(required = false) @Nullable Long groupId) {
        return live.of(taskId, groupId);
    }

    @PostMapping("/api/tasks/{taskId}/minutes")
    MinutesGiven addMinutes(@PathVariable long taskId, @Valid @RequestBody MinutesForMany wanted) {
        return new MinutesGiven(live.addMinutes(taskId, wanted.tries(), wanted.minutes()));
    }
}
