package zafu.core.growth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import zafu.core.grouping.GroupFigures;

/**
 * The straight line from where a student began to where they are to be. Rule 7.
 *
 * @param baseline median of the first three values, in the measure's unit
 * @param goalDate after {@code from}
 */
public record AimLine(LocalDate from, double baseline, LocalDate goalDate, double goal) {
    private static final int FIRST = 3;

    public AimLine {
        if (!goalDate.isAfter(from)) {
            throw new IllegalArgumentException("the goal is for " + goalDate + ", the first value of " + from);
        }
    }

    /** @param points by date, oldest first, at least one */
    public static AimLine from(List<Point> points, double goal, LocalDate goalDate) {
        return new AimLine(points.get(0).date(), baseline(points), goalDate, goal);
    }

    /** Median of the first three values, or of as many as there are; at least one. */
    public static double baseline(List<Point> points) {
        return GroupFigures.medianOf(
                points.stream().limit(FIRST).mapToDouble(Point::value).sorted().toArray());
    }

    /** Where the student should be on a day. */
    public double at(LocalDate day) {
        double whole = ChronoUnit.DAYS.between(from, goalDate);
        return baseline + (goal - baseline) * ChronoUnit.DAYS.between(from, day) / whole;
    }

    /** How much it asks for in a week. */
    public double perWeek() {
        return (goal - baseline) / (ChronoUnit.DAYS.between(from, goalDate) / 7.0);
    }
}
