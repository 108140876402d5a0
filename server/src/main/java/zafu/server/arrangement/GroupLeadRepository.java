package zafu.server.arrangement;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GroupLeadRepository extends JpaRepository<GroupLead, Long> {
    List<GroupLead> findByGroupIdIn(Collection<Long> groupIds);

    List<GroupLead> findByAdultId(long adultId);
}
