package zafu.core.grouping;

/**
 * The smallest and largest number of students in a group, both included.
 *
 * @param smallest from 1
 * @param largest not below {@code smallest}
 */
public record Sizes(int smallest, int largest) {
    public Sizes {
        if (smallest < 1) {
            throw new IllegalArgumentException("smallest group size " + smallest + " is below 1");
        }
        if (largest < smallest) {
            throw new IllegalArgumentException("largest group size " + largest + " is below the smallest, " + smallest);
        }
    }

    /** Whether {@code students} can be dealt into {@code groups} groups of these sizes. */
    public boolean admit(int students, int groups) {
        return (long) groups * smallest <= students && students <= (long) groups * largest;
    }
}
