package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EnrolmentRepository extends JpaRepository<Enrolment, Long> {
    List<Enrolment> findByStudentId(long studentId);

    List<Enrolment> findByStudentIdIn(Collection<Long> studentIds);

    List<Enrolment> findByStudentIdAndEndsOnIsNull(long studentId);

    /** Class and student of everyone present in these classes. */
    @Query(
            nativeQuery = true,
            value = "select e.class_id, e.student_id from unnest(cast(:classIds as bigint array)) as wanted(id)"
                    + " join enrolment e on e.class_id = wanted.id where e.ends_on is null order by e.id")
    List<Object[]> present(Long[] classIds);

    /** Class and student of every class in which any of these students is present. */
    @Query(
            nativeQuery = true,
            value = "select e.class_id, e.student_id from unnest(cast(:studentIds as bigint array)) as wanted(id)"
                    + " join enrolment e on e.student_id = wanted.id where e.ends_on is null order by e.id")
    List<Object[]> presentOf(Long[] studentIds);

    @Query("select count(e) from Enrolment e, SchoolClass c where c.id = e.classId and e.studentId = :studentId"
            + " and e.endsOn is null and c.pictureEntry = true and c.archivedAt is null")
    long pictureEntriesOf(long studentId);

    Optional<Enrolment> findByClassIdAndStudentId(long classId, long studentId);

    boolean existsByClassIdAndStudentIdAndEndsOnIsNull(long classId, long studentId);

    @Query("select e.classId, count(e) from Enrolment e, Student s where s.id = e.studentId and s.archivedAt is null"
            + " and e.endsOn is null and e.classId in :classIds group by e.classId")
    List<Object[]> sizes(Collection<Long> classIds);
}
