package zafu.server.library;

import java.util.Collection;
import java.util.List;
import java.util.Set;
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

    /** Items with a question that shows a file, or did before it was changed. */
    @Query(
            """
            select q.itemId from QuestionRow q
            where q.prompt like concat('%(file:', :fileId, ')%') or q.body like concat('%(file:', :fileId, ')%')
            union
            select q.itemId from QuestionRow q join QuestionEdition e on e.questionId = q.id
            where e.prompt like concat('%(file:', :fileId, ')%') or e.body like concat('%(file:', :fileId, ')%')
            """)
    Set<Long> itemIdsShowing(long fileId);
}
