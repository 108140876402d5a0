package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import zafu.core.roster.StudentId;

/** What a teacher begins with who forms the groups alone. Rule 2, by hand; rules do not steer a hand. */
public sealed interface ByHand extends GroupingMethod {
    /** So many groups with nobody in them. */
    record Empty(int groups) implements ByHand {
        @Override
        public Proposal propose(Rules rules, long seed) {
            return Proposal.Groups.of(Collections.nCopies(groups, List.of()), 0);
        }
    }

    /** A group for each student. */
    record OneEach(Collection<StudentId> students) implements ByHand {
        @Override
        public Proposal propose(Rules rules, long seed) {
            return Proposal.Groups.of(students.stream().sorted().map(List::of).toList(), 0);
        }
    }

    /** All in one group. */
    record WholeClass(Collection<StudentId> students) implements ByHand {
        @Override
        public Proposal propose(Rules rules, long seed) {
            return Proposal.Groups.of(List.of(students.stream().sorted().toList()), 0);
        }
    }

    /** The groups of an earlier arrangement, with those of its members who are here. */
    record CopyOf(List<List<StudentId>> earlier, Collection<StudentId> students) implements ByHand {
        @Override
        public Proposal propose(Rules rules, long seed) {
            List<List<StudentId>> groups = new ArrayList<>();
            earlier.forEach(group ->
                    groups.add(group.stream().filter(students::contains).toList()));
            return Proposal.Groups.of(groups, 0);
        }
    }
}
