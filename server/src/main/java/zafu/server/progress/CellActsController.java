package zafu.server.progress;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.progress.CellActsApi.Acted;
import zafu.server.progress.CellActsApi.AnotherTry;
import zafu.server.progress.CellActsApi.Excused;
import zafu.server.progress.CellActsApi.Extended;
import zafu.server.progress.CellActsApi.WorkCells;

/** What a teacher does about work that is selected on the grid; every answer says by what it is taken back. */
@RestController
class CellActsController {
    private final CellActs acts;

    CellActsController(CellActs acts) {
        this.acts = acts;
    }

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
