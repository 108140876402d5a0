package zafu.server.arrangement;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ArrangementRepository extends JpaRepository<Arrangement, Long> {
    /** Those that draw from any of these classes and are not put away. */
    @Query("select a from Arrangement a where a.deletedAt is null and (a.classId in :classIds or a.id in "
            + "(select c.arrangementId from ArrangementClass c where c.classId in :classIds)) order by a.id")
    List<Arrangement> inUse(Collection<Long> classIds);

    /** As {@link #inUse}, those put away too. */
    @Query("select a from Arrangement a where a.classId in :classIds or a.id in "
            + "(select c.arrangementId from ArrangementClass c where c.classId in :classIds) order by a.id")
    List<Arrangement> ever(Collection<Long> classIds);

    List<Arrangement> findBySightAndDeletedAtIsNullOrderById(Sight sight);

    List<Arrangement> findByClassIdAndDeletedAtIsNotNullOrderByDeletedAtDesc(long classId);

    /** Deeds on one bench wait for each other, so that two teachers never overwrite one another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select a from Arrangement a where a.id = :id")
    Optional<Arrangement> findToChange(long id);
}
