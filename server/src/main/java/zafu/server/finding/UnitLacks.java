package zafu.server.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.skill.Skill;
import zafu.core.skill.SkillGraph;
import zafu.core.skill.SkillId;
import zafu.server.finding.SkillMapApi.ItemFor;
import zafu.server.finding.SkillMapApi.Lack;
import zafu.server.library.Catalogue;
import zafu.server.library.Units;
import zafu.server.roster.Roster;
import zafu.server.skill.Skills;

/**
 * What a group lacks for a unit: skills that the unit names or its items need, and whatever comes before what its items
 * train, unless the unit trains it itself; each with what the library has to train it or to get ready for it.
 */
@Service
class UnitLacks {
    private final Students students;
    private final Skills skills;
    private final Units units;
    private final Catalogue catalogue;

    UnitLacks(Students students, Skills skills, Units units, Catalogue catalogue) {
        this.students = students;
        this.skills = skills;
        this.units = units;
        this.catalogue = catalogue;
    }

    @Transactional(readOnly = true)
    List<Lack> of(long classId, @Nullable Long groupId, long unitId) {
        List<Long> whom = students.of(classId, groupId);
        List<Catalogue.Entry> all =
                catalogue.find("").stream().map(Catalogue.Found::entry).toList();
        Units.UnitShown unit = units.unit(unitId);
        List<Skill> inOrder = skills.inOrder(classId);
        Set<SkillId> needed = needed(unit, all, SkillGraph.of(inOrder));
        Map<StudentId, Set<SkillId>> held = skills.held(whom);
        Map<StudentId, Roster.StudentName> names = students.names(whom);
        List<Lack> lacks = new ArrayList<>();
        for (Skill skill : inOrder) {
            if (needed.contains(skill.id())) {
                List<String> lacking = held.entrySet().stream()
                        .filter(each -> !each.getValue().contains(skill.id()))
                        .map(each -> names.get(each.getKey()).givenName())
                        .sorted()
                        .toList();
                if (!lacking.isEmpty()) {
                    lacks.add(lack(skill, whom.size(), lacking, all));
                }
            }
        }
        return lacks;
    }

    private static Set<SkillId> needed(Units.UnitShown unit, List<Catalogue.Entry> all, SkillGraph graph) {
        Set<Long> inUnit = unit.items().stream().map(Units.UnitItem::id).collect(Collectors.toSet());
        Set<SkillId> trained = new TreeSet<>();
        Set<SkillId> needed = new TreeSet<>();
        unit.skills().forEach(skill -> needed.add(new SkillId(skill)));
        all.stream().filter(entry -> inUnit.contains(entry.id())).forEach(entry -> {
            entry.trains().forEach(skill -> trained.add(new SkillId(skill)));
            entry.needs().forEach(skill -> needed.add(new SkillId(skill)));
        });
        needed.addAll(graph.allBefore(trained));
        needed.removeAll(trained);
        return needed;
    }

    private static Lack lack(Skill skill, int members, List<String> lacking, List<Catalogue.Entry> all) {
        List<ItemFor> items = PreparingItems.forSkill(skill.id().value(), all);
        return new Lack(skill.id().value(), skill.name(), members - lacking.size(), members, lacking, items);
    }
}
