package zafu.server.invite;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface InvitationRepository extends JpaRepository<Invitation, Long> {
    List<Invitation> findByClassIdOrderByIdDesc(long classId);

    Optional<Invitation> findByTokenHash(String tokenHash);

    /** Whoever accepts at the same moment waits, and then finds it accepted. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select i from Invitation i where i.tokenHash = :tokenHash")
    Optional<Invitation> findToAccept(String tokenHash);
}
