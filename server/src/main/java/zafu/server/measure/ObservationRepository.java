package zafu.server.measure;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ObservationRepository extends JpaRepository<ObservationRow, Long> {
    List<ObservationRow> findByMeasureIdAndStudentIdInAndRemovedAtIsNullOrderById(
            long measureId, Collection<Long> studentIds);

    List<ObservationRow> findByStudentIdInAndTakenOnAndRemovedAtIsNullOrderById(
            Collection<Long> studentIds, LocalDate takenOn);

    List<ObservationRow> findByStudentIdAndRemovedAtIsNullOrderByTakenOnAscIdAsc(long studentId);

    /** Lean rows for screens that show many students. */
    @Query("select new zafu.server.measure.Seen(o.studentId, o.measureId, o.takenOn, o.score, o.reason)"
            + " from ObservationRow o where o.studentId in :studentIds and o.removedAt is null order by o.id")
    List<Seen> seen(Collection<Long> studentIds);

    @Modifying
    @Query("update ObservationRow o set o.removedAt = :at, o.removedBy = :by where o.runId = :runId"
            + " and o.removedAt is null")
    int removeRun(long runId, Instant at, @Nullable Long by);

    long countByMeasureIdAndRemovedAtIsNullAndScoreLessThan(long measureId, double score);

    long countByMeasureIdAndRemovedAtIsNullAndScoreGreaterThan(long measureId, double score);

    void deleteByStudentId(long studentId);
}
