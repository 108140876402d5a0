package zafu.core.growth;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import zafu.core.grouping.GroupFigures;

/**
 * How much values change in a week. Rule 7, with x in weeks of seven days since the first date.
 *
 * @param perWeek slope of the least squares line, in the measure's unit; empty with fewer than two dates
 * @param medianPerWeek median of the slopes between all pairs of dates (Theil–Sen), which one odd value does not move
 * @param meanWeeks where the least squares line is at {@code meanValue}
 */
public record Trend(OptionalDouble perWeek, OptionalDouble medianPerWeek, double meanWeeks, double meanValue) {
    private static final double DAYS = 7;

    /** @param points by date, oldest first */
    public static Trend of(List<Point> points) {
        double meanWeeks = points.stream()
                .mapToDouble(each -> weeks(points, each))
                .average()
                .orElse(0);
        double meanValue = points.stream().mapToDouble(Point::value).average().orElse(0);
        double across = 0;
        double squares = 0;
        for (Point each : points) {
            double x = weeks(points, each) - meanWeeks;
            across += x * (each.value() - meanValue);
            squares += x * x;
        }
        OptionalDouble slope = squares > 0 ? OptionalDouble.of(across / squares) : OptionalDouble.empty();
        return new Trend(slope, medianSlope(points), meanWeeks, meanValue);
    }

    /** The value of the least squares line, {@code weeks} after the first date; empty where there is no line. */
    public OptionalDouble at(double weeks) {
        return perWeek.isPresent()
                ? OptionalDouble.of(meanValue + perWeek.getAsDouble() * (weeks - meanWeeks))
                : OptionalDouble.empty();
    }

    private static OptionalDouble medianSlope(List<Point> points) {
        List<Double> slopes = new ArrayList<>();
        for (int later = 1; later < points.size(); later++) {
            for (int earlier = 0; earlier < later; earlier++) {
                double weeks = weeks(points, points.get(later)) - weeks(points, points.get(earlier));
                if (weeks > 0) {
                    slopes.add((points.get(later).value() - points.get(earlier).value()) / weeks);
                }
            }
        }
        double[] sorted =
                slopes.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(GroupFigures.medianOf(sorted));
    }

    private static double weeks(List<Point> points, Point each) {
        return ChronoUnit.DAYS.between(points.get(0).date(), each.date()) / DAYS;
    }
}
