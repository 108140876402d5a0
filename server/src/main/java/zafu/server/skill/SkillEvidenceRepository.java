package zafu.server.skill;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SkillEvidenceRepository extends JpaRepository<SkillEvidence, Long> {
    List<SkillEvidence> findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(Collection<Long> studentIds);

    List<SkillEvidence> findByStudentIdAndSkillIdAndRemovedAtIsNullOrderByTakenOnAscIdAsc(long studentId, long skillId);

    List<SkillEvidence> findByAttemptId(long attemptId);

    @Modifying
    @Query("update SkillEvidence e set e.removedAt = :at where e.runId = :runId and e.removedAt is null")
    void removeRun(long runId, Instant at);

    void deleteByStudentId(long studentId);
}
