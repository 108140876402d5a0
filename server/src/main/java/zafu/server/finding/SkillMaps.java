package zafu.server.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.skill.ReadyToTeach;
import zafu.core.skill.Skill;
import zafu.core.skill.SkillGraph;
import zafu.core.skill.SkillId;
import zafu.core.skill.SkillStatus;
import zafu.server.finding.SkillMapApi.MemberName;
import zafu.server.finding.SkillMapApi.SkillInGroup;
import zafu.server.finding.SkillMapApi.SkillMap;
import zafu.server.finding.SkillMapApi.StandingShown;
import zafu.server.finding.SkillMapApi.StrandOfGroup;
import zafu.server.roster.Roster;
import zafu.server.skill.Skills;

/** The map of all strands for a class or a group. */
@Service
class SkillMaps {
    private final Students students;
    private final Skills skills;

    SkillMaps(Students students, Skills skills) {
        this.students = students;
        this.skills = skills;
    }

    @Transactional(readOnly = true)
    SkillMap of(long classId, @Nullable Long groupId) {
        List<Long> whom = students.of(classId, groupId);
        List<MemberName> members = members(whom);
        List<Skill> inOrder = skills.inOrder(classId);
        Map<Long, Map<Long, Skills.Standing>> standings = skills.standings(whom);
        Map<StudentId, Set<SkillId>> held = Skills.heldIn(standings);
        Map<SkillId, ReadyToTeach.InGroup> inGroup = held.isEmpty() ? Map.of() : ReadyToTeach.all(inOrder, held);
        Map<SkillId, Integer> depths = SkillGraph.of(inOrder).depths();
        Map<Long, Skills.SkillName> names = skills.names();
        Map<String, List<SkillInGroup>> byStrand = new LinkedHashMap<>();
        for (Skill skill : inOrder) {
            Skills.SkillName name = names.get(skill.id().value());
            byStrand.computeIfAbsent(name.strand() == null ? "" : name.strand(), strand -> new ArrayList<>())
                    .add(shown(skill, depths.get(skill.id()), inGroup.get(skill.id()), members, standings));
        }
        List<StrandOfGroup> strands = new ArrayList<>();
        byStrand.forEach((name, own) -> strands.add(new StrandOfGroup(name, own)));
        List<Long> ready = ReadyToTeach.of(inOrder, held).stream()
                .map(each -> each.skill().id().value())
                .toList();
        return new SkillMap(strands, ready, members);
    }

    private List<MemberName> members(List<Long> whom) {
        List<MemberName> members = new ArrayList<>();
        for (Roster.StudentName name : students.names(whom).values()) {
            members.add(new MemberName(name.id(), name.givenName()));
        }
        members.sort(Comparator.comparing(MemberName::name).thenComparing(MemberName::id));
        return members;
    }

    private static SkillInGroup shown(
            Skill skill,
            int depth,
            ReadyToTeach.@Nullable InGroup inGroup,
            List<MemberName> members,
            Map<Long, Map<Long, Skills.Standing>> standings) {
        long id = skill.id().value();
        return new SkillInGroup(
                id,
                skill.name(),
                depth,
                skill.prerequisites().stream().map(SkillId::value).toList(),
                inGroup == null ? 0 : inGroup.holders().size(),
                inGroup == null ? 0 : inGroup.footed().size(),
                inGroup == null ? 0 : inGroup.need(),
                inGroup == null ? 0 : inGroup.footing(),
                inGroup == null ? null : inGroup.readiness(),
                members.stream()
                        .map(member ->
                                standing(member.id(), standings.get(member.id()).get(id)))
                        .toList());
    }

    private static StandingShown standing(long student, Skills.@Nullable Standing known) {
        return known == null
                ? new StandingShown(student, SkillStatus.NOT_ASSESSED, null, List.of(), null)
                : new StandingShown(student, known.status(), known.lastSeen(), known.lastTwo(), known.placedBy());
    }
}
