package zafu.server.arrangement;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ArrangementRepository extends JpaRepository<Arrangement, Long> {
    List<Arrangement> findByClassIdOrderById(long classId);

    List<Arrangement> findByClassIdInOrderById(Collection<Long> classIds);

    /** Deeds on one bench wait for each other, so that two teachers never overwrite one another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select a from Arrangement a where a.id = :id")
    Optional<Arrangement> findToChange(long id);
}
