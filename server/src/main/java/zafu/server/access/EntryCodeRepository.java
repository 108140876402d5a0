package zafu.server.access;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryCodeRepository extends JpaRepository<EntryCode, Long> {
    Optional<EntryCode> findByCode(String code);

    @Query(
            nativeQuery = true,
            value = "select c.student_id, c.code, c.last_used_at from unnest(cast(:ids as bigint array)) as wanted(id)"
                    + " join entry_code c on c.student_id = wanted.id")
    List<Lean> lean(Long[] ids);

    /** What a list of students shows of a code. */
    interface Lean {
        Long getStudentId();

        @Nullable
        String getCode();

        @Nullable
        Instant getLastUsedAt();
    }

    List<EntryCode> findByCodeIn(Collection<String> codes);

    boolean existsByCode(String code);
}
