package zafu.server.access;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryCodeRepository extends JpaRepository<EntryCode, Long> {
    Optional<EntryCode> findByCode(String code);

    /** The ids travel as one array: a list of a thousand parameters is translated anew each time. */
    @Query(
            nativeQuery = true,
            value = "select c.* from unnest(cast(:ids as bigint array)) as wanted(id)"
                    + " join entry_code c on c.student_id = wanted.id")
    List<EntryCode> of(Long[] ids);

    List<EntryCode> findByCodeIn(Collection<String> codes);

    boolean existsByCode(String code);
}
