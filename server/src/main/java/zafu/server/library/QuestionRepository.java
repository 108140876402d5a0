package zafu.server.library;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionRepository extends JpaRepository<QuestionRow, Long> {
    List<QuestionRow> findByRemovedFalseOrderByItemIdAscPlaceAsc();

    List<QuestionRow> findByItemIdOrderByPlace(long itemId);

    List<QuestionRow> findByIdIn(Collection<Long> ids);
}
