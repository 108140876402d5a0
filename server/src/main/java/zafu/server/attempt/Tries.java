package zafu.server.attempt;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.server.task.BegunWork;
import zafu.server.task.TriesSoFar;

/** What students have done so far, for the features that watch it. */
@Service
public class Tries implements TriesSoFar {
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final LateAnswerRepository late;
    private final WorkNotes notes;

    Tries(AttemptRepository attempts, AttemptAnswerRepository answers, LateAnswerRepository late, WorkNotes notes) {
        this.notes = notes;
        this.attempts = attempts;
        this.answers = answers;
        this.late = late;
    }

    /**
     * @param number which try at the task it is, from 1
     * @param answered how many questions have an answer so far
     * @param toMark pieces that wait for a person to mark them
     * @param waiting answers that came late and wait for a teacher to decide
     */
    public record TryShown(
            long id,
            long taskId,
            long studentId,
            long versionId,
            int number,
            boolean running,
            int answered,
            int toMark,
            int waiting,
            @Nullable Double earned,
            @Nullable Double possible,
            Instant startedAt,
            @Nullable Instant endsAt,
            @Nullable Instant handedInAt)
            implements BegunWork {

        @Override
        public OptionalDouble markedShare() {
            return handedInAt == null || toMark > 0 ? OptionalDouble.empty() : OptionalDouble.of(share());
        }

        /** What was earned of what was possible; 0 where nothing was possible. */
        public double share() {
            return earned == null || possible == null || possible == 0 ? 0 : earned / possible;
        }
    }

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
                        each.endsAt,
                        each.handedInAt))
                .toList();
    }

    @Override
    public Map<OneWork, SaidSoFar> said(Collection<Long> taskIds) {
        Map<OneWork, SaidSoFar> found = new HashMap<>();
        notes.said(taskIds)
                .forEach((work, said) -> found.put(
                        new OneWork(work.taskId(), work.studentId()),
                        new SaidSoFar(said.isExcused(), said.lastAskedAgain().orElse(null))));
        return found;
    }

    /** Every try at these tasks, in the order in which they were begun. */
    public List<TryShown> shown(Collection<Long> taskIds) {
        List<Attempt> found = attempts.findByTaskIdInOrderById(taskIds);
        List<Long> ids = found.stream().map(each -> each.id).toList();
        Map<Long, Long> waiting =
                late.attemptsUndecided(ids).stream().collect(Collectors.groupingBy(id -> id, Collectors.counting()));
        Map<Long, Long> answered = new HashMap<>();
        answers.countGiven(running(found)).forEach(row -> answered.put((Long) row[0], (Long) row[1]));
        return found.stream()
                .map(each -> new TryShown(
                        each.id,
                        each.taskId,
                        each.studentId,
                        each.versionId,
                        each.number,
                        each.isRunning(),
                        answered.getOrDefault(each.id, 0L).intValue(),
                        each.toMark,
                        waiting.getOrDefault(each.id, 0L).intValue(),
                        each.earned,
                        each.possible,
                        each.startedAt,
                        each.endsAt,
                        each.handedInAt))
                .toList();
    }

    /** How many answers a try has is of interest while it runs; afterwards there are its marks. */
    private static List<Long> running(List<Attempt> all) {
        return all.stream().filter(Attempt::isRunning).map(each -> each.id).toList();
    }
}
