package zafu.server.students;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SavedNarrowingRepository extends JpaRepository<SavedNarrowing, Long> {
    List<SavedNarrowing> findByAdultIdOrderByName(long adultId);

    Optional<SavedNarrowing> findByAdultIdAndName(long adultId, String name);
}
