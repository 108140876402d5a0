package zafu.server.access;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;

interface SpentEffortRepository extends JpaRepository<SpentEffort, String> {
    void deleteByUselessAfterBefore(Instant moment);
}
