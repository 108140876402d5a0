package zafu.server.task;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TaskClassRepository extends JpaRepository<TaskClass, Long> {
    List<TaskClass> findByTaskIdInOrderById(Collection<Long> taskIds);

    void deleteByTaskId(long taskId);
}
