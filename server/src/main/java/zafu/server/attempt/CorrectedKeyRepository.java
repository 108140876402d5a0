package zafu.server.attempt;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CorrectedKeyRepository extends JpaRepository<CorrectedKey, Long> {
    List<CorrectedKey> findByTaskIdAndUndoneAtIsNullOrderById(long taskId);
}
