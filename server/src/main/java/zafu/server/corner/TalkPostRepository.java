package zafu.server.corner;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TalkPostRepository extends JpaRepository<TalkPost, Long> {
    List<TalkPost> findByTalkIdInOrderById(Collection<Long> talkIds);

    List<TalkPost> findByStudentIdOrOnlyForOrReportedByOrderById(long studentId, long onlyFor, long reportedBy);

    long countByStudentIdAndPostedAtAfter(long studentId, Instant after);
}
