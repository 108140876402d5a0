package zafu.server.measure;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MeasureRepository extends JpaRepository<Measure, Long> {
    List<Measure> findAllByOrderById();
}
