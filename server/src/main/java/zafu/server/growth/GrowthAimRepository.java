package zafu.server.growth;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GrowthAimRepository extends JpaRepository<GrowthAim, Long> {
    List<GrowthAim> findByMeasureIdAndStudentIdIn(long measureId, Collection<Long> studentIds);

    List<GrowthAim> findByStudentIdOrderById(long studentId);
}
