package zafu.server.task;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TaskVersionRepository extends JpaRepository<TaskVersion, Long> {
    List<TaskVersion> findByTaskIdInAndRemovedFalseOrderByTaskIdAscPlaceAsc(Collection<Long> taskIds);

    List<TaskVersion> findByTaskIdInOrderByTaskIdAscPlaceAscIdAsc(Collection<Long> taskIds);

    List<TaskVersion> findByIdIn(Collection<Long> ids);

    List<TaskVersion> findByTaskIdInAndPlace(Collection<Long> taskIds, int place);
}
