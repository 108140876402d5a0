package zafu.server.measure;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The scores of a class. */
@RestController
class ScoreController {
    private final ScoreService service;

    ScoreController(ScoreService service) {
        this.service = service;
    }

    record Scores(List<Measures.MeasureCard> measures, List<StudentScores> students) {}

    record StudentScores(long studentId, List<Score> scores) {}

    /**
     * @param band name of the band, absent where the measure has no cuts for this grade and season
     * @param history all values, oldest first
     */
    record Score(
            long measureId,
            double value,
            LocalDate takenOn,
            boolean stale,
            @Nullable String band,
            List<Double> history) {}

    @GetMapping("/api/measures")
    List<Measures.MeasureCard> measures() {
        return service.measures();
    }

    @GetMapping("/api/classes/{classId}/scores")
    Scores scores(@PathVariable long classId) {
        return service.scores(classId);
    }
}
