package zafu.server.attempt;

import java.util.List;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.server.task.Tasks;
import zafu.server.task.WorkTermsChanged;

/** Gives running tries the terms that hold now, where a teacher asked for it. Otherwise they keep those they began with. */
@Component
class RunningTerms {
    private final AttemptRepository attempts;
    private final Tasks tasks;

    RunningTerms(AttemptRepository attempts, Tasks tasks) {
        this.attempts = attempts;
        this.tasks = tasks;
    }

    @EventListener
    void on(WorkTermsChanged changed) {
        List<Attempt> running = attempts.findByTaskIdInOrderById(List.of(changed.taskId())).stream()
                .filter(Attempt::isRunning)
                .filter(each ->
                        changed.students().isEmpty() || changed.students().contains(each.studentId))
                .toList();
        for (Attempt each : running) {
            Optional<Tasks.Given> given = tasks.version(each.taskId, each.versionId, new StudentId(each.studentId));
            given.map(Tasks.Given::terms).ifPresent(terms -> give(each, terms));
        }
        attempts.saveAllAndFlush(running);
    }

    private static void give(Attempt running, Terms.ForStudent terms) {
        running.minutes =
                terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null;
        running.closesAt = terms.closes().orElse(null);
        running.take(running.time());
    }
}
