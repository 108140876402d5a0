package zafu.server.need;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccommodationRepository extends JpaRepository<AccommodationRow, Long> {
    List<AccommodationRow> findByStudentIdInAndEndedAtIsNullOrderById(Collection<Long> studentIds);

    List<AccommodationRow> findByStudentIdOrderById(long studentId);

    void deleteByStudentId(long studentId);
}
