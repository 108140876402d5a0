package zafu.server.finding;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.skill.ReadyToTeach.Readiness;
import zafu.core.skill.SkillStatus;
import zafu.server.library.ItemKind;
import zafu.server.skill.Skills;

/** What {@link SkillMapController} takes and gives. */
final class SkillMapApi {
    private SkillMapApi() {}

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

    /**
     * @param lacking members who do not hold it
     * @param items that train it or prepare for it, those for fewest minutes first
     */
    record Lack(long skillId, String name, int heldBy, int members, List<String> lacking, List<ItemFor> items) {}

    record ItemFor(long id, ItemKind kind, String title, @Nullable Integer minutes) {}

    /** @param items that train it or prepare for it, those for fewest minutes first */
    record ItemsForSkill(long skillId, List<ItemFor> items) {}
}
