package zafu.server.measure;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ObservationRepository extends JpaRepository<ObservationRow, Long> {
    List<ObservationRow> findByMeasureIdAndStudentIdInOrderById(long measureId, Collection<Long> studentIds);

    List<ObservationRow> findByStudentIdInOrderById(Collection<Long> studentIds);
}
