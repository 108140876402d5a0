package zafu.server.plan;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LedSessionRepository extends JpaRepository<LedSession, Long> {
    List<LedSession> findByClassIdAndRemovedFalseAndBeginsAtBetweenOrderByBeginsAtAscIdAsc(
            long classId, Instant from, Instant to);

    List<LedSession> findByClassIdAndRemovedFalseAndBeginsAtAfterOrderByBeginsAt(long classId, Instant from);
}
