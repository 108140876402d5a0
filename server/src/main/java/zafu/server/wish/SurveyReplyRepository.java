package zafu.server.wish;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SurveyReplyRepository extends JpaRepository<SurveyReply, Long> {
    List<SurveyReply> findBySurveyIdIn(Collection<Long> surveyIds);

    List<SurveyReply> findByStudentId(long studentId);

    Optional<SurveyReply> findBySurveyIdAndStudentId(long surveyId, long studentId);
}
