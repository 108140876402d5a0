package zafu.server.skill;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SkillRepository extends JpaRepository<Skill, Long> {
    Optional<Skill> findByNameIgnoreCase(String name);

    List<Skill> findByRemovedAtIsNullOrderByPlaceAscIdAsc();
}
