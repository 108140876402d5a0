package zafu.server.mark;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TaskMarkingRepository extends JpaRepository<TaskMarking, Long> {
    List<TaskMarking> findByClassId(long classId);

    List<TaskMarking> findByClassIdAndTaskIdIn(long classId, Collection<Long> taskIds);
}
