package zafu.server.arrangement;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NameSetRepository extends JpaRepository<NameSet, Long> {
    List<NameSet> findByAdultIdOrderByTitle(long adultId);
}
