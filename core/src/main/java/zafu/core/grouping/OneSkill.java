package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillStatus;

/**
 * One group per status on a skill that is present, in the order of status, for the teacher to merge. Who was not
 * assessed is left out. Rule 2, one skill.
 *
 * @param statuses of all who are asked about
 */
public record OneSkill(Map<StudentId, SkillStatus> statuses) implements GroupingMethod {
    public OneSkill {
        statuses = new TreeMap<>(statuses);
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        Map<SkillStatus, List<StudentId>> byStatus = new TreeMap<>();
        List<StudentId> leftOut = new ArrayList<>();
        statuses.forEach((student, status) -> {
            if (status == SkillStatus.NOT_ASSESSED) {
                leftOut.add(student);
            } else {
                byStatus.computeIfAbsent(status, key -> new ArrayList<>()).add(student);
            }
        });
        if (byStatus.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        return Kinds.propose(List.copyOf(byStatus.values()), leftOut, rules, seed);
    }

    /** Groups by kind, whatever their sizes, as near as the rules allow. */
    static final class Kinds {
        private Kinds() {}

        /** Kinds are what the teacher asked for, so a rule moves somebody out of theirs and a mere wish does not. */
        static Proposal propose(List<List<StudentId>> kinds, List<StudentId> leftOut, Rules all, long seed) {
            Rules rules = all.strict();
            if (rules.isEmpty()) {
                return Proposal.Groups.of(kinds, 0).leavingOut(leftOut);
            }
            int students = kinds.stream().mapToInt(List::size).sum();
            Placing placing = Placing.near(kinds, Room.open(kinds.size(), students));
            Proposal proposal = Proposal.of(placing.seat(rules, seed, Optional.empty()));
            return proposal instanceof Proposal.Groups groups ? groups.leavingOut(leftOut) : proposal;
        }
    }
}
