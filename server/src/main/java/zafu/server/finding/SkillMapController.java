package zafu.server.finding;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.skill.ReadyToTeach.Readiness;
import zafu.core.skill.SkillStatus;
import zafu.server.library.ItemKind;
import zafu.server.skill.Skills;

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

    /**
     * @param ready ids of skills ready to teach, first things first
     * @param students names of the members by id, in the order of their names
     */
    record SkillMap(List<StrandOfGroup> strands, List<Long> ready, List<MemberName> students) {}

    record MemberName(long id, String name) {}

    record StrandOfGroup(String name, List<SkillInGroup> skills) {}

    /**
     * @param depth how many steps lie before it within all skills
     * @param holders how many of the members hold it
     * @param footed how many hold everything that comes before it
     * @param need share, 0 to 1, who do not hold it; {@code footing} share who hold what comes before
     * @param readiness absent for a group without members
     * @param standings of the members, in the order of {@link SkillMap#students}
     */
    record SkillInGroup(
            long id,
            String name,
            int depth,
            List<Long> prerequisites,
            int holders,
            int footed,
            double need,
            double footing,
            @Nullable Readiness readiness,
            List<StandingShown> standings) {}

    record StandingShown(
            long studentId,
            SkillStatus status,
            @Nullable LocalDate lastSeen,
            List<Double> lastTwo,
            Skills.@Nullable PlacedBy placedBy) {}

    @GetMapping("/api/classes/{classId}/skill-map")
    SkillMap map(@PathVariable long classId, @RequestParam(required = false) @Nullable Long groupId) {
        return maps.of(classId, groupId);
    }

    /**
     * @param lacking members who do not hold it
     * @param items that train it or prepare for it, those for fewest minutes first
     */
    record Lack(long skillId, String name, int heldBy, int members, List<String> lacking, List<ItemFor> items) {}

    record ItemFor(long id, ItemKind kind, String title, @Nullable Integer minutes) {}

    /** @param items that train it or prepare for it, those for fewest minutes first */
    record ItemsForSkill(long skillId, List<ItemFor> items) {}

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
