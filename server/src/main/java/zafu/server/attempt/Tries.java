package zafu.server.attempt;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.server.task.TriesSoFar;

/** What students have done so far, for the features that watch it. */
@Service
public class Tries implements TriesSoFar {
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final LateAnswerRepository late;

    Tries(AttemptRepository attempts, AttemptAnswerRepository answers, LateAnswerRepository late) {
        this.attempts = attempts;
        this.answers = answers;
        this.late = late;
    }

    /**
     * @param answered how many questions have an answer so far
     * @param waiting answers that came late and wait for a teacher to decide
     */
    public record TryShown(
            long id,
            long taskId,
            long studentId,
            boolean running,
            int answered,
            int waiting,
            @Nullable Integer earned,
            @Nullable Integer possible,
            @Nullable Instant endsAt,
            @Nullable Instant handedInAt) {}

    @Override
    public List<TrySoFar> of(Collection<Long> taskIds) {
        return attempts.findByTaskIdInOrderById(taskIds).stream()
                .map(each -> new TrySoFar(
                        each.id,
                        each.taskId,
                        each.studentId,
                        each.versionId,
                        each.isRunning(),
                        each.minutes,
                        each.startedAt,
                        each.endsAt))
                .toList();
    }

    /** Every try at these tasks, in the order in which they were begun. */
    public List<TryShown> shown(Collection<Long> taskIds) {
        List<Attempt> found = attempts.findByTaskIdInOrderById(taskIds);
        List<Long> ids = found.stream().map(each -> each.id).toList();
        Map<Long, Long> waiting =
                late.attemptsUndecided(ids).stream().collect(Collectors.groupingBy(id -> id, Collectors.counting()));
        Map<Long, Long> answered = answers.findByAttemptIdIn(ids).stream()
                .collect(Collectors.groupingBy(answer -> answer.attemptId, Collectors.counting()));
        return found.stream()
                .map(each -> new TryShown(
                        each.id,
                        each.taskId,
                        each.studentId,
                        each.isRunning(),
                        answered.getOrDefault(each.id, 0L).intValue(),
                        waiting.getOrDefault(each.id, 0L).intValue(),
                        each.earned,
                        each.possible,
                        each.endsAt,
                        each.handedInAt))
                .toList();
    }
}
