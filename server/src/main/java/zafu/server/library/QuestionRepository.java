package zafu.server.library;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface QuestionRepository extends JpaRepository<QuestionRow, Long> {
    List<QuestionRow> findByItemIdOrderByPlace(long itemId);

    List<QuestionRow> findByItemIdInAndRemovedFalseOrderByItemIdAscPlaceAsc(Collection<Long> itemIds);

    List<QuestionRow> findByIdIn(Collection<Long> ids);

    /** What a question is worth, without all that it says. */
    interface Points {
        long getId();

        int getPoints();
    }

    @Query("select q.id as id, q.points as points from QuestionRow q where q.id in :ids")
    List<Points> pointsOf(Collection<Long> ids);

    @Query("select distinct q.itemId from QuestionRow q where q.prompt like concat('%(file:', :fileId, ')%')")
    List<Long> itemIdsWithFile(long fileId);
}
