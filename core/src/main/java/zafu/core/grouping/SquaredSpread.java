package zafu.core.grouping;

/** Sum of squares about the mean of any run of a fixed list of values, each answered in constant time. */
final class SquaredSpread {
    private final double[] sums;
    private final double[] squares;

    SquaredSpread(double[] values) {
        sums = new double[values.length + 1];
        squares = new double[values.length + 1];
        // Values are measured from the middle one: subtracting large squares would eat the digits that matter.
        double origin = values.length == 0 ? 0 : values[values.length / 2];
        for (int i = 0; i < values.length; i++) {
            double x = values[i] - origin;
            sums[i + 1] = sums[i] + x;
            squares[i + 1] = squares[i] + x * x;
        }
    }

    /** Σ (x − mean)² over the values from {@code from} (included) to {@code to} (excluded), never negative. */
    double of(int from, int to) {
        double sum = sums[to] - sums[from];
        double spread = squares[to] - squares[from] - sum * sum / (to - from);
        return Math.max(0, spread);
    }

    double ofAll() {
        return sums.length == 1 ? 0 : of(0, sums.length - 1);
    }

    /** 1 − cost / spread of all; 1 when there is no spread to explain. */
    double fitOf(double cost) {
        double total = ofAll();
        return total <= 0 ? 1 : 1 - cost / total;
    }
}
