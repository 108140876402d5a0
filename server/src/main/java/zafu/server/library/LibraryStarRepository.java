package zafu.server.library;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryStarRepository extends JpaRepository<LibraryStar, LibraryStar.Key> {
    List<LibraryStar> findByAdultId(long adultId);
}
