package zafu.server.need;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NeedPlanRepository extends JpaRepository<NeedPlan, Long> {
    List<NeedPlan> findByStudentIdOrderById(long studentId);

    void deleteByStudentId(long studentId);
}
