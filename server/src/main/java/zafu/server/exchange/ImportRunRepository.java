package zafu.server.exchange;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ImportRunRepository extends JpaRepository<ImportRun, Long> {
    List<ImportRun> findTop20ByClassIdOrderByIdDesc(long classId);

    List<ImportRun> findTop20ByClassIdIsNullOrderByIdDesc();

    boolean existsByIdGreaterThanAndUndoneAtIsNullAndClassId(long id, long classId);
}
