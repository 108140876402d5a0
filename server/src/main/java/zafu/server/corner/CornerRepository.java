package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface CornerRepository extends JpaRepository<Corner, Long> {
    Optional<Corner> findByGroupId(long groupId);

    List<Corner> findByGroupIdInOrderById(Collection<Long> groupIds);
}
