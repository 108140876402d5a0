package zafu.core.grouping;

import java.util.List;
import java.util.OptionalDouble;
import zafu.core.roster.StudentId;

/** What a method answers: groups, or the contradiction that stands in the way. */
public sealed interface Proposal {
    /**
     * @param groups each student exactly once, but for those left out; by score best group and best member first
     * @param leftOut students whom the method cannot place, since what it goes by is not known of them
     * @param cost what the method makes small, in its own unit, met wishes apart
     * @param fit 1 − cost / cost of one single group where the cost is a spread; 1 when all values are equal
     */
    record Groups(List<List<StudentId>> groups, List<StudentId> leftOut, double cost, OptionalDouble fit)
            implements Proposal {
        public Groups {
            groups = groups.stream().map(List::copyOf).toList();
            leftOut = List.copyOf(leftOut);
        }

        static Groups of(List<List<StudentId>> groups, double cost) {
            return new Groups(groups, List.of(), cost, OptionalDouble.empty());
        }

        static Groups ofScored(List<List<Scored>> scored, double cost, double fit) {
            List<List<StudentId>> groups = scored.stream()
                    .map(group -> group.stream().map(Scored::student).toList())
                    .toList();
            return new Groups(groups, List.of(), cost, OptionalDouble.of(fit));
        }

        Groups leavingOut(List<StudentId> students) {
            return new Groups(groups, students, cost, fit);
        }
    }

    /** Nothing can be proposed. */
    record Impossible(Contradiction because) implements Proposal {}

    /** The proposal of a seating, or of its clash. */
    static Proposal of(Placing.Outcome outcome) {
        return outcome instanceof Placing.Outcome.Seated seated
                ? Groups.of(seated.groups(), seated.cost())
                : new Impossible(((Placing.Outcome.Clash) outcome).because());
    }
}
