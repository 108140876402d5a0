package zafu.server.library;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryUnitRepository extends JpaRepository<LibraryUnit, Long> {
    List<LibraryUnit> findByDeletedAtIsNullOrderByTitle();
}
