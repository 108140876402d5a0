package zafu.server.access;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WrongEntryRepository extends JpaRepository<WrongEntry, String> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select w from WrongEntry w where w.what = :what")
    Optional<WrongEntry> findToChange(String what);

    void deleteByCountedAtBefore(Instant moment);
}
