package zafu.server.exchange;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListShapeRepository extends JpaRepository<ListShape, Long> {
    Optional<ListShape> findByAdultIdAndShape(long adultId, String shape);
}
