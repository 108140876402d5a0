package zafu.server.access;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AdultRepository extends JpaRepository<Adult, Long> {
    Optional<Adult> findByName(String name);
}
