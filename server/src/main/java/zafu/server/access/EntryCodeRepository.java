package zafu.server.access;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface EntryCodeRepository extends JpaRepository<EntryCode, Long> {
    Optional<EntryCode> findByCode(String code);

    List<EntryCode> findByStudentIdIn(Collection<Long> studentIds);

    List<EntryCode> findByCodeIn(Collection<String> codes);

    boolean existsByCode(String code);
}
