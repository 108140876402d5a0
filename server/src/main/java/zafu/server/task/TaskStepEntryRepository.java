package zafu.server.task;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TaskStepEntryRepository extends JpaRepository<TaskStepEntry, Long> {
    List<TaskStepEntry> findByStepIdOrderById(long stepId);

    @Query("select step from TaskStep step where step.undone = false and step.id = (select max(entry.stepId)"
            + " from TaskStepEntry entry where entry.taskId = :taskId and entry.versionAfter = :version)")
    Optional<TaskStep> lastStep(long taskId, long version);
}
