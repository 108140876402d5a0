package zafu.server.entry;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface JoinRequestRepository extends JpaRepository<JoinRequest, Long> {
    List<JoinRequest> findByClassIdAndStateOrderById(long classId, JoinRequest.State state);

    long countByClassIdAndState(long classId, JoinRequest.State state);

    Optional<JoinRequest> findByToken(String token);

    List<JoinRequest> findByStudentId(long studentId);
}
