package yellowkite.core.colour;

import java.util.Optional;

/**
 * A white by its nearest black body. Source: CIE 15 (correlated colour temperature), ANSI C78.377 (Duv).
 *
 * @param kelvin of the black body
 * @param duv distance from the locus of black bodies in the CIE 1960 u v diagram; more than 0 towards green, less towards magenta
 */
public record Temperature(double kelvin, double duv) {
    public static final double COLDEST = 100_000;
    public static final double WARMEST = 1_000;
    /** Farther from the locus a colour is no white, and its temperature means nothing. Source: CIE 15. */
    public static final double FARTHEST = 0.05;
    /** Figures that were written with few digits lie that much beside. */
    private static final double SLACK = 1e-6;
    /** Of a temperature: beyond the ends of the locus a colour has none. */
    private static final double BESIDE = 1e-5;
    private static final int STEPS = 400;
    /** The locus in equal steps of 1 / T, warmest first: there its points lie about equally far apart. */
    private static final double[][] LOCUS = locus();

    /**
     * {@return the colour of that white} @throws IllegalArgumentException if {@code kelvin} is not from {@link #WARMEST} to
     * {@link #COLDEST}
     */
    public Chromaticity chromaticity() {
        if (!(kelvin >= WARMEST && kelvin <= COLDEST)) {
            throw new IllegalArgumentException("kelvin must be in [" + WARMEST + ", " + COLDEST + "], was " + kelvin);
        }
        var on = uv(1 / kelvin);
        if (duv == 0) {
            return of1960(on);
        }
        var near = uv(1 / kelvin * 1.0001);
        double along = Math.hypot(near[0] - on[0], near[1] - on[1]);
        // towards warmer the locus runs to larger u; its left side, seen so, is the green one
        return of1960(new double[]{on[0] - duv * (near[1] - on[1]) / along, on[1] + duv * (near[0] - on[0]) / along});
    }

    /** {@return the temperature of a colour; none if it lies too far from every black body} */
    public static Optional<Temperature> of(Chromaticity color) {
        double u = color.u();
        double v = color.v() * 2 / 3;
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            double far = square(LOCUS[i][0] - u, LOCUS[i][1] - v);
            if (far < least) {
                least = far;
                best = i;
            }
        }
        if (least > (FARTHEST + SLACK) * (FARTHEST + SLACK)) {
            return Optional.empty();
        }
        int middle = Math.clamp(best, 1, STEPS - 1);
        var found = refined(u, v, reciprocal(middle - 1), reciprocal(middle), reciprocal(middle + 1));
        boolean beyond = found.kelvin() < WARMEST * (1 - BESIDE) || found.kelvin() > COLDEST * (1 + BESIDE);
        return beyond || Math.abs(found.duv()) > FARTHEST + SLACK ? Optional.empty()
                : Optional.of(new Temperature(Math.clamp(found.kelvin(), WARMEST, COLDEST), found.duv()));
    }

    /** The least of the parabola through three squared distances, once from the table's points and once from points close to that. */
    private static Temperature refined(double u, double v, double below, double middle, double above) {
        double found = vertex(u, v, below, middle, above);
        double step = Math.abs(above - below) / 40;
        found = vertex(u, v, found + step, found, found - step);
        var on = uv(found);
        double far = Math.sqrt(square(on[0] - u, on[1] - v));
        var near = uv(found * 1.0001);
        double side = (near[0] - on[0]) * (v - on[1]) - (near[1] - on[1]) * (u - on[0]);
        return new Temperature(1 / found, side >= 0 ? far : -far);
    }

    private static double vertex(double u, double v, double a, double b, double c) {
        double fa = far(u, v, a);
        double fb = far(u, v, b);
        double fc = far(u, v, c);
        double over = (b - a) * (b - a) * (fb - fc) - (b - c) * (b - c) * (fb - fa);
        double under = (b - a) * (fb - fc) - (b - c) * (fb - fa);
        return under == 0 ? b : Math.clamp(b - over / under / 2, Math.min(a, c), Math.max(a, c));
    }

    private static double far(double u, double v, double reciprocal) {
        var on = uv(reciprocal);
        return square(on[0] - u, on[1] - v);
    }

    private static double square(double a, double b) {
        return a * a + b * b;
    }

    private static double reciprocal(int step) {
        return 1 / WARMEST + (1 / COLDEST - 1 / WARMEST) * step / STEPS;
    }

    private static double[][] locus() {
        var points = new double[STEPS + 1][];
        for (int i = 0; i <= STEPS; i++) {
            points[i] = uv(reciprocal(i));
        }
        return points;
    }

    private static double[] uv(double reciprocal) {
        var seen = Spectrum.seenOfPlanck(1 / reciprocal).chromaticity();
        return new double[]{seen.u(), seen.v() * 2 / 3};
    }

    private static Chromaticity of1960(double[] uv) {
        return Chromaticity.ofUv(uv[0], uv[1] * 3 / 2);
    }
}
