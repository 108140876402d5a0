package zafu.server.library;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LibraryItemRepository extends JpaRepository<LibraryItem, Long> {
    List<LibraryItem> findByIdIn(Collection<Long> ids);

    List<LibraryItem> findBySameAsInAndDeletedAtIsNullOrderById(Collection<Long> ids);

    List<LibraryItem> findByKindAndDeletedAtIsNullOrderById(ItemKind kind);

    @Query("select i.id from LibraryItem i where i.fileId = :fileId or i.body like concat('%(file:', :fileId, ')%')")
    List<Long> idsWithFile(long fileId);
}
