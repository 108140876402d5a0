package zafu.server.arrangement;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MembershipRepository extends JpaRepository<Membership, Long> {
    List<Membership> findByArrangementIdInAndToAtIsNull(Collection<Long> arrangementIds);
}
