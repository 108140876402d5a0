package zafu.server.library;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryItemRepository extends JpaRepository<LibraryItem, Long> {
    List<LibraryItem> findAllByOrderByTitle();
}
