package zafu.server.entry;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClassDoorRepository extends JpaRepository<ClassDoor, Long> {
    Optional<ClassDoor> findByClassId(long classId);

    Optional<ClassDoor> findByCode(String code);
}
