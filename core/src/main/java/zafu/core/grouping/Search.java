package zafu.core.grouping;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * The search that all methods share: from a seating that keeps the rules it moves blocks and exchanges one against one or
 * several, at first also to the worse, ever less so, and at last only to the better. It begins anew from the best found,
 * and now and then from far away. The same question and seed walk the same way, and a count of steps ends it, never a
 * clock.
 */
final class Search {
    private static final int RESTARTS = 16;
    private static final int STEPS_PER_BLOCK = 2_000;
    private static final int LEAST_STEPS = 20_000;
    private static final double COOLEST = 1e-4;
    private static final double SMALL = 1e-12;
    /** What one exchange moves on each side at most. */
    private static final int MOST_AT_ONCE = 3;
    /** Above so many blocks in two groups, exchanges of two against two are left to chance. */
    private static final int PAIRS_UP_TO = 80;

    private final Seats seats;
    private final SplittableRandom random;

    Search(Seats seats, long seed) {
        this.seats = seats;
        this.random = new SplittableRandom(seed);
    }

    /** The best seating found, with what it costs. */
    record Found(int[] groupOf, double cost) {}

    Found from(int[] start) {
        seats.settle(start);
        Found best = new Found(start.clone(), seats.total());
        if (seats.count() < 2 || seats.groups() < 2) {
            return best;
        }
        int steps = Math.max(LEAST_STEPS, STEPS_PER_BLOCK * seats.count());
        for (int restart = 0; restart < RESTARTS; restart++) {
            boolean afar = restart % 2 == 0;
            seats.settle(best.groupOf);
            anneal(steps, afar ? 1 : 0.3);
            descend();
            double now = seats.total();
            if (now < best.cost - SMALL) {
                best = new Found(seats.seating(), now);
            }
        }
        return best;
    }

    private void anneal(int steps, double heat) {
        double hottest = heat * typicalDifference();
        if (hottest <= 0) {
            return;
        }
        double cooling = Math.pow(COOLEST, 1.0 / steps);
        double temperature = hottest;
        for (int step = 0; step < steps; step++) {
            temperature *= cooling;
            Exchange change = anyExchange();
            if (change != null) {
                double difference = seats.difference(change);
                if (difference <= 0 || random.nextDouble() < Math.exp(-difference / temperature)) {
                    seats.carryOut(change);
                }
            }
        }
    }

    private double typicalDifference() {
        double sum = 0;
        int counted = 0;
        for (int i = 0; i < 200; i++) {
            Exchange change = anyExchange();
            if (change != null) {
                sum += Math.abs(seats.difference(change));
                counted++;
            }
        }
        return counted == 0 ? 0 : sum / counted;
    }

    private @Nullable Exchange anyExchange() {
        int one = random.nextInt(seats.count());
        int from = seats.groupOf(one);
        int kind = random.nextInt(4);
        if (kind == 0) {
            return allowed(Exchange.move(one, from, random.nextInt(seats.groups())));
        }
        if (kind < 3) {
            int other = random.nextInt(seats.count());
            return allowed(Exchange.swap(one, from, other, seats.groupOf(other)));
        }
        return severalFor(one, from, random.nextInt(seats.groups()));
    }

    private @Nullable Exchange allowed(Exchange wanted) {
        return seats.allows(wanted) ? wanted : null;
    }

    /** Blocks of either group join in until both have as many students as they should. */
    private @Nullable Exchange severalFor(int one, int from, int to) {
        if (from == to) {
            return null;
        }
        Exchange wanted = Exchange.move(one, from, to);
        while (true) {
            int excess = seats.excess(wanted);
            if (excess == 0) {
                return allowed(wanted);
            }
            int[] more = joined(excess < 0 ? wanted.back() : wanted.out(), excess < 0 ? to : from);
            if (more.length == 0) {
                return null;
            }
            wanted = excess < 0
                    ? new Exchange(from, to, wanted.out(), more)
                    : new Exchange(from, to, more, wanted.back());
        }
    }

    /** With one more of a group; none where there are enough. */
    private int[] joined(int[] several, int group) {
        if (several.length == MOST_AT_ONCE || seats.membersOf(group) <= several.length) {
            return new int[0];
        }
        int another = seats.member(group, random.nextInt(seats.membersOf(group)));
        while (isAmong(several, another)) {
            another = seats.member(group, random.nextInt(seats.membersOf(group)));
        }
        int[] more = Arrays.copyOf(several, several.length + 1);
        more[several.length] = another;
        return more;
    }

    private static boolean isAmong(int[] several, int one) {
        return Arrays.stream(several).anyMatch(each -> each == one);
    }

    /** Takes whatever makes it better until nothing does. */
    private void descend() {
        // Sums that were moved about a million times are worked out afresh, so that rounding does not decide.
        seats.settle(seats.seating());
        boolean better = true;
        while (better) {
            better = betterByOne() || betterBySeveral();
        }
    }

    private boolean betterByOne() {
        boolean better = false;
        for (int one = 0; one < seats.count(); one++) {
            for (int to = 0; to < seats.groups(); to++) {
                better |= takeIfBetter(Exchange.move(one, seats.groupOf(one), to));
            }
            for (int other = one + 1; other < seats.count(); other++) {
                better |= takeIfBetter(Exchange.swap(one, seats.groupOf(one), other, seats.groupOf(other)));
            }
        }
        return better;
    }

    /** One against two, two against one, and two against two, between any two groups. */
    private boolean betterBySeveral() {
        for (int from = 0; from < seats.groups(); from++) {
            for (int to = 0; to < from; to++) {
                if (seats.membersOf(from) + seats.membersOf(to) <= PAIRS_UP_TO && betterBetween(from, to)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean betterBetween(int from, int to) {
        int[][] out = onesAndTwos(from);
        int[][] back = onesAndTwos(to);
        for (int[] going : out) {
            for (int[] coming : back) {
                if (going.length + coming.length > 2 && takeIfBetter(new Exchange(from, to, going, coming))) {
                    return true;
                }
            }
        }
        return false;
    }

    private int[][] onesAndTwos(int group) {
        int count = seats.membersOf(group);
        int[][] found = new int[count + count * (count - 1) / 2][];
        int at = 0;
        for (int i = 0; i < count; i++) {
            found[at++] = new int[] {seats.member(group, i)};
            for (int j = 0; j < i; j++) {
                found[at++] = new int[] {seats.member(group, i), seats.member(group, j)};
            }
        }
        return found;
    }

    private boolean takeIfBetter(Exchange wanted) {
        if (!seats.allows(wanted) || seats.difference(wanted) >= -SMALL) {
            return false;
        }
        seats.carryOut(wanted);
        return true;
    }
}
