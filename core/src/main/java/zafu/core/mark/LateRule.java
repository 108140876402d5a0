package zafu.core.mark;

/**
 * What lateness costs: so many per cent of what was earned for each teaching day after the due day, never more than the
 * most. Handed in late on the due day itself costs nothing.
 *
 * @param percentPerDay from 0 to 100
 * @param mostPercent from 0 to 100
 */
public record LateRule(int percentPerDay, int mostPercent) {
    public static final LateRule NONE = new LateRule(0, 0);

    public LateRule {
        if (percentPerDay < 0 || percentPerDay > 100 || mostPercent < 0 || mostPercent > 100) {
            throw new IllegalArgumentException(percentPerDay + " % a day, at most " + mostPercent + " %");
        }
    }

    /** Per cent that {@code daysLate} teaching days cost. */
    public int percent(int daysLate) {
        return Math.min(mostPercent, Math.max(0, daysLate) * percentPerDay);
    }

    /** What is left of points earned. */
    public double left(double earned, int daysLate) {
        return earned * (100 - percent(daysLate)) / 100;
    }
}
