package zafu.core.grouping;

/**
 * What a group costs, from its size and the sums of its members' features alone, so that a search can tell at once
 * what a move would change.
 */
interface GroupCost {
    /**
     * @param size number of members
     * @param sums of each feature over the members
     */
    double of(int size, double[] sums);

    /**
     * Σ (x − mean)² over the members and features, but for the constant Σ x²: −|sums|² / size. Features are scaled by
     * the root of their weight beforehand.
     */
    static GroupCost spread() {
        return (size, sums) -> size == 0 ? 0 : -squared(sums) / size;
    }

    /** Nothing: where only places and wishes count. */
    static GroupCost none() {
        return (size, sums) -> 0;
    }

    private static double squared(double[] sums) {
        double squared = 0;
        for (double sum : sums) {
            squared += sum * sum;
        }
        return squared;
    }
}
