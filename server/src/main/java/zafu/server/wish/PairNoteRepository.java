package zafu.server.wish;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PairNoteRepository extends JpaRepository<PairNote, Long> {
    List<PairNote> findByClassIdOrderById(long classId);

    List<PairNote> findByClassIdInOrderById(Collection<Long> classIds);

    Optional<PairNote> findByClassIdAndOneIdAndOtherId(long classId, long oneId, long otherId);

    @Query("select n from PairNote n where n.oneId = :studentId or n.otherId = :studentId order by n.id")
    List<PairNote> about(long studentId);
}
