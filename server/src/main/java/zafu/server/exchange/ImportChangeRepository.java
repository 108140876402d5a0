package zafu.server.exchange;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ImportChangeRepository extends JpaRepository<ImportChange, Long> {
    List<ImportChange> findBySubjectIdAndWhatInOrderById(long subjectId, Collection<Changed> what);

    List<ImportChange> findBySubjectIdInAndWhatIn(Collection<Long> subjectIds, Collection<Changed> what);

    List<ImportChange> findByRunIdOrderByIdDesc(long runId);
}
