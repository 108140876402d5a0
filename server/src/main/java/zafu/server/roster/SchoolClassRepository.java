package zafu.server.roster;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolClassRepository extends JpaRepository<SchoolClass, Long> {
    Optional<SchoolClass> findBySourceId(String sourceId);

    List<SchoolClass> findBySourceIdIn(Collection<String> sourceIds);

    List<SchoolClass> findByNameIgnoreCase(String name);
}
