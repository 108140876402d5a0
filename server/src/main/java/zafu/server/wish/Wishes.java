package zafu.server.wish;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import zafu.core.roster.StudentId;
import zafu.server.platform.Refusal;

/** What students of a class asked for in a survey, for forming groups. Permission is the caller's to check. */
@Service
public class Wishes {
    private final SurveyRepository surveys;
    private final SurveyOptionRepository options;
    private final SurveyReplyRepository replies;

    Wishes(SurveyRepository surveys, SurveyOptionRepository options, SurveyReplyRepository replies) {
        this.surveys = surveys;
        this.options = options;
        this.replies = replies;
    }

    /**
     * @param options in words, in their order
     * @param ranked places in {@code options} by student, the first choice first; only of those who replied
     */
    public record Ranked(List<String> options, Map<StudentId, List<Integer>> ranked) {}

    public Ranked ranked(long classId, long surveyId) {
        surveys.findById(surveyId)
                .filter(each -> each.classId == classId)
                .orElseThrow(() -> Refusal.notFound("survey"));
        List<SurveyOption> found = options.findBySurveyIdInOrderByPlace(List.of(surveyId));
        List<Long> ids = found.stream().map(each -> each.id).toList();
        Map<StudentId, List<Integer>> ranked = new LinkedHashMap<>();
        replies.findBySurveyIdIn(List.of(surveyId))
                .forEach(reply -> ranked.put(
                        new StudentId(reply.studentId),
                        reply.options().stream().map(ids::indexOf).toList()));
        return new Ranked(found.stream().map(each -> each.words).toList(), ranked);
    }
}
