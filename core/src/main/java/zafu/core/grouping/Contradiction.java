package zafu.core.grouping;

import java.util.List;
import java.util.Set;
import zafu.core.roster.StudentId;

/** Why no proposal can satisfy what was asked; the words are found by whoever shows it. */
public sealed interface Contradiction {
    /** More students than there are {@code seats}, over all groups. */
    record TooFewSeats(int students, int groups, int largest, int seats) implements Contradiction {}

    /** Fewer students than the groups need, which is {@code needed} over all groups. */
    record TooFewStudents(int students, int groups, int smallest, int needed) implements Contradiction {}

    /** Nobody has a value that counts. */
    record NobodyToPlace() implements Contradiction {}

    /** The measure has no cuts for this class, so that it has no bands. */
    record NoBands() implements Contradiction {}

    /** Both are locked in one group, or are to be kept together, but must be kept apart. */
    record TogetherAndApart(StudentId one, StudentId other, boolean locked) implements Contradiction {}

    /** The two are to be kept together but are locked in different groups. */
    record TogetherButLockedApart(StudentId one, StudentId other) implements Contradiction {}

    /** The student is locked in a group that would not be there: there would be only so many. */
    record LockedOutside(StudentId student, int groups) implements Contradiction {}

    /** More students have to share one group than it takes. */
    record TooManyTogether(Set<StudentId> students, int largest) implements Contradiction {}

    /** Of these students any two must be apart, and they are more than there are groups. */
    record TooManyApart(List<StudentId> students, int groups) implements Contradiction {}

    /** These rules cannot all hold; without any one of them a seating was found. */
    record RulesClash(Rules rules) implements Contradiction {}

    static Contradiction ofSizes(int students, int groups, Sizes sizes) {
        int seats = groups * sizes.largest();
        return students > seats
                ? new TooFewSeats(students, groups, sizes.largest(), seats)
                : new TooFewStudents(students, groups, sizes.smallest(), groups * sizes.smallest());
    }
}
