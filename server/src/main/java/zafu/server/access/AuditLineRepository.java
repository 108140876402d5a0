package zafu.server.access;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AuditLineRepository extends JpaRepository<AuditLine, Long> {
    @Modifying
    @Query(
            "update AuditLine l set l.facts = '', l.studentId = null where l.studentId = :studentId"
                    + " or (l.subjectId = :studentId and (l.what like 'student.%' or l.what like 'need%' or l.what like 'score%'))")
    void forget(long studentId);
}
