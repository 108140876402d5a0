package zafu.server.task;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TaskTargetRepository extends JpaRepository<TaskTarget, Long> {
    List<TaskTarget> findByStudentId(long studentId);

    List<TaskTarget> findByVersionIdInOrderById(Collection<Long> versionIds);

    List<TaskTarget> findByAdjustmentIdInOrderById(Collection<Long> adjustmentIds);

    void deleteByAdjustmentIdIn(Collection<Long> adjustmentIds);

    void deleteByVersionIdIn(Collection<Long> versionIds);
}
