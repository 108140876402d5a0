package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StudentTagRepository extends JpaRepository<StudentTag, Long> {
    List<StudentTag> findByStudentIdInOrderByTag(Collection<Long> studentIds);

    void deleteByStudentId(long studentId);
}
