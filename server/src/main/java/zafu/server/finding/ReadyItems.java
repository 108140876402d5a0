package zafu.server.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.skill.ReadyToTeach;
import zafu.core.skill.SkillId;
import zafu.server.finding.FindApi.Hit;
import zafu.server.finding.FindApi.ItemNarrowing;
import zafu.server.finding.ReadyApi.ReadyItem;
import zafu.server.finding.ReadyApi.ReadySkill;
import zafu.server.skill.Skills;

/** The first skills that a group is ready for, each with the items that suit the group best. */
@Service
class ReadyItems {
    private static final int MOST_SKILLS = 4;
    private static final int MOST_ITEMS = 2;
    private static final int LOOKED_AT = 100;
    private final Students students;
    private final Skills skills;
    private final FindService finder;

    ReadyItems(Students students, Skills skills, FindService finder) {
        this.students = students;
        this.skills = skills;
        this.finder = finder;
    }

    @Transactional(readOnly = true)
    List<ReadySkill> of(long classId, @Nullable Long groupId) {
        List<Long> whom = students.of(classId, groupId);
        Map<StudentId, Set<SkillId>> held = skills.held(whom);
        List<Hit> best =
                finder.find(classId, groupId, ItemNarrowing.NONE, LOOKED_AT).hits();
        List<ReadySkill> shown = new ArrayList<>();
        for (ReadyToTeach.InGroup ready : ReadyToTeach.of(skills.inOrder(classId), held)) {
            List<ReadyItem> items = items(ready.skill().id().value(), best);
            if (!items.isEmpty() && shown.size() < MOST_SKILLS) {
                shown.add(new ReadySkill(
                        ready.skill().id().value(),
                        ready.skill().name(),
                        whom.size() - ready.holders().size(),
                        ready.footed().size(),
                        whom.size(),
                        items));
            }
        }
        return shown;
    }

    private static List<ReadyItem> items(long skill, List<Hit> best) {
        return best.stream()
                .filter(hit -> hit.trains().contains(skill))
                .limit(MOST_ITEMS)
                .map(hit -> new ReadyItem(hit.id(), hit.kind(), hit.title(), hit.levelLow(), hit.minutes()))
                .toList();
    }
}
