package zafu.core.grouping;

/** The standard normal distribution. */
final class Normal {
    private static final double ROOT_OF_TWO = Math.sqrt(2);
    private static final double ROOT_OF_PI = Math.sqrt(Math.PI);
    /** From here on the continued fraction is exact to the last digits with so many steps. */
    private static final double FAR = 2;

    private static final int STEPS = 200;

    private Normal() {}

    /** The share below {@code x}; exact to 1e-14, in the tails relatively. */
    static double below(double x) {
        return erfc(-x / ROOT_OF_TWO) / 2;
    }

    private static double erfc(double x) {
        if (x < 0) {
            return 2 - erfc(-x);
        }
        return x < FAR ? 1 - series(x) : fraction(x);
    }

    /** erf by its series 2/√π · e^(−x²) · Σ 2ⁿ x^(2n+1) / (1·3·…·(2n+1)): all terms add, so nothing cancels. */
    private static double series(double x) {
        double term = x;
        double sum = x;
        for (int n = 1; term > sum * 1e-17 && n < STEPS; n++) {
            term *= 2 * x * x / (2 * n + 1);
            sum += term;
        }
        return 2 / ROOT_OF_PI * Math.exp(-x * x) * sum;
    }

    /** erfc by its continued fraction, from the inside out. */
    private static double fraction(double x) {
        double inner = x;
        for (int n = STEPS; n > 0; n--) {
            inner = x + n / 2.0 / inner;
        }
        return Math.exp(-x * x) / ROOT_OF_PI / inner;
    }
}
