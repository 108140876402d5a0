package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StudentRepository extends JpaRepository<Student, Long> {
    @Query("select s from Student s, Enrolment e where e.studentId = s.id and e.classId = :classId"
            + " and e.endsOn is null and s.archivedAt is null order by s.givenName, s.familyName, s.id")
    List<Student> inClass(long classId);

    @Query("select distinct s from Student s, Enrolment e where e.studentId = s.id and e.classId in :classIds"
            + " and e.endsOn is null order by s.givenName, s.familyName, s.id")
    List<Student> inClasses(Collection<Long> classIds);

    List<Student> findByStudentNumberIn(Collection<String> numbers);
}
