package zafu.core.grouping;

import java.util.List;
import zafu.core.roster.StudentId;

/** What a method answers: groups, best first, or the contradiction that stands in the way. */
public sealed interface Proposal {
    /**
     * @param groups each student of the request exactly once; best group first, best member first
     * @param cost within-group sum of squares, in squared units of the measure
     * @param fit 1 − cost / cost of one single group; 1 when all values are equal
     */
    record Groups(List<List<StudentId>> groups, double cost, double fit) implements Proposal {
        public Groups {
            groups = groups.stream().map(List::copyOf).toList();
        }

        static Groups of(List<List<Scored>> scored, double cost, double fit) {
            List<List<StudentId>> groups = scored.stream()
                    .map(group -> group.stream().map(Scored::student).toList())
                    .toList();
            return new Groups(groups, cost, fit);
        }
    }

    /** Nothing can be proposed. */
    record Impossible(Contradiction because) implements Proposal {}
}
