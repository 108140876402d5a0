package zafu.core.growth;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zafu.core.grouping.GroupFigures;

/**
 * Whether groups grew apart or together: the distance from the lowest group median to the highest, by each member's
 * first value and by each member's last. Members with one date only say nothing.
 *
 * @param before distance by the first values, in the measure's unit
 * @param now distance by the last values
 */
public record GroupsApart(double before, double now) {
    /** What the two distances say. */
    public enum Way {
        APART,
        TOGETHER,
        ALIKE
    }

    /**
     * @param members by group, the values of each member by date, oldest first
     * @return empty where fewer than two groups have a member with two dates
     */
    public static <G> Optional<GroupsApart> of(Map<G, List<List<Point>>> members) {
        List<Double> first = new ArrayList<>();
        List<Double> last = new ArrayList<>();
        for (List<List<Point>> group : members.values()) {
            List<List<Point>> told =
                    group.stream().filter(GroupsApart::hasTwoDates).toList();
            if (!told.isEmpty()) {
                first.add(median(told.stream().map(points -> points.get(0)).toList()));
                last.add(median(told.stream()
                        .map(points -> points.get(points.size() - 1))
                        .toList()));
            }
        }
        return first.size() < 2 ? Optional.empty() : Optional.of(new GroupsApart(distance(first), distance(last)));
    }

    /** @param error the measure's standard error; a change within it is no change */
    public Way way(double error) {
        double change = now - before;
        if (Math.abs(change) <= error) {
            return Way.ALIKE;
        }
        return change > 0 ? Way.APART : Way.TOGETHER;
    }

    private static boolean hasTwoDates(List<Point> points) {
        return !points.isEmpty()
                && points.get(points.size() - 1).date().isAfter(points.get(0).date());
    }

    private static double median(List<Point> points) {
        return GroupFigures.medianOf(
                points.stream().mapToDouble(Point::value).sorted().toArray());
    }

    private static double distance(List<Double> medians) {
        double highest = medians.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return highest - medians.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }
}
