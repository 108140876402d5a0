package zafu.server.skill;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.measure.CountingValue;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillStatus;
import zafu.server.measure.Measures;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.Skills.PlacedBy;
import zafu.server.skill.Skills.Standing;

/**
 * Works out where students stand: from evidence, and from screenings that place them past a skill. The reads are as many
 * as there are screening measures, and two more, however many students are asked for.
 */
@Component
class SkillStandings {
    private final SkillEvidenceRepository evidence;
    private final Measures measures;
    private final SchoolSettings school;

    SkillStandings(SkillEvidenceRepository evidence, Measures measures, SchoolSettings school) {
        this.evidence = evidence;
        this.measures = measures;
        this.school = school;
    }

    /** By student, then skill in the order given; only skills of which something is known. */
    Map<Long, Map<Long, Standing>> of(Collection<Skill> skills, Collection<Long> studentIds) {
        Map<Long, Map<Long, List<SkillEvidence>>> seen =
                evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(studentIds).stream()
                        .collect(Collectors.groupingBy(
                                each -> each.studentId, Collectors.groupingBy(each -> each.skillId)));
        Map<Long, Screening> screenings = screenings(skills, studentIds);
        Map<Long, Map<Long, Standing>> found = new LinkedHashMap<>();
        for (long student : studentIds) {
            Map<Long, List<SkillEvidence>> own = seen.getOrDefault(student, Map.of());
            Map<Long, Standing> standings = new LinkedHashMap<>();
            for (Skill skill : skills) {
                PlacedBy placed = placed(skill, student, screenings);
                List<SkillEvidence> list = own.getOrDefault(skill.id, List.of());
                if (placed != null || !list.isEmpty()) {
                    standings.put(skill.id, standing(skill, list, placed));
                }
            }
            found.put(student, standings);
        }
        return found;
    }

    private record Screening(Measures.MeasureCard measure, Map<StudentId, CountingValue> values) {}

    private Map<Long, Screening> screenings(Collection<Skill> skills, Collection<Long> studentIds) {
        List<StudentId> students = studentIds.stream().map(StudentId::new).toList();
        Map<Long, Screening> found = new TreeMap<>();
        skills.stream()
                .map(skill -> skill.screenMeasureId)
                .filter(measure -> measure != null)
                .distinct()
                .forEach(measure -> found.put(
                        measure,
                        new Screening(measures.card(measure), measures.counting(measure, students, school.today()))));
        return found;
    }

    private static @Nullable PlacedBy placed(Skill skill, long student, Map<Long, Screening> screenings) {
        if (skill.screenMeasureId == null || skill.screenCut == null) {
            return null;
        }
        Screening screening = screenings.get(skill.screenMeasureId);
        if (!(screening.values().get(new StudentId(student)) instanceof CountingValue.Counts counts)) {
            return null;
        }
        Measures.MeasureCard measure = screening.measure();
        boolean past = measure.better().reaches(counts.value(), skill.screenCut);
        return past ? new PlacedBy(measure.name(), counts.value(), skill.screenCut, counts.takenOn()) : null;
    }

    private static Standing standing(Skill skill, List<SkillEvidence> oldestFirst, @Nullable PlacedBy placed) {
        List<Double> fractions = oldestFirst.stream().map(each -> each.fraction).toList();
        LocalDate lastSeen = oldestFirst.isEmpty()
                ? placed == null ? null : placed.takenOn()
                : oldestFirst.get(oldestFirst.size() - 1).takenOn;
        List<Double> lastTwo = new ArrayList<>(fractions.subList(Math.max(0, fractions.size() - 2), fractions.size()));
        return new Standing(skill.id, skill.name, SkillStatus.of(fractions, placed != null), lastSeen, lastTwo, placed);
    }
}
