package zafu.core.growth;

import java.util.List;
import zafu.core.measure.Better;

/**
 * What a student's values say beside their aim line. Rule 7: with six or more, the last four all on one side of the line
 * say something; a value on the line is on neither side.
 */
public enum Advice {
    TOO_EARLY_TO_SAY,
    CHANGE_SOMETHING,
    KEEP_GOING,
    RAISE_THE_GOAL;

    private static final int ENOUGH = 6;
    private static final int LAST = 4;

    /** @param points by date, oldest first */
    public static Advice of(List<Point> points, AimLine aim, Better better) {
        if (points.size() < ENOUGH) {
            return TOO_EARLY_TO_SAY;
        }
        List<Double> ahead = points.subList(points.size() - LAST, points.size()).stream()
                .map(each -> better.rising(each.value() - aim.at(each.date())))
                .toList();
        if (ahead.stream().allMatch(by -> by < 0)) {
            return CHANGE_SOMETHING;
        }
        return ahead.stream().allMatch(by -> by > 0) ? RAISE_THE_GOAL : KEEP_GOING;
    }
}
