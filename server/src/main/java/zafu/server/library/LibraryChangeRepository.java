package zafu.server.library;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryChangeRepository extends JpaRepository<LibraryChange, Long> {
    List<LibraryChange> findByIdGreaterThan(long id);

    Optional<LibraryChange> findTopByOrderByIdDesc();
}
