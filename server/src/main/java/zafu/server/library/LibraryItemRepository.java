package zafu.server.library;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LibraryItemRepository extends JpaRepository<LibraryItem, Long> {
    List<LibraryItem> findByIdIn(Collection<Long> ids);

    List<LibraryItem> findBySameAsInAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(Collection<Long> ids);

    List<LibraryItem> findByDeletedAtIsNullOrderByCreatedAtAscIdAsc();

    List<LibraryItem> findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(ItemKind kind);

    /** Items that show a file to students, or did before they were changed. */
    @Query(
            """
            select i.id from LibraryItem i
            where i.fileId = :fileId or i.body like concat('%(file:', :fileId, ')%')
            union
            select e.itemId from ItemEdition e
            where e.fileId = :fileId or e.body like concat('%(file:', :fileId, ')%')
            """)
    Set<Long> idsShowing(long fileId);

    /** Lessons that show a file to whoever leads them. */
    @Query(
            """
            select i.id from LibraryItem i
            where i.aims like concat('%(file:', :fileId, ')%')
               or i.steps like concat('%(file:', :fileId, ')%')
               or i.materials like concat('%(file:', :fileId, ')%')
            """)
    Set<Long> idsOfLessonsWith(long fileId);
}
