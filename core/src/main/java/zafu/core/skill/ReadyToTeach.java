package zafu.core.skill;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import zafu.core.roster.StudentId;

/**
 * What a group is ready for. Rule 5: a skill is ready to teach when at least half of the members do not hold it and at
 * least 70 % of them hold every prerequisite.
 */
public final class ReadyToTeach {
    private static final double NEED = 0.50;
    private static final double FOOTING = 0.70;
    /** Shares of whole numbers are compared; this is far below the step of any class. */
    private static final double CLOSE = 1e-9;

    private ReadyToTeach() {}

    /**
     * A skill in a group.
     *
     * @param holders members who hold the skill
     * @param footed members who hold every prerequisite
     * @param members all of the group, at least one
     */
    public record InGroup(Skill skill, Set<StudentId> holders, Set<StudentId> footed, int members) {

        /** The share, 0 to 1, of members who do not hold the skill. */
        public double need() {
            return 1 - (double) holders.size() / members;
        }

        /** The share, 0 to 1, of members who hold every prerequisite; 1 where there is none. */
        public double footing() {
            return (double) footed.size() / members;
        }

        /** What this says of teaching the skill to the group. */
        public Readiness readiness() {
            if (need() < NEED - CLOSE) {
                return Readiness.MOSTLY_HELD;
            }
            return footing() < FOOTING - CLOSE ? Readiness.LACKS_FOOTING : Readiness.READY;
        }
    }

    /** What can be said of a skill in a group. */
    public enum Readiness {
        /** Fewer than half need it. */
        MOSTLY_HELD,
        READY,
        /** Needed, but too few hold what comes before it. */
        LACKS_FOOTING
    }

    /**
     * Every skill in the group, in the order given.
     *
     * @param held the skills that each member holds; every member is a key
     * @throws IllegalArgumentException without members
     */
    public static Map<SkillId, InGroup> all(Collection<Skill> skills, Map<StudentId, Set<SkillId>> held) {
        if (held.isEmpty()) {
            throw new IllegalArgumentException("a group without members is ready for nothing");
        }
        Set<SkillId> known = new TreeSet<>();
        skills.forEach(skill -> known.add(skill.id()));
        Map<SkillId, InGroup> found = new LinkedHashMap<>();
        for (Skill skill : skills) {
            Set<SkillId> before = new TreeSet<>(skill.prerequisites());
            before.retainAll(known);
            Set<StudentId> holders = new TreeSet<>();
            Set<StudentId> footed = new TreeSet<>();
            held.forEach((student, own) -> {
                if (own.contains(skill.id())) {
                    holders.add(student);
                }
                if (own.containsAll(before)) {
                    footed.add(student);
                }
            });
            found.put(skill.id(), new InGroup(skill, holders, footed, held.size()));
        }
        return found;
    }

    /** Those ready to teach: by need × footing, then place, then name. */
    public static List<InGroup> of(Collection<Skill> skills, Map<StudentId, Set<SkillId>> held) {
        if (held.isEmpty()) {
            return List.of();
        }
        return all(skills, held).values().stream()
                .filter(each -> each.readiness() == Readiness.READY)
                .sorted(Comparator.<InGroup>comparingDouble(each -> -rounded(each.need() * each.footing()))
                        .thenComparingInt(each -> each.skill().place())
                        .thenComparing(each -> each.skill().name()))
                .toList();
    }

    /** So that products that differ by rounding alone count as equal. */
    private static double rounded(double share) {
        return Math.rint(share / CLOSE) * CLOSE;
    }
}
