package zafu.server.need;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface NeedWordRepository extends JpaRepository<NeedWord, Long> {
    Optional<NeedWord> findByPlainWord(String plainWord);

    List<NeedWord> findAllByOrderByWordAscIdAsc();
}
