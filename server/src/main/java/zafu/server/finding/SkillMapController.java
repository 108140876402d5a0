package zafu.server.finding;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.finding.SkillMapApi.ItemsForSkill;
import zafu.server.finding.SkillMapApi.Lack;
import zafu.server.finding.SkillMapApi.SkillMap;

/** Where a group stands on every skill, what it is ready for, what it lacks for a unit. */
@RestController
class SkillMapController {
    private final SkillMaps maps;
    private final UnitLacks lacks;
    private final PreparingItems preparing;

    SkillMapController(SkillMaps maps, UnitLacks lacks, PreparingItems preparing) {
        this.maps = maps;
        this.lacks = lacks;
        this.preparing = preparing;
    }

    @GetMapping("/api/classes/{classId}/skill-map")
    SkillMap map(@PathVariable long classId, @RequestParam(required = false) @Nullable Long groupId) {
        return maps.of(classId, groupId);
    }

    @GetMapping("/api/preparing-items")
    List<ItemsForSkill> preparing(@RequestParam List<Long> skills) {
        return preparing.of(skills);
    }

    @GetMapping("/api/classes/{classId}/units/{unitId}/lacks")
    List<Lack> lacks(
            @PathVariable long classId,
            @PathVariable long unitId,
            @RequestParam(required = false) @Nullable Long groupId) {
        return lacks.of(classId, groupId, unitId);
    }
}
