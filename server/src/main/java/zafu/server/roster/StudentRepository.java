package zafu.server.roster;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StudentRepository extends JpaRepository<Student, Long> {
    @Query("select s from Student s, Enrolment e where e.studentId = s.id and e.classId = :classId"
            + " order by s.givenName, s.familyName, s.id")
    List<Student> inClass(long classId);
}
