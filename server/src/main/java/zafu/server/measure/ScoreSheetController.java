package zafu.server.measure;

import jakarta.validation.Valid;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.measure.ScoreSheetApi.ScoreSheet;
import zafu.server.measure.ScoreSheetApi.SheetEdit;
import zafu.server.measure.ScoreSheetApi.SheetKept;
import zafu.server.measure.ScoreSheetApi.StudentHistory;

/** Scores of a class as they are typed, and of a student as they were. */
@RestController
class ScoreSheetController {
    private final ScoreSheetService service;

    ScoreSheetController(ScoreSheetService service) {
        this.service = service;
    }

    @GetMapping("/api/classes/{classId}/score-sheet")
    ScoreSheet sheet(@PathVariable long classId, @RequestParam LocalDate on) {
        return service.sheet(classId, on);
    }

    @PutMapping("/api/classes/{classId}/score-sheet")
    SheetKept keep(@PathVariable long classId, @Valid @RequestBody SheetEdit edit) {
        return service.keep(classId, edit);
    }

    @GetMapping("/api/students/{studentId}/scores")
    StudentHistory history(@PathVariable long studentId) {
        return service.history(studentId);
    }
}
