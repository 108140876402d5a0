package zafu.server.library;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionEditionRepository extends JpaRepository<QuestionEdition, Long> {
    /** Latest first, so that the last one met for a question is the one that held at the moment. */
    List<QuestionEdition> findByQuestionIdInAndUntilAtGreaterThanOrderByUntilAtDescIdDesc(
            Collection<Long> questionIds, Instant moment);
}
