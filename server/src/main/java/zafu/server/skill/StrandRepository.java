package zafu.server.skill;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StrandRepository extends JpaRepository<Strand, Long> {
    List<Strand> findAllByOrderByPlaceAscIdAsc();

    Optional<Strand> findByNameIgnoreCase(String name);
}
