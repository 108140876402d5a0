package zafu.core.grouping;

import java.util.Arrays;

/**
 * How many students each group takes.
 *
 * @param least smallest number for each group
 * @param most largest number for each group, not below its least
 */
record Room(int[] least, int[] most) {
    static Room same(int groups, Sizes sizes) {
        int[] least = new int[groups];
        int[] most = new int[groups];
        Arrays.fill(least, sizes.smallest());
        Arrays.fill(most, sizes.largest());
        return new Room(least, most);
    }

    /** Sizes that differ by at most one; which groups are the larger ones is left open. */
    static Room even(int groups, int students) {
        int[] least = new int[groups];
        int[] most = new int[groups];
        Arrays.fill(least, students / groups);
        Arrays.fill(most, (students + groups - 1) / groups);
        return new Room(least, most);
    }

    /** No bounds but what is there. */
    static Room open(int groups, int students) {
        int[] most = new int[groups];
        Arrays.fill(most, students);
        return new Room(new int[groups], most);
    }

    int groups() {
        return least.length;
    }

    int seats() {
        return Arrays.stream(most).sum();
    }

    int needed() {
        return Arrays.stream(least).sum();
    }
}
