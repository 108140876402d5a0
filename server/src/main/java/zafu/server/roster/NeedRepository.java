package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface NeedRepository extends JpaRepository<Need, Long> {
    List<Need> findByStudentIdIn(Collection<Long> studentIds);

    Optional<Need> findByStudentId(long studentId);
}
