package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NoticeCornerRepository extends JpaRepository<NoticeCorner, Long> {
    List<NoticeCorner> findByNoticeIdIn(Collection<Long> noticeIds);

    void deleteByNoticeId(long noticeId);
}
