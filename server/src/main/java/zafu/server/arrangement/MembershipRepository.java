package zafu.server.arrangement;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MembershipRepository extends JpaRepository<Membership, Long> {
    List<Membership> findByStudentIdOrderById(long studentId);

    List<Membership> findByStudentIdAndToAtIsNull(long studentId);

    void deleteByStudentId(long studentId);

    List<Membership> findByGroupIdInAndToAtIsNull(Collection<Long> groupIds);

    List<Membership> findByArrangementIdInAndToAtIsNull(Collection<Long> arrangementIds);
}
