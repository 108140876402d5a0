package zafu.server.measure;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Scores of a class as they are typed, and of a student as they were. */
@RestController
class ScoreSheetController {
    private final ScoreSheetService service;

    ScoreSheetController(ScoreSheetService service) {
        this.service = service;
    }

    record ScoreSheet(LocalDate on, List<Measures.MeasureCard> measures, List<SheetLine> lines) {}

    /** @param cells by the order of the measures; blank where nothing was noted that day */
    record SheetLine(long studentId, String givenName, String familyName, List<String> cells) {}

    record SheetEdit(@NotNull LocalDate on, @NotEmpty @Size(max = 5000) List<@Valid CellTyped> cells) {}

    /** @param typed blank takes back what stands there that day */
    record CellTyped(long studentId, long measureId, @NotNull @Size(max = 60) String typed) {}

    /** Only good cells were kept; each other one has its fault and what was there is there still. */
    record SheetKept(List<CellKept> cells) {}

    record CellKept(long studentId, long measureId, String shown, @Nullable String fault) {}

    record StudentHistory(List<MeasureHistory> measures) {}

    /** @param cut where the band of the value that counts begins */
    record MeasureHistory(
            Measures.MeasureCard measure,
            List<ScorePoint> points,
            ScoresNow.@Nullable Score now,
            List<Measures.BandCut> cuts) {}

    record ScorePoint(LocalDate takenOn, @Nullable Double value, @Nullable String reason) {}

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
