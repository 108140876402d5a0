package zafu.server.access;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AuditLineRepository extends JpaRepository<AuditLine, Long> {
    @Query("select l.what from AuditLine l where l.adultId = :adultId and l.classId = :classId"
            + " and l.notedAt >= :from and l.notedAt < :to order by l.id")
    List<String> deeds(long adultId, long classId, Instant from, Instant to);

    @Modifying
    @Query(
            "update AuditLine l set l.facts = '', l.studentId = null where l.studentId = :studentId"
                    + " or (l.subjectId = :studentId and (l.what like 'student.%' or l.what like 'need%' or l.what like 'score%'))")
    void forget(long studentId);
}
