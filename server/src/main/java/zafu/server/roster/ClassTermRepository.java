package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClassTermRepository extends JpaRepository<ClassTerm, Long> {
    List<ClassTerm> findByClassIdIn(Collection<Long> classIds);

    void deleteByClassId(long classId);
}
