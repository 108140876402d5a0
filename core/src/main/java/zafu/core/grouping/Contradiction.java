package zafu.core.grouping;

/** Why no proposal can satisfy what was asked; the words are found by whoever shows it. */
public sealed interface Contradiction {
    /** More students than seats: {@code seats = groups × largest}. */
    record TooFewSeats(int students, int groups, int largest, int seats) implements Contradiction {}

    /** Fewer students than the groups need: {@code needed = groups × smallest}. */
    record TooFewStudents(int students, int groups, int smallest, int needed) implements Contradiction {}

    /** Nobody has a value that counts. */
    record NobodyToPlace() implements Contradiction {}

    /** The measure has no cuts for this class, so that it has no bands. */
    record NoBands() implements Contradiction {}

    static Contradiction ofSizes(int students, int groups, Sizes sizes) {
        int seats = groups * sizes.largest();
        return students > seats
                ? new TooFewSeats(students, groups, sizes.largest(), seats)
                : new TooFewStudents(students, groups, sizes.smallest(), groups * sizes.smallest());
    }
}
