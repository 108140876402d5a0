package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface NoticeRepository extends JpaRepository<Notice, Long> {
    @Query("select n from Notice n where n.removedAt is null and (n.classId in :classIds and n.everyone = true"
            + " or n.id in (select c.noticeId from NoticeCorner c where c.cornerId in :cornerIds))"
            + " order by n.showFrom desc, n.id desc")
    List<Notice> forThese(Collection<Long> classIds, Collection<Long> cornerIds);
}
