package zafu.server.entry;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface GroupDoorRepository extends JpaRepository<GroupDoor, Long> {
    Optional<GroupDoor> findByGroupId(long groupId);

    Optional<GroupDoor> findByCode(String code);

    /** One after the other, so that the last place is given once. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select d from GroupDoor d where d.groupId = :groupId")
    Optional<GroupDoor> findToPass(long groupId);
}
