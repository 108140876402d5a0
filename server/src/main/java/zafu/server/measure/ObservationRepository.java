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

    /** Those taken back since then included. */
    List<ObservationRow> findByMeasureIdAndStudentIdInAndEnteredAtLessThanEqualOrderById(
            long measureId, Collection<Long> studentIds, Instant moment);

    List<ObservationRow> findByStudentIdInAndTakenOnAndRemovedAtIsNullOrderById(
            Collection<Long> studentIds, LocalDate takenOn);

    List<ObservationRow> findByStudentIdAndRemovedAtIsNullOrderByTakenOnAscIdAsc(long studentId);

    /**
     * Lean rows for screens that show many students: student, measure, day, value or null, reason or null. The
     * ids travel as one array: a list of a thousand parameters is translated anew each time.
     */
    @Query(
            nativeQuery = true,
            value =
                    "select o.student_id, o.measure_id, o.taken_on, o.score, o.reason from unnest(cast(:ids as bigint array)) as wanted(id)"
                            + " join observation o on o.student_id = wanted.id where o.removed_at is null order by o.id")
    List<Object[]> seen(Long[] ids);

    @Modifying
    @Query("update ObservationRow o set o.removedAt = :at, o.removedBy = :by where o.runId = :runId"
            + " and o.removedAt is null")
    int removeRun(long runId, Instant at, @Nullable Long by);

    long countByMeasureIdAndRemovedAtIsNullAndScoreLessThan(long measureId, double score);

    long countByMeasureIdAndRemovedAtIsNullAndScoreGreaterThan(long measureId, double score);

    boolean existsByStudentIdInAndRemovedAtIsNull(Collection<Long> studentIds);

    void deleteByStudentId(long studentId);
}
