package zafu.server.attempt;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a student sees, now or at another time, for a teacher. Nothing is written by looking. */
@RestController
class SeeAsController {
    private final SeeAs seeAs;

    SeeAsController(SeeAs seeAs) {
        this.seeAs = seeAs;
    }

    /**
     * @param at on the school's clocks, absent for now
     * @param draft a task that is shown as if it were handed out
     */
    @GetMapping("/api/classes/{classId}/see-as/{studentId}")
    MyWorkApi.MyWork work(
            @PathVariable long classId,
            @PathVariable long studentId,
            @RequestParam(required = false) @Nullable LocalDateTime at,
            @RequestParam(required = false) @Nullable Long draft) {
        return seeAs.work(classId, studentId, at, draft);
    }

    /** The page that the student would be given, with questions but without a try. */
    @GetMapping("/api/classes/{classId}/see-as/{studentId}/tasks/{taskId}")
    MyWorkApi.TryPage page(@PathVariable long classId, @PathVariable long studentId, @PathVariable long taskId) {
        return seeAs.page(classId, studentId, taskId);
    }
}
