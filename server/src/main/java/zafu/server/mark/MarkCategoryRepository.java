package zafu.server.mark;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MarkCategoryRepository extends JpaRepository<MarkCategory, Long> {
    List<MarkCategory> findByClassIdAndRemovedFalseOrderByPlaceAscIdAsc(long classId);

    List<MarkCategory> findByClassId(long classId);
}
