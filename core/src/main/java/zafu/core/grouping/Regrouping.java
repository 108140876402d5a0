package zafu.core.grouping;

import java.util.List;

/**
 * What a new value says of the group a student is in. Values are better the larger. Rule 2, regrouping.
 *
 * @param cutsHighestFirst the cut below each group but the last; groups count from 0, the highest
 * @param standardError of measurement, in the measure's unit
 */
public record Regrouping(List<Double> cutsHighestFirst, double standardError) {
    public Regrouping {
        cutsHighestFirst = List.copyOf(cutsHighestFirst);
    }

    /** What is suggested; nothing moves until the teacher says so. */
    public enum Advice {
        MOVE_UP,
        MOVE_DOWN,
        WATCH,
        STAY
    }

    /** A value beyond a cut by more than the standard error moves; beyond it by less is watched. */
    public Advice of(int group, double value) {
        if (group > 0) {
            double above = value - cutsHighestFirst.get(group - 1);
            if (above > 0) {
                return above > standardError ? Advice.MOVE_UP : Advice.WATCH;
            }
        }
        if (group < cutsHighestFirst.size()) {
            double below = cutsHighestFirst.get(group) - value;
            if (below > 0) {
                return below > standardError ? Advice.MOVE_DOWN : Advice.WATCH;
            }
        }
        return Advice.STAY;
    }
}
