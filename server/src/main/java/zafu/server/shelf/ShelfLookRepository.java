package zafu.server.shelf;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShelfLookRepository extends JpaRepository<ShelfLook, ShelfLook.Key> {
    List<ShelfLook> findByStudentIdIn(Collection<Long> studentIds);

    void deleteByStudentId(long studentId);
}
