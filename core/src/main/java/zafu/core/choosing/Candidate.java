package zafu.core.choosing;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import zafu.core.skill.SkillId;

/**
 * Something that could be given.
 *
 * @param levels which it suits, in the unit of the group's measure; empty when it has none there
 * @param usedBy how many of the students have had it
 * @param words how well it meets the words searched for, 0 to 1; 0 when none were
 */
public record Candidate(
        long id,
        String title,
        Set<SkillId> trains,
        Optional<LevelRange> levels,
        boolean starred,
        LocalDate madeOn,
        int usedBy,
        double words) {}
