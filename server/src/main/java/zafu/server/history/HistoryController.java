package zafu.server.history;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.AuditSubject;
import zafu.server.history.HistoryApi.TrailPage;

/** Who did what, when: to read and to take along. */
@RestController
class HistoryController {
    private final History history;

    HistoryController(History history) {
        this.history = history;
    }

    /**
     * The trail of a class, newest first.
     *
     * @param kind with {@code subject}: only what was done to this student, group, task or arrangement
     * @param before only lines older than the one with this id
     */
    @GetMapping("/api/classes/{classId}/history")
    TrailPage ofClass(
            @PathVariable long classId,
            @RequestParam(required = false) AuditSubject.@Nullable Kind kind,
            @RequestParam(required = false) @Nullable Long subject,
            @RequestParam(required = false) @Nullable Long before) {
        return history.ofClass(classId, subject(kind, subject), before);
    }

    /** As {@link #ofClass}, all of it as a table. */
    @GetMapping("/api/classes/{classId}/history.csv")
    ResponseEntity<byte[]> takenAlong(
            @PathVariable long classId,
            @RequestParam(required = false) AuditSubject.@Nullable Kind kind,
            @RequestParam(required = false) @Nullable Long subject) {
        return csv(history.tableOfClass(classId, subject(kind, subject)));
    }

    /** What was done to the school itself, and to who works where. */
    @GetMapping("/api/school/history")
    TrailPage ofSchool(@RequestParam(required = false) @Nullable Long before) {
        return history.ofSchool(before);
    }

    @GetMapping("/api/school/history.csv")
    ResponseEntity<byte[]> schoolTakenAlong() {
        return csv(history.tableOfSchool());
    }

    private static @Nullable AuditSubject subject(AuditSubject.@Nullable Kind kind, @Nullable Long id) {
        return kind == null || id == null ? null : new AuditSubject(kind, id);
    }

    private static ResponseEntity<byte[]> csv(byte[] table) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"history.csv\"")
                .body(table);
    }
}
