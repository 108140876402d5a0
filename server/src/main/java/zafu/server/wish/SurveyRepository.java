package zafu.server.wish;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SurveyRepository extends JpaRepository<Survey, Long> {
    List<Survey> findByClassIdOrderByIdDesc(long classId);

    List<Survey> findByClassIdInAndClosedFalseOrderById(Collection<Long> classIds);
}
