package zafu.server.shelf;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShelfEntryRepository extends JpaRepository<ShelfEntry, Long> {
    List<ShelfEntry> findByGroupIdInOrderByPlaceAscIdAsc(Collection<Long> groupIds);
}
