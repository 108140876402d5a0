package zafu.server.roster;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StudentTagRepository extends JpaRepository<StudentTag, Long> {
    @Query(
            nativeQuery = true,
            value = "select t.* from unnest(cast(:ids as bigint array)) as wanted(id)"
                    + " join student_tag t on t.student_id = wanted.id order by t.tag")
    List<StudentTag> of(Long[] ids);

    void deleteByStudentId(long studentId);
}
