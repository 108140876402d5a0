package zafu.core.measure;

/** Which of a student's values counts. Rule 1. */
public sealed interface WhichCounts {
    /** The value of the latest day. */
    record Latest() implements WhichCounts {}

    /** The best value of all days. */
    record Best() implements WhichCounts {}

    /**
     * The mean of the values of the last days.
     *
     * @param days how many days with a value, at least 2
     */
    record MeanOfLast(int days) implements WhichCounts {
        public MeanOfLast {
            if (days < 2) {
                throw new IllegalArgumentException("a mean of " + days + " values is none: 2 at least");
            }
        }
    }

    /** What counts unless a teacher says otherwise. */
    static WhichCounts latest() {
        return new Latest();
    }
}
