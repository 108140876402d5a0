package zafu.core.grouping;

/**
 * Whether a group's share of something differs from the class's by more than chance would. Rule 2, balance check.
 *
 * @param classSize how many are in the class
 * @param classHave how many of them have it
 * @param groupSize how many are in the group
 * @param groupHave how many of those have it
 * @param comparisons how many such checks are made of this grouping, from 1: groups times what is watched
 */
public record BalanceCheck(int classSize, int classHave, int groupSize, int groupHave, int comparisons) {
    private static final double BY_CHANCE = 0.05;
    /** Counts as likely as the one seen are no likelier, whatever the last digits say. */
    private static final double NO_LIKELIER = 1 + 1e-9;

    public BalanceCheck {
        if (comparisons < 1) {
            throw new IllegalArgumentException(comparisons + " comparisons are none");
        }
        if (classHave > classSize || groupSize > classSize || groupHave > groupSize || groupHave > classHave) {
            throw new IllegalArgumentException(
                    groupHave + " of " + groupSize + " cannot be out of " + classHave + " of " + classSize);
        }
    }

    /** Hypergeometric: Σ of the probabilities of all counts that are no likelier than the one seen. */
    public double probability() {
        double seen = logProbability(groupHave);
        double sum = 0;
        for (int have = Math.max(0, groupSize - (classSize - classHave));
                have <= Math.min(groupSize, classHave);
                have++) {
            double each = logProbability(have);
            if (Math.exp(each - seen) <= NO_LIKELIER) {
                sum += Math.exp(each);
            }
        }
        return Math.min(1, sum);
    }

    /** Whether chance alone would rarely do it, however often one looks. */
    public boolean pointedOut() {
        return probability() * comparisons < BY_CHANCE;
    }

    private double logProbability(int have) {
        return logChoose(classHave, have)
                + logChoose(classSize - classHave, groupSize - have)
                - logChoose(classSize, groupSize);
    }

    private static double logChoose(int of, int taken) {
        double log = 0;
        for (int i = 1; i <= taken; i++) {
            log += Math.log(of - taken + i) - Math.log(i);
        }
        return log;
    }
}
