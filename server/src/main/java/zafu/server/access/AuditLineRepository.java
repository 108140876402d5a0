package zafu.server.access;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AuditLineRepository extends JpaRepository<AuditLine, Long> {
    @Query("select l.what from AuditLine l where l.adultId = :adultId and l.classId = :classId"
            + " and l.notedAt >= :from and l.notedAt < :to order by l.id")
    List<String> deeds(long adultId, long classId, Instant from, Instant to);

    @Query("select l from AuditLine l where l.id < :before and (l.classId = :classId or (l.classId is null and exists"
            + " (select 1 from l.about a where a.kind = STUDENT and a.id in :students)))"
            + " order by l.id desc")
    List<AuditLine> ofClass(long classId, Collection<Long> students, long before, Limit limit);

    @Query("select l from AuditLine l join l.about a where l.id < :before and a.kind = :kind and a.id = :subject"
            + " and (l.classId is null or l.classId in :classIds) order by l.id desc")
    List<AuditLine> about(AuditSubject.Kind kind, long subject, Collection<Long> classIds, long before, Limit limit);

    @Query("select l from AuditLine l where l.id < :before and not exists"
            + " (select 1 from l.about a where a.kind = STUDENT)"
            + " and (l.classId is null or l.what like 'role.%' or l.what like 'invitation.%' or l.what like 'class.%')"
            + " order by l.id desc")
    List<AuditLine> ofSchool(long before, Limit limit);

    @Modifying
    @Query("update AuditLine l set l.facts = '' where l.id in"
            + " (select s.id from AuditLine s join s.about a where a.kind = STUDENT and a.id = :studentId)")
    void blank(long studentId);

    @Modifying
    @Query("update AuditLine l set l.studentId = null, l.facts = '' where l.studentId = :studentId")
    void forget(long studentId);
}
