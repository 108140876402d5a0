package zafu.server.arrangement;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ArrangementGroupRepository extends JpaRepository<ArrangementGroup, Long> {
    List<ArrangementGroup> findByArrangementIdInOrderByArrangementIdAscPlaceAsc(Collection<Long> arrangementIds);

    List<ArrangementGroup> findByArrangementId(long arrangementId);
}
