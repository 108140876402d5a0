package zafu.server.progress;

import jakarta.servlet.http.HttpSession;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zafu.server.progress.ProgressApi.ColumnAsMeasure;
import zafu.server.progress.ProgressApi.Grid;
import zafu.server.progress.ProgressApi.LowResultsShown;

/** The grid of students by tasks, low results, and the stream that says when they are no longer fresh. */
@RestController
class ProgressController {
    private final ProgressService service;
    private final LowResults low;
    private final ColumnMeasure columns;
    private final NewsStream news;

    ProgressController(ProgressService service, LowResults low, ColumnMeasure columns, NewsStream news) {
        this.service = service;
        this.low = low;
        this.columns = columns;
        this.news = news;
    }

    @GetMapping("/api/classes/{classId}/progress")
    Grid progress(@PathVariable long classId, @RequestParam(required = false) @Nullable Long arrangementId) {
        return service.grid(classId, arrangementId);
    }

    @GetMapping("/api/classes/{classId}/low-results")
    LowResultsShown lowResults(@PathVariable long classId) {
        return low.of(classId);
    }

    /** Notes a task's results as values of a measure, so that groups can be formed by them. */
    @PostMapping("/api/classes/{classId}/progress/tasks/{taskId}/measure")
    ColumnAsMeasure asMeasure(@PathVariable long classId, @PathVariable long taskId) {
        return new ColumnAsMeasure(columns.of(classId, taskId));
    }

    /** Server-sent events named "changed"; the data says what: progress, groups, tasks or students. */
    @GetMapping(path = "/api/classes/{classId}/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter news(@PathVariable long classId, HttpSession session) {
        return news.listen(classId, session.getId());
    }
}
