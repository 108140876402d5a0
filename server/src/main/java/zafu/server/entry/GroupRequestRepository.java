package zafu.server.entry;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GroupRequestRepository extends JpaRepository<GroupRequest, Long> {
    List<GroupRequest> findByGroupIdAndStateOrderById(long groupId, JoinRequest.State state);

    List<GroupRequest> findByClassIdAndStateOrderById(long classId, JoinRequest.State state);

    boolean existsByGroupIdAndStudentIdAndState(long groupId, long studentId, JoinRequest.State state);

    boolean existsByGroupIdAndAdultIdAndState(long groupId, long adultId, JoinRequest.State state);

    long countByClassIdAndState(long classId, JoinRequest.State state);

    List<GroupRequest> findByStudentIdOrderById(long studentId);
}
