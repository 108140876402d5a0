package zafu.server.skill;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.LongConsumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillId;
import zafu.core.skill.SkillStatus;
import zafu.server.access.OwnOrShared;
import zafu.server.platform.Refusal;
import zafu.server.roster.StudentPart;

/** Skills and evidence, for the other features. Permission is theirs to check. */
@Service
public class Skills implements StudentPart {
    private final SkillRepository skills;
    private final StrandRepository strands;
    private final SkillEvidenceRepository evidence;
    private final SkillStandings standings;
    private final OwnOrShared sharing;
    private final Clock clock;

    Skills(
            SkillRepository skills,
            StrandRepository strands,
            SkillEvidenceRepository evidence,
            SkillStandings standings,
            OwnOrShared sharing,
            Clock clock) {
        this.skills = skills;
        this.strands = strands;
        this.evidence = evidence;
        this.standings = standings;
        this.sharing = sharing;
        this.clock = clock;
    }

    /** One share right, 0 to 1, to be noted. */
    public record Evidence(long studentId, LocalDate takenOn, double fraction) {}

    /** A screening whose value lies at or past the cut. */
    public record PlacedBy(String measure, double value, double cut, LocalDate takenOn) {}

    /**
     * Where a student stands on a skill, and why.
     *
     * @param lastTwo shares right, 0 to 1, the last one last
     * @param placedBy the screening that places the student past the skill
     */
    public record Standing(
            long skillId,
            String skill,
            SkillStatus status,
            LocalDate lastSeen,
            List<Double> lastTwo,
            @Nullable PlacedBy placedBy) {}

    /**
     * Notes evidence on a skill that the class has or all share; what is there already is not noted twice.
     *
     * @param made is told the id of the skill where there was none of that name in use
     */
    public int record(
            String skillName, Collection<Evidence> seen, long classId, @Nullable Long runId, LongConsumer made) {
        long skill = skillFor(skillName.strip(), classId, made);
        List<Long> students = seen.stream().map(Evidence::studentId).toList();
        List<Evidence> before = evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(students).stream()
                .filter(each -> each.skillId == skill)
                .map(each -> new Evidence(each.studentId, each.takenOn, each.fraction))
                .toList();
        List<SkillEvidence> fresh = new ArrayList<>();
        for (Evidence each : seen) {
            if (!before.contains(each)) {
                SkillEvidence row = row(skill, each, SkillEvidence.Source.LIST);
                row.runId = runId;
                fresh.add(row);
            }
        }
        evidence.saveAll(fresh);
        return fresh.size();
    }

    private long skillFor(String name, long classId, LongConsumer made) {
        Optional<Skill> known = named(name)
                .filter(found -> found.classId == null || found.classId == classId)
                .findFirst();
        if (known.isPresent() && known.get().removedAt == null) {
            return known.get().id;
        }
        known.ifPresent(found -> found.removedAt = null);
        long id = known.isPresent() ? known.get().id : make(name, classId);
        made.accept(id);
        return id;
    }

    /** Puts a skill away; what was seen of students on it stays. */
    public void putAway(long skillId) {
        skills.findById(skillId).ifPresent(found -> found.removedAt = clock.instant());
    }

    /** Notes what a try showed of each skill, as shares right, 0 to 1; in place of what the same try showed before. */
    public void recordTry(long attemptId, long studentId, LocalDate on, Map<Long, Double> fractions) {
        evidence.deleteAll(evidence.findByAttemptId(attemptId));
        fractions.forEach((skill, fraction) -> {
            SkillEvidence row = row(skill, new Evidence(studentId, on, fraction), SkillEvidence.Source.TRY);
            row.attemptId = attemptId;
            evidence.save(row);
        });
    }

    private SkillEvidence row(long skill, Evidence each, SkillEvidence.Source source) {
        SkillEvidence row = new SkillEvidence();
        row.skillId = skill;
        row.studentId = each.studentId();
        row.takenOn = each.takenOn();
        row.fraction = each.fraction();
        row.source = source;
        row.enteredAt = clock.instant();
        return row;
    }

    private long make(String name, long classId) {
        Skill made = new Skill();
        made.name = name;
        made.classId = sharing.classFor(classId);
        return skills.save(made).id;
    }

    public void removeRun(long runId) {
        evidence.removeRun(runId, clock.instant());
    }

    /** A skill as other features show it. */
    public record SkillName(long id, String name, @Nullable String strand) {}

    /** The skills of a name that the signed-in adult sees, what all share first. */
    Stream<Skill> named(String name) {
        Predicate<@Nullable Long> seen = sharing.seen();
        return skills.findByNameIgnoreCaseOrderById(name.strip()).stream()
                .filter(each -> seen.test(each.classId))
                .sorted(Comparator.comparing(each -> each.classId != null));
    }

    /** The skills in use that a class has or all share, in the order of teaching: by strand, then place. */
    public List<zafu.core.skill.Skill> inOrder(long classId) {
        return asCore(inUseInOrder().stream()
                .filter(each -> each.classId == null || each.classId == classId)
                .toList());
    }

