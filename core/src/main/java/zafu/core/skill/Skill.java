package zafu.core.skill;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * Something that can be learnt and shown.
 *
 * @param place in the order of teaching, over all strands, from 0
 * @param prerequisites what should be held before it is taught; only those named directly
 */
public record Skill(SkillId id, String name, int place, Set<SkillId> prerequisites) {
    public Skill {
        prerequisites = Collections.unmodifiableSet(new TreeSet<>(prerequisites));
    }
}
