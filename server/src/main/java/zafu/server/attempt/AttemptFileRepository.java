package zafu.server.attempt;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AttemptFileRepository extends JpaRepository<AttemptFile, Long> {
    List<AttemptFile> findByAttemptIdInOrderByAddedAtAscLateAscIdAsc(Collection<Long> attemptIds);

    boolean existsByHash(String hash);

    boolean existsByAttemptIdAndFileKey(long attemptId, String fileKey);
}
