package zafu.server.attempt;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import zafu.server.library.Library;

/**
 * The questions by which an attempt is marked and shown: as they were when it was handed in, but for those whose key was
 * corrected since for all. So there are never two keys of one question in one result.
 */
@Component
class QuestionsOfAttempt {
    private final Library library;
    private final CorrectedKeyRepository corrected;

    QuestionsOfAttempt(Library library, CorrectedKeyRepository corrected) {
        this.library = library;
        this.corrected = corrected;
    }

    Map<Long, Library.Asked> of(Attempt attempt, List<Long> asked) {
        Map<Long, Library.Asked> found = library.questions(asked, attempt.handedInAt);
        Instant handedIn = attempt.handedInAt;
        if (handedIn != null) {
            correctedSince(attempt.taskId, handedIn, asked)
                    .forEach((asOf, ids) -> found.putAll(library.questions(ids, asOf)));
        }
        return found;
    }

    private Map<Instant, List<Long>> correctedSince(long taskId, Instant handedIn, List<Long> asked) {
        Map<Long, Instant> newest = new LinkedHashMap<>();
        corrected.findByTaskIdAndUndoneAtIsNullOrderById(taskId).stream()
                .filter(each -> each.asOf.isAfter(handedIn) && asked.contains(each.questionId))
                .forEach(each -> newest.put(each.questionId, each.asOf));
        Map<Instant, List<Long>> byMoment = new TreeMap<>();
        newest.forEach((question, asOf) ->
                byMoment.computeIfAbsent(asOf, moment -> new ArrayList<>()).add(question));
        return byMoment;
    }
}
