package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CornerVisitRepository extends JpaRepository<CornerVisit, Long> {
    List<CornerVisit> findByAdultIdAndCornerIdIn(long adultId, Collection<Long> cornerIds);

    List<CornerVisit> findByStudentIdAndCornerIdIn(long studentId, Collection<Long> cornerIds);

    void deleteByStudentId(long studentId);
}
