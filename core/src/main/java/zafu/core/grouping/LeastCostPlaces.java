package zafu.core.grouping;

import java.util.Arrays;
import java.util.Optional;

/**
 * Gives every person one place of least total cost, exactly, where each place takes from so many to so many: a
 * minimum-cost flow, one person after the other along the cheapest chain of moves. A place that still lacks people
 * is worth more than any cost, so that the least numbers are filled whenever they can be. O(n · m · (n + m)).
 */
final class LeastCostPlaces {
    private static final int NOBODY = -1;
    private final double[][] cost;
    private final Room room;
    private final double reward;
    private final int[] placeOf;
    private final int[] taken;

    private LeastCostPlaces(double[][] cost, Room room) {
        this.cost = cost;
        this.room = room;
        double dearest = Arrays.stream(cost)
                .flatMapToDouble(Arrays::stream)
                .filter(Double::isFinite)
                .max()
                .orElse(0);
        reward = (dearest + 1) * (cost.length + 1);
        placeOf = new int[cost.length];
        Arrays.fill(placeOf, NOBODY);
        taken = new int[room.groups()];
    }

    /**
     * The place of each person; empty where the numbers cannot be kept.
     *
     * @param cost of each person at each place; infinite where they must not be
     */
    static Optional<int[]> find(double[][] cost, Room room) {
        LeastCostPlaces places = new LeastCostPlaces(cost, room);
        for (int person = 0; person < cost.length; person++) {
            if (!places.seat(person)) {
                return Optional.empty();
            }
        }
        for (int place = 0; place < room.groups(); place++) {
            if (places.taken[place] < room.least()[place]) {
                return Optional.empty();
            }
        }
        return Optional.of(places.placeOf);
    }

    /** Cheapest chain: the person takes a place, whoever leaves it takes another, until one place takes one more. */
    private boolean seat(int person) {
        int m = room.groups();
        double[] way = cost[person].clone();
        int[] from = new int[m];
        int[] mover = new int[m];
        Arrays.fill(from, NOBODY);
        Arrays.fill(mover, person);
        for (boolean shorter = true; shorter; ) {
            shorter = false;
            for (int other = 0; other < cost.length; other++) {
                int at = placeOf[other];
                if (at == NOBODY || Double.isInfinite(way[at])) {
                    continue;
                }
                for (int to = 0; to < m; to++) {
                    double longer = way[at] + cost[other][to] - cost[other][at];
                    if (longer < way[to] - 1e-9) {
                        way[to] = longer;
                        from[to] = at;
                        mover[to] = other;
                        shorter = true;
                    }
                }
            }
        }
        int end = cheapestEnd(way);
        if (end == NOBODY) {
            return false;
        }
        taken[end]++;
        for (int place = end; place != NOBODY; ) {
            placeOf[mover[place]] = place;
            place = from[place];
        }
        return true;
    }

    private int cheapestEnd(double[] way) {
        int end = NOBODY;
        double best = Double.POSITIVE_INFINITY;
        for (int place = 0; place < way.length; place++) {
            double whole = way[place] - (taken[place] < room.least()[place] ? reward : 0);
            if (taken[place] < room.most()[place] && whole < best) {
                best = whole;
                end = place;
            }
        }
        return end;
    }
}
