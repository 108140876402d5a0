package zafu.server.wish;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Surveys as a student sees them: the question, the options, and what they themselves ranked. */
@RestController
class MySurveyController {
    private final Surveys surveys;

    MySurveyController(Surveys surveys) {
        this.surveys = surveys;
    }

    record MySurvey(long id, String question, List<MyOption> options, List<Long> ranked) {}

    record MyOption(long id, String words) {}

    @GetMapping("/api/my/surveys")
    List<MySurvey> surveys() {
        return surveys.mine();
    }

    @PutMapping("/api/my/surveys/{surveyId}")
    void reply(@PathVariable long surveyId, @Valid @RequestBody WishController.RankedOptions reply) {
        surveys.reply(surveyId, reply.ranked());
    }
}
