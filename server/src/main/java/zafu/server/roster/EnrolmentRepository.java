package zafu.server.roster;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface EnrolmentRepository extends JpaRepository<Enrolment, Long> {
    List<Enrolment> findByStudentId(long studentId);

    long countByClassId(long classId);

    boolean existsByClassIdAndStudentId(long classId, long studentId);
}
