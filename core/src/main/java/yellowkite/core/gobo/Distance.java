package yellowkite.core.gobo;

import java.util.Arrays;
import java.util.function.IntPredicate;

/**
 * How far every pixel lies from the nearest one that stands out. Source: P. Felzenszwalb and D. Huttenlocher, Distance Transforms of
 * Sampled Functions (2012).
 */
final class Distance {
    private static final double FAR = 1e12;

    private Distance() {}

    /**
     * {@return squared distances from each pixel's centre to that of the nearest for which {@code edge} holds; very far if there is none}
     */
    static double[] squared(int size, IntPredicate edge) {
        var field = new double[size * size];
        for (int i = 0; i < field.length; i++) {
            field[i] = edge.test(i) ? 0 : FAR;
        }
        var line = new double[size];
        var swept = new double[size];
        var from = new int[size];
        var bounds = new double[size + 1];
        for (int x = 0; x < size; x++) {
            for (int y = 0; y < size; y++) {
                line[y] = field[y * size + x];
            }
            sweep(line, swept, from, bounds);
            for (int y = 0; y < size; y++) {
                field[y * size + x] = swept[y];
            }
        }
        for (int y = 0; y < size; y++) {
            System.arraycopy(field, y * size, line, 0, size);
            sweep(line, swept, from, bounds);
            System.arraycopy(swept, 0, field, y * size, size);
        }
        return field;
    }

    /** The lower envelope of parabolas that stand on each value of the line. */
    private static void sweep(double[] line, double[] swept, int[] from, double[] bounds) {
        int last = 0;
        from[0] = 0;
        Arrays.fill(bounds, Double.POSITIVE_INFINITY);
        bounds[0] = Double.NEGATIVE_INFINITY;
        for (int q = 1; q < line.length; q++) {
            double meets = meet(line, q, from[last]);
            while (meets <= bounds[last]) {
                last--;
                meets = meet(line, q, from[last]);
            }
            last++;
            from[last] = q;
            bounds[last] = meets;
            bounds[last + 1] = Double.POSITIVE_INFINITY;
        }
        int at = 0;
        for (int q = 0; q < line.length; q++) {
            while (bounds[at + 1] < q) {
                at++;
            }
            swept[q] = (double) (q - from[at]) * (q - from[at]) + line[from[at]];
        }
    }

    private static double meet(double[] line, int q, int p) {
        return (line[q] + (double) q * q - line[p] - (double) p * p) / (2.0 * q - 2.0 * p);
    }
}
