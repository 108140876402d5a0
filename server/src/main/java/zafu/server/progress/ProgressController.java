package zafu.server.progress;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The grid of students by tasks, and the stream that says when it is no longer fresh. */
@RestController
class ProgressController {
    private final ProgressService service;
    private final NewsStream news;

    ProgressController(ProgressService service, NewsStream news) {
        this.service = service;
        this.news = news;
    }

    /** @param groups of the chosen arrangement, and last those in none of them */
    record Grid(List<TaskColumn> tasks, List<GroupRows> groups) {}

    /** @param covered how many students it was given to; those it was not given to are not counted */
    record TaskColumn(
            long id,
            String name,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            int handedIn,
            int covered) {}

    /** @param id absent for those in no group; {@code medians} has one entry a task, without a value where none is marked */
    record GroupRows(
            @Nullable Long id, String name, @Nullable Integer look, List<ProgressRow> students, List<Median> medians) {}

    record Median(@Nullable Double earned) {}

    record ProgressRow(long id, String givenName, String familyName, List<Cell> cells) {}

    enum State {
        /** The task was not given to this student. */
        NOT_THEIRS,
        /** Two versions claim the student. */
        CONFLICT,
        NOT_OPEN,
        NOT_STARTED,
        LATE,
        NOW,
        HANDED_IN
    }

    /**
     * @param answered of {@code questions}, while a try is running
     * @param late handed in after the due time
     * @param tryId of the try that shows, where there is one
     * @param waiting answers that came when the try was over and wait for a teacher to decide
     */
    record Cell(
            State state,
            @Nullable Integer earned,
            @Nullable Integer possible,
            int answered,
            int questions,
            boolean late,
            @Nullable Long tryId,
            int waiting) {}

    @GetMapping("/api/classes/{classId}/progress")
    Grid progress(@PathVariable long classId, @RequestParam(required = false) @Nullable Long arrangementId) {
        return service.grid(classId, arrangementId);
    }

    /** Server-sent events named "changed"; the data says what: progress, groups, tasks or students. */
    @GetMapping(path = "/api/classes/{classId}/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter news(@PathVariable long classId) {
        return news.listen(classId);
    }
}
