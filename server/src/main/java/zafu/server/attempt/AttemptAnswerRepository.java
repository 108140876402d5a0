package zafu.server.attempt;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AttemptAnswerRepository extends JpaRepository<AttemptAnswer, Long> {
    List<AttemptAnswer> findByAttemptId(long attemptId);

    List<AttemptAnswer> findByAttemptIdIn(Collection<Long> attemptIds);

    Optional<AttemptAnswer> findByAttemptIdAndQuestionId(long attemptId, long questionId);
}
