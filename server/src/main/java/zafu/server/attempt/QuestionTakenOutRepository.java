package zafu.server.attempt;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionTakenOutRepository extends JpaRepository<QuestionTakenOut, Long> {
    List<QuestionTakenOut> findByTaskIdAndUndoneAtIsNullOrderById(long taskId);
}
