package zafu.server.wish;

import jakarta.validation.Valid;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.InTheirPlace;
import zafu.server.wish.MySurveyApi.MySurvey;

/** Surveys as a student sees them: the question, the options, and what they themselves ranked. */
@RestController
class MySurveyController {
    private final Surveys surveys;
    private final InTheirPlace seen;

    MySurveyController(Surveys surveys, InTheirPlace seen) {
        this.surveys = surveys;
        this.seen = seen;
    }

    @GetMapping("/api/my/surveys")
    List<MySurvey> surveys() {
        return surveys.mine();
    }

    /** As the student sees them, for who may look in their place. */
    @GetMapping("/api/classes/{classId}/see-as/{studentId}/surveys")
    List<MySurvey> seen(
            @PathVariable long classId,
            @PathVariable long studentId,
            @RequestParam(required = false) @Nullable LocalDateTime at) {
        return seen.look(classId, studentId, at, surveys::mine);
    }

    @PutMapping("/api/my/surveys/{surveyId}")
    void reply(@PathVariable long surveyId, @Valid @RequestBody WishApi.RankedOptions reply) {
        surveys.reply(surveyId, reply.ranked());
    }
}
