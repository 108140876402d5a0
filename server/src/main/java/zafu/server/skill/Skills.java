package zafu.server.skill;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.skill.SkillStatus;
import zafu.server.platform.Refusal;
import zafu.server.roster.StudentPart;

/** Skills and evidence, for the other features. Permission is theirs to check. */
@Service
public class Skills implements StudentPart {
    private final SkillRepository skills;
    private final SkillEvidenceRepository evidence;
    private final Clock clock;

    Skills(SkillRepository skills, SkillEvidenceRepository evidence, Clock clock) {
        this.skills = skills;
        this.evidence = evidence;
        this.clock = clock;
    }

    /** One share right, 0 to 1, to be noted. */
    public record Evidence(long studentId, LocalDate takenOn, double fraction) {}

    /** Where a student stands on a skill, and when that was last seen. */
    public record Standing(String skill, SkillStatus status, LocalDate lastSeen) {}

    /** Notes evidence on a skill, which is made where there is none of that name; what is there already is not noted twice. */
    public int record(String skillName, Collection<Evidence> seen, @Nullable Long runId) {
        long skill = skills.findByNameIgnoreCase(skillName.strip())
                .map(found -> found.id)
                .orElseGet(() -> make(skillName.strip()));
        List<Long> students = seen.stream().map(Evidence::studentId).toList();
        List<Evidence> before = evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(students).stream()
                .filter(each -> each.skillId == skill)
                .map(each -> new Evidence(each.studentId, each.takenOn, each.fraction))
                .toList();
        List<SkillEvidence> made = new ArrayList<>();
        for (Evidence each : seen) {
            if (!before.contains(each)) {
                SkillEvidence row = new SkillEvidence();
                row.skillId = skill;
                row.studentId = each.studentId();
                row.takenOn = each.takenOn();
                row.fraction = each.fraction();
                row.runId = runId;
                row.enteredAt = clock.instant();
                made.add(row);
            }
        }
        evidence.saveAll(made);
        return made.size();
    }

    private long make(String name) {
        Skill made = new Skill();
        made.name = name;
        return skills.save(made).id;
    }

    public void removeRun(long runId) {
        evidence.removeRun(runId, clock.instant());
    }

    /** Where a student stands on every skill that was ever seen. */
    public List<Standing> standing(long studentId) {
        Map<Long, String> names = new LinkedHashMap<>();
        skills.findAll(org.springframework.data.domain.Sort.by("name")).forEach(each -> names.put(each.id, each.name));
        Map<Long, List<SkillEvidence>> bySkill = new LinkedHashMap<>();
        names.keySet().forEach(skill -> bySkill.put(skill, new ArrayList<>()));
        evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(List.of(studentId))
                .forEach(each -> bySkill.get(each.skillId).add(each));
        List<Standing> standing = new ArrayList<>();
        bySkill.forEach((skill, seen) -> {
            if (!seen.isEmpty()) {
                standing.add(standing(names.get(skill), seen));
            }
        });
        return standing;
    }

    private static Standing standing(String skill, List<SkillEvidence> oldestFirst) {
        List<Double> fractions = oldestFirst.stream().map(each -> each.fraction).toList();
        LocalDate lastSeen = oldestFirst.get(oldestFirst.size() - 1).takenOn;
        return new Standing(skill, SkillStatus.of(fractions, false), lastSeen);
    }

    /** Where each of these students stands on a skill; who was never seen is not assessed. */
    public Map<Long, SkillStatus> statuses(String skillName, Collection<Long> studentIds) {
        Map<Long, Standing> seen = seen(skillName, studentIds);
        Map<Long, SkillStatus> statuses = new LinkedHashMap<>();
        studentIds.forEach(each ->
                statuses.put(each, seen.containsKey(each) ? seen.get(each).status() : SkillStatus.NOT_ASSESSED));
        return statuses;
    }

    /** Where those of these students stand who were ever seen at the skill. */
    public Map<Long, Standing> seen(String skillName, Collection<Long> studentIds) {
        long skill = skills.findByNameIgnoreCase(skillName.strip())
                .map(found -> found.id)
                .orElseThrow(() -> Refusal.notFound("skill"));
        Map<Long, List<SkillEvidence>> byStudent =
                evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(studentIds).stream()
                        .filter(each -> each.skillId == skill)
                        .collect(Collectors.groupingBy(each -> each.studentId));
        Map<Long, Standing> standings = new LinkedHashMap<>();
        byStudent.forEach((student, seen) -> standings.put(student, standing(skillName, seen)));
        return standings;
    }

    /** Names of the skills on which any of these students was ever seen. */
    public List<String> seenOf(Collection<Long> studentIds) {
        List<Long> seen = evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(studentIds).stream()
                .map(each -> each.skillId)
                .distinct()
                .toList();
        return skills.findAllById(seen).stream().map(each -> each.name).sorted().toList();
    }

    @Override
    public String name() {
        return "skills";
    }

    @Override
    public Object of(long studentId) {
        return standing(studentId);
    }

    @Override
    public void erase(long studentId) {
        evidence.deleteByStudentId(studentId);
    }
}
