package zafu.server.need;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AccommodationRepository extends JpaRepository<AccommodationRow, Long> {
    @Query(
            nativeQuery = true,
            value = "select a.* from unnest(cast(:ids as bigint array)) as wanted(id)"
                    + " join accommodation a on a.student_id = wanted.id where a.ended_at is null order by a.id")
    List<AccommodationRow> granted(Long[] ids);

    List<AccommodationRow> findByStudentIdOrderById(long studentId);

    void deleteByStudentId(long studentId);
}
