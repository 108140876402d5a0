package zafu.server.task;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TaskRepository extends JpaRepository<Task, Long> {
    /** Every task that goes to the class, its own and those of other classes, in the order of their making. */
    @Query("select task from Task task where not task.removed and (task.classId = :classId or task.id in"
            + " (select other.taskId from TaskClass other where other.classId = :classId)) order by task.id")
    List<Task> ofClass(long classId);

    @Query("select max(task.seriesId) from Task task")
    Optional<Long> lastSeries();
}
