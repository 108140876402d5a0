package zafu.server.roster;

import java.time.Instant;
import java.time.LocalDate;
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

    /** Archived before a moment, or out of every class since before the day. */
    @Query("select s from Student s where s.archivedAt < :moment or (s.archivedAt is null"
            + " and exists (select 1 from Enrolment e where e.studentId = s.id)"
            + " and not exists (select 1 from Enrolment e where e.studentId = s.id"
            + " and (e.endsOn is null or e.endsOn >= :day))) order by s.familyName, s.givenName, s.id")
    List<Student> leftBefore(Instant moment, LocalDate day);

    List<Student> findByStudentNumberIn(Collection<String> numbers);
}
