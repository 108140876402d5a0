package zafu.server.wish;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SurveyOptionRepository extends JpaRepository<SurveyOption, Long> {
    List<SurveyOption> findBySurveyIdInOrderByPlace(Collection<Long> surveyIds);
}
