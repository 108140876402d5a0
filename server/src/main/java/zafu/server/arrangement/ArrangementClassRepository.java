package zafu.server.arrangement;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ArrangementClassRepository extends JpaRepository<ArrangementClass, Long> {
    List<ArrangementClass> findByArrangementIdInOrderById(Collection<Long> arrangementIds);
}
