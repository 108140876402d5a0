package zafu.server.attempt;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface AttemptRepository extends JpaRepository<Attempt, Long> {
    List<Attempt> findByTaskIdInOrderById(Collection<Long> taskIds);

    List<Attempt> findByStudentIdOrderById(long studentId);

    List<Attempt> findByStudentIdIn(Collection<Long> studentIds);

    List<Attempt> findByTaskIdAndStudentIdOrderByNumber(long taskId, long studentId);

    /** Answers and handing in of one try wait for each other: two tabs cannot overtake the end. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select a from Attempt a where a.id = :id")
    Optional<Attempt> findToChange(long id);

    boolean existsByIdAndHandedInAtIsNullAndEndsAtLessThanEqual(long id, Instant now);

    @Query("select a.id from Attempt a where a.handedInAt is null and a.endsAt <= :now order by a.endsAt")
    List<Long> idsOfOver(Instant now);
}
