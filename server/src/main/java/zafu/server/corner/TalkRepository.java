package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TalkRepository extends JpaRepository<Talk, Long> {
    List<Talk> findByCornerIdInOrderByIdDesc(Collection<Long> cornerIds);
}