    /** All skills in use that the signed-in adult sees, in the order of teaching. */
    List<zafu.core.skill.Skill> inOrder() {
        return asCore(inUseInOrder());
    }

    private static List<zafu.core.skill.Skill> asCore(List<Skill> ordered) {
        List<zafu.core.skill.Skill> found = new ArrayList<>();
        ordered.forEach(skill -> found.add(skill.asCore(found.size())));
        return found;
    }

    /** Names by id, in the order of teaching. */
    public Map<Long, SkillName> names() {
        Map<Long, String> strandNames = strands.findAllByOrderByPlaceAscIdAsc().stream()
                .collect(Collectors.toMap(each -> each.id, each -> each.name));
        Map<Long, SkillName> names = new LinkedHashMap<>();
        inUseInOrder()
                .forEach(each -> names.put(each.id, new SkillName(each.id, each.name, strandNames.get(each.strandId))));
        return names;
    }

    List<Skill> inUseInOrder() {
        Map<Long, Integer> strandPlace = new LinkedHashMap<>();
        strands.findAllByOrderByPlaceAscIdAsc().forEach(each -> strandPlace.put(each.id, strandPlace.size()));
        Predicate<@Nullable Long> seen = sharing.seen();
        return skills.findByRemovedAtIsNullOrderByPlaceAscIdAsc().stream()
                .filter(each -> seen.test(each.classId))
                .sorted(Comparator.comparingInt(each -> strandPlace.getOrDefault(each.strandId, Integer.MAX_VALUE)))
                .toList();
    }

    /** Whose own these skills are, by id; without a class all share it. Who is not here is not in use, or not seen. */
    public Map<Long, @Nullable Long> classesOf(Collection<Long> ids) {
        Predicate<@Nullable Long> seen = sharing.seen();
        Map<Long, @Nullable Long> known = new LinkedHashMap<>();
        skills.findAllById(ids).stream()
                .filter(each -> each.removedAt == null && seen.test(each.classId))
                .forEach(each -> known.put(each.id, each.classId));
        return known;
    }

    /**
     * Makes sure that something may name these skills: what all see names those that all share, what one class sees also
     * its own, and each is seen by the signed-in adult.
     */
    public void requireFor(@Nullable Long classId, Collection<Long> ids) {
        Map<Long, @Nullable Long> classes = classesOf(ids);
        for (long id : ids) {
            if (!classes.containsKey(id)) {
                throw Refusal.notFound("skill");
            }
            Long own = classes.get(id);
            if (own != null && !own.equals(classId)) {
                throw Refusal.unusableField(
                        "skill-of-one-class",
                        "skills",
                        inWords("skill.is-one-classs-own-skill-choose-one", "name", skills.getReferenceById(id).name));
            }
        }
    }

    /** What each of these students holds; every one of them is a key. */
    public Map<StudentId, Set<SkillId>> held(Collection<Long> studentIds) {
        return heldIn(standings(studentIds));
    }

    /** As {@link #held}, from standings that were worked out already. */
    public static Map<StudentId, Set<SkillId>> heldIn(Map<Long, Map<Long, Standing>> standings) {
        Map<StudentId, Set<SkillId>> held = new TreeMap<>();
        standings.forEach((student, own) -> {
            Set<SkillId> ids = new TreeSet<>();
            own.values().stream()
                    .filter(each -> each.status().isHeld())
                    .forEach(each -> ids.add(new SkillId(each.skillId())));
            held.put(new StudentId(student), ids);
        });
        return held;
    }

    /** Where these students stand, by student and skill; only skills of which something is known. */
    public Map<Long, Map<Long, Standing>> standings(Collection<Long> studentIds) {
        return standings.of(inUseInOrder(), studentIds);
    }

    /** Where a student stands on every skill that was ever seen. */
    public List<Standing> standing(long studentId) {
        return List.copyOf(standings(List.of(studentId)).get(studentId).values());
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
        List<Skill> named = named(skillName).toList();
        if (named.isEmpty()) {
            throw Refusal.notFound("skill");
        }
        Map<Long, Standing> found = new LinkedHashMap<>();
        standings.of(named, studentIds).forEach((student, own) -> own.values()
                .forEach(standing -> found.put(student, standing)));
        return found;
    }

    /** Names of the skills on which any of these students was ever seen. */
    public List<String> seenOf(Collection<Long> studentIds) {
        List<Long> seen = evidence.findByStudentIdInAndRemovedAtIsNullOrderByTakenOnAscIdAsc(studentIds).stream()
                .map(each -> each.skillId)
                .distinct()
                .toList();
        Predicate<@Nullable Long> mine = sharing.seen();
        return skills.findAllById(seen).stream()
                .filter(each -> mine.test(each.classId))
                .map(each -> each.name)
                .distinct()
                .sorted()
                .toList();
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
