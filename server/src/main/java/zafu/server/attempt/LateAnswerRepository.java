package zafu.server.attempt;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LateAnswerRepository extends JpaRepository<LateAnswer, Long> {
    List<LateAnswer> findByAttemptIdInOrderById(Collection<Long> attemptIds);

    boolean existsByAttemptIdAndAnswerKey(long attemptId, String answerKey);

    @Query("select l.attemptId from LateAnswer l where l.decision is null and l.attemptId in :attemptIds")
    List<Long> attemptsUndecided(Collection<Long> attemptIds);
}
