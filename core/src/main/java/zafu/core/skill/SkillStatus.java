package zafu.core.skill;

import java.util.List;

/**
 * Where a student stands on a skill. Rule 5.
 *
 * <table>
 * <caption>from evidence by date, as fractions right</caption>
 * <tr><td>a screening places the student past the skill</td><td>{@link #ABOVE}</td></tr>
 * <tr><td>the last two at least 0.80</td><td>{@link #SECURE}</td></tr>
 * <tr><td>the last at least 0.80, the one before not or missing</td><td>{@link #NEARLY}</td></tr>
 * <tr><td>the last at least 0.50</td><td>{@link #PRACTISING}</td></tr>
 * <tr><td>the last below 0.50</td><td>{@link #NOT_YET}</td></tr>
 * <tr><td>none</td><td>{@link #NOT_ASSESSED}</td></tr>
 * </table>
 */
public enum SkillStatus {
    ABOVE,
    SECURE,
    NEARLY,
    PRACTISING,
    NOT_YET,
    NOT_ASSESSED;

    private static final double RIGHT = 0.80;
    private static final double HALF = 0.50;

    /**
     * @param fractions right, 0 to 1, oldest first
     * @param placedAbove whether a screening places the student past the skill
     */
    public static SkillStatus of(List<Double> fractions, boolean placedAbove) {
        if (placedAbove) {
            return ABOVE;
        }
        if (fractions.isEmpty()) {
            return NOT_ASSESSED;
        }
        double last = fractions.get(fractions.size() - 1);
        if (last >= RIGHT) {
            boolean twice = fractions.size() > 1 && fractions.get(fractions.size() - 2) >= RIGHT;
            return twice ? SECURE : NEARLY;
        }
        return last >= HALF ? PRACTISING : NOT_YET;
    }

    /** Whether the skill counts as held. */
    public boolean isHeld() {
        return this == ABOVE || this == SECURE;
    }
}
