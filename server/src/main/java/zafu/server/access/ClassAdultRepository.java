package zafu.server.access;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClassAdultRepository extends JpaRepository<ClassAdult, Long> {
    Optional<ClassAdult> findByClassIdAndAdultId(long classId, long adultId);

    List<ClassAdult> findByAdultIdOrderByClassId(long adultId);

    List<ClassAdult> findByClassIdIn(Collection<Long> classIds);
}
