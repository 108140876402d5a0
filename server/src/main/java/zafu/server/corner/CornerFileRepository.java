package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CornerFileRepository extends JpaRepository<CornerFile, Long> {
    List<CornerFile> findByCornerIdAndRemovedAtIsNullOrderByAddedAtDescIdDesc(long cornerId);

    List<CornerFile> findByNoticeIdInAndRemovedAtIsNullOrderByAddedAtAscIdAsc(Collection<Long> noticeIds);

    List<CornerFile> findByStudentIdOrderByAddedAtAscIdAsc(long studentId);

    boolean existsByHash(String hash);

    long countByCornerIdAndRemovedAtIsNull(long cornerId);
}
