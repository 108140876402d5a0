package zafu.server.attempt;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AcceptedAnswerRepository extends JpaRepository<AcceptedAnswer, Long> {
    List<AcceptedAnswer> findByTaskId(long taskId);
}
