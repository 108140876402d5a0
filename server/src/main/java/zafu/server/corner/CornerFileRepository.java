package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CornerFileRepository extends JpaRepository<CornerFile, Long> {
    List<CornerFile> findByCornerIdAndRemovedAtIsNullOrderByIdDesc(long cornerId);

    List<CornerFile> findByNoticeIdInAndRemovedAtIsNullOrderById(Collection<Long> noticeIds);

    List<CornerFile> findByStudentIdOrderById(long studentId);

    long countByCornerIdAndRemovedAtIsNull(long cornerId);
}
