package zafu.server.access;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SpentEffortRepository extends JpaRepository<SpentEffort, String> {
    /** By which servers of one school know that a piece was asked for by one of them. */
    @Query(nativeQuery = true, value = "select secret from server_secret where name = 'effort'")
    String secret();

    void deleteByUselessAfterBefore(Instant moment);
}
