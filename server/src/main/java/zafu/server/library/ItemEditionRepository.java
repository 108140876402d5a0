package zafu.server.library;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemEditionRepository extends JpaRepository<ItemEdition, Long> {
    /** Latest first, so that the last one met for an item is the one that held at the moment. */
    List<ItemEdition> findByItemIdInAndUntilAtGreaterThanOrderByUntilAtDescIdDesc(
            Collection<Long> itemIds, Instant moment);

    int countByItemId(long itemId);
}
