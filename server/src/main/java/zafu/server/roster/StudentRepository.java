package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StudentRepository extends JpaRepository<Student, Long> {
    @Query("select s from Student s, Enrolment e where e.studentId = s.id and e.classId = :classId"
            + " and e.endsOn is null and s.archivedAt is null order by s.givenName, s.familyName, s.id")
    List<Student> inClass(long classId);

    /** The ids travel as one array: a list of a thousand parameters is translated anew each time. */
    @Query(
            nativeQuery = true,
            value =
                    "select s.* from unnest(cast(:ids as bigint array)) as wanted(id) join student s on s.id = wanted.id"
                            + " order by s.given_name, s.family_name, s.id")
    List<Student> of(Long[] ids);

    List<Student> findByStudentNumberIn(Collection<String> numbers);
}
