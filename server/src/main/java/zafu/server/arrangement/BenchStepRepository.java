package zafu.server.arrangement;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface BenchStepRepository extends JpaRepository<BenchStep, Long> {
    Optional<BenchStep> findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(long arrangementId);

    Optional<BenchStep> findFirstByArrangementIdAndUndoneFalseAndKindInOrderByIdDesc(
            long arrangementId, Collection<BenchCommand.Kind> kinds);

    Optional<BenchStep> findFirstByArrangementIdAndUndoneTrueAndIdGreaterThanOrderById(long arrangementId, long after);

    List<BenchStep> findByArrangementIdAndRevisionGreaterThanAndChangedByNotOrderByRevision(
            long arrangementId, long revision, long adultId);

    List<BenchStep> findTop200ByArrangementIdOrderByIdDesc(long arrangementId);

    Optional<BenchStep> findByIdAndArrangementId(long id, long arrangementId);
}
