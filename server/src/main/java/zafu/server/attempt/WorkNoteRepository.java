package zafu.server.attempt;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface WorkNoteRepository extends JpaRepository<WorkNote, Long> {
    List<WorkNote> findByTaskIdInAndTakenBackAtIsNullOrderById(Collection<Long> taskIds);

    List<WorkNote> findByStudentIdAndTakenBackAtIsNullOrderById(long studentId);

    List<WorkNote> findByStudentIdOrderById(long studentId);
}
