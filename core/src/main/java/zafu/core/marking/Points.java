package zafu.core.marking;

/** Points earned of points possible. */
public record Points(double earned, double possible) {
    public static final Points NONE = new Points(0, 0);

    public Points plus(Points other) {
        return new Points(earned + other.earned, possible + other.possible);
    }

    /** From 0 to 1, more with a bonus; 0 where nothing was possible. */
    public double share() {
        return possible == 0 ? 0 : earned / possible;
    }
}
