package zafu.server.skill;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SkillRepository extends JpaRepository<Skill, Long> {
    List<Skill> findByNameIgnoreCaseOrderById(String name);

    List<Skill> findByRemovedAtIsNullOrderByPlaceAscIdAsc();
}
