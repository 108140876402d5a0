package zafu.server.progress;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a teacher does about work that is selected on the grid; every answer says by what it is taken back. */
@RestController
class CellActsController {
    private final CellActs acts;

    CellActsController(CellActs acts) {
        this.acts = acts;
    }

    /** One student's work at one task. */
    record WorkCell(long taskId, long studentId) {}

    record WorkCells(@NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells) {}

    /** @param excused false to take excuses back */
    record Excused(@NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells, boolean excused) {}

    /** @param days teaching days from the later of today and the day on which it is due */
    record Extended(@NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells, @Min(1) @Max(30) int days) {}

    /**
     * @param due until when, absent to leave the dates as they are
     * @param versionId what is tried now, where all cells are of one task; absent for the same
     */
    record AnotherTry(
            @NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells,
            @Nullable LocalDateTime due,
            @Nullable Long versionId) {}

    /**
     * @param stepId by which tasks are made as they were, where they were changed
     * @param noteIds by which what was said is taken back
     */
    record Acted(
            @Nullable Long stepId,
            @NotNull @Size(max = 4000) List<Long> noteIds,
            @NotNull @Size(min = 1, max = 2000) List<@Valid WorkCell> cells) {}

    @PostMapping("/api/classes/{classId}/progress/excused")
    Acted excuse(@PathVariable long classId, @Valid @RequestBody Excused wanted) {
        return acts.excuse(classId, wanted.cells(), wanted.excused());
    }

    /** Puts a line on each student's My work. */
    @PostMapping("/api/classes/{classId}/progress/reminders")
    Acted remind(@PathVariable long classId, @Valid @RequestBody WorkCells wanted) {
        return acts.remind(classId, wanted.cells());
    }

    @PostMapping("/api/classes/{classId}/progress/extensions")
    Acted extend(@PathVariable long classId, @Valid @RequestBody Extended wanted) {
        return acts.extend(classId, wanted.cells(), wanted.days());
    }

    @PostMapping("/api/classes/{classId}/progress/another-try")
    Acted anotherTry(@PathVariable long classId, @Valid @RequestBody AnotherTry wanted) {
        return acts.anotherTry(classId, wanted);
    }

    /** Takes back what one of these answered. */
    @PostMapping("/api/classes/{classId}/progress/undo")
    void undo(@PathVariable long classId, @Valid @RequestBody Acted done) {
        acts.undo(classId, done);
    }
}
