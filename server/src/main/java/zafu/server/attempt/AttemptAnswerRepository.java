package zafu.server.attempt;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AttemptAnswerRepository extends JpaRepository<AttemptAnswer, Long> {
    List<AttemptAnswer> findByAttemptId(long attemptId);

    List<AttemptAnswer> findByAttemptIdIn(Collection<Long> attemptIds);

    /** Attempt id and how many questions of it have an answer. */
    @Query("select a.attemptId, count(a) from AttemptAnswer a where a.attemptId in :attemptIds and a.given <> ''"
            + " group by a.attemptId")
    List<Object[]> countGiven(Collection<Long> attemptIds);

    /** Attempt id and when its newest answer came. */
    @Query("select a.attemptId, max(a.receivedAt) from AttemptAnswer a where a.attemptId in :attemptIds"
            + " group by a.attemptId")
    List<Object[]> newestOf(Collection<Long> attemptIds);

    Optional<AttemptAnswer> findByAttemptIdAndQuestionId(long attemptId, long questionId);
}
