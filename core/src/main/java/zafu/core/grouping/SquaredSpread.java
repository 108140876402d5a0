package zafu.core.grouping;

import java.math.BigDecimal;
import java.util.Arrays;

/**
 * Sum of squares about the mean of any run of a fixed list of values, each answered in constant time. Decimals are counted
 * in units of their last place, so that neither 0.1 nor a large offset leaves a trace where there is no spread at all.
 */
final class SquaredSpread {
    private static final int MOST_DECIMALS = 9;
    /** Whole numbers, and the products of them that are needed, stay exact below it. */
    private static final double EXACT_BELOW = 4e18;

    private final Runs runs;
    private final int length;

    SquaredSpread(double[] values) {
        length = values.length;
        runs = Whole.tryOf(values);
    }

    /** Sums over runs of the values. */
    private sealed interface Runs {
        double spread(int from, int to);
    }

    /** @param unit of the last decimal place */
    private record Whole(long[] sums, long[] squares, double unit) implements Runs {

        /** Whole numbers where the values are decimals of few places, else {@link Rounded} ones. */
        static Runs tryOf(double[] values) {
            int decimals = Arrays.stream(values).mapToInt(Whole::decimals).max().orElse(0);
            if (decimals > MOST_DECIMALS) {
                return Rounded.of(values);
            }
            BigDecimal origin = values.length == 0 ? BigDecimal.ZERO : BigDecimal.valueOf(values[values.length / 2]);
            long[] sums = new long[values.length + 1];
            long[] squares = new long[values.length + 1];
            for (int i = 0; i < values.length; i++) {
                BigDecimal counted =
                        BigDecimal.valueOf(values[i]).subtract(origin).movePointRight(decimals);
                double size = Math.max(1, Math.abs(counted.doubleValue())) * values.length;
                if (size * size > EXACT_BELOW) {
                    return Rounded.of(values);
                }
                long x = counted.longValueExact();
                sums[i + 1] = sums[i] + x;
                squares[i + 1] = squares[i] + x * x;
            }
            return new Whole(sums, squares, Math.pow(10, -decimals));
        }

        private static int decimals(double value) {
            return Double.isFinite(value)
                    ? Math.max(0, BigDecimal.valueOf(value).stripTrailingZeros().scale())
                    : Integer.MAX_VALUE;
        }

        @Override
        public double spread(int from, int to) {
            int count = to - from;
            long sum = sums[to] - sums[from];
            long timesCount = count * (squares[to] - squares[from]) - sum * sum;
            return (double) timesCount / count * unit * unit;
        }
    }

    private record Rounded(double[] sums, double[] squares) implements Runs {

        static Rounded of(double[] values) {
            double[] sums = new double[values.length + 1];
            double[] squares = new double[values.length + 1];
            // Values are measured from the middle one: subtracting large squares would eat the digits that matter.
            double origin = values[values.length / 2];
            for (int i = 0; i < values.length; i++) {
                double x = values[i] - origin;
                sums[i + 1] = sums[i] + x;
                squares[i + 1] = squares[i] + x * x;
            }
            return new Rounded(sums, squares);
        }

        @Override
        public double spread(int from, int to) {
            double sum = sums[to] - sums[from];
            return Math.max(0, squares[to] - squares[from] - sum * sum / (to - from));
        }
    }

    /** Σ (x − mean)² over the values from {@code from} (included) to {@code to} (excluded), never negative. */
    double of(int from, int to) {
        return runs.spread(from, to);
    }

    double ofAll() {
        return length == 0 ? 0 : of(0, length);
    }

    /** 1 − cost / spread of all; 1 when there is no spread to explain. */
    double fitOf(double cost) {
        double total = ofAll();
        return total <= 0 ? 1 : 1 - cost / total;
    }
}
