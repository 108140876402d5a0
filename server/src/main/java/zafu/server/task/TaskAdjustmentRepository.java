package zafu.server.task;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TaskAdjustmentRepository extends JpaRepository<TaskAdjustment, Long> {
    List<TaskAdjustment> findByTaskIdInOrderByTaskIdAscPlaceAsc(Collection<Long> taskIds);

    void deleteByTaskId(long taskId);
}
