package zafu.core.measure;

/** Which way a measure improves. What compares values sees them rising: mirrored here, and nowhere else. Rule 1. */
public enum Better {
    HIGHER,
    LOWER;

    public static Better of(boolean lowerIsBetter) {
        return lowerIsBetter ? LOWER : HIGHER;
    }

    /** The value where larger is always better; of such a value the value itself. */
    public double rising(double value) {
        return this == LOWER ? -value : value;
    }

    /** Whether a value is at a cut or better. */
    public boolean reaches(double value, double cut) {
        return rising(value) >= rising(cut);
    }
}
