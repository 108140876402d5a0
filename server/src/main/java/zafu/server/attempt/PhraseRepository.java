package zafu.server.attempt;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhraseRepository extends JpaRepository<PhraseRow, Long> {
    List<PhraseRow> findByAdultIdOrderByWords(long adultId);
}
