package zafu.server.oneroster;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolPullRepository extends JpaRepository<SchoolPull, Long> {
    List<SchoolPull> findTop10ByOrderByIdDesc();

    Optional<SchoolPull> findFirstByStateOrderByIdDesc(SchoolPull.State state);

    List<SchoolPull> findByState(SchoolPull.State state);
}
