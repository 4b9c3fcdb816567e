package yellowkite.core.colour;

import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The spectrum of a colour that nobody measured: of all that are seen so, the one whose logarithm has the least slope. It is never
 * negative. Source: S. A. Burns, Numerical methods for smoothest reflectance reconstruction, Color Research and Application 45 (2020),
 * "least log slope squared".
 */
final class SmoothSpectrum {
    /** Wider apart than the observer's samples: a smooth spectrum needs no more, and is found in a tenth of the time. */
    private static final int STRIDE = 2;
    private static final int KNOTS = (Observer.SAMPLES - 1) / STRIDE + 1;
    private static final int SIZE = KNOTS + 3;
    private static final int ROUNDS = 60;
    private static final double MET = 1e-11;
    /** A colour at or beyond the edge of all that can be seen is taken from so little inside. */
    private static final double SMALLEST_STEP = 1e-3;
    private static final int KEPT = 1_024;
    private static final double[][] LIGHT = weights(flat());
    private static final Map<Xyz, double[]> LIGHTS = kept();
    private static final Map<Xyz, double[]> GLASSES = kept();

    private SmoothSpectrum() {}

    /** What glasses are judged in front of: a white of D65's colour and luminance 1. */
    private static final class White {
        static final double[] SAMPLES = light(Chromaticity.WHITE.at(1));
        static final double[][] WEIGHTS = weights(SAMPLES);
    }

    private static Map<Xyz, double[]> kept() {
        return Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Xyz, double[]> eldest) {
                return size() > KEPT;
            }
        });
    }

    private static double[] flat() {
        var flat = new double[Observer.SAMPLES];
        Arrays.fill(flat, 1);
        return flat;
    }

    /** {@return light that is seen as a colour} Black for what cannot be seen. */
    static double[] light(Xyz color) {
        return scaled(color, LIGHT, LIGHTS);
    }

    /**
     * {@return how much of each wavelength passes, so that white D65 of luminance 1 becomes a colour} May exceed 1 for a colour that no
     * glass can have.
     */
    static double[] glass(Xyz color) {
        return scaled(color, White.WEIGHTS, GLASSES);
    }

    /** Only the hue is looked for; its strength is a factor. */
    private static double[] scaled(Xyz color, double[][] weights, Map<Xyz, double[]> kept) {
        if (!(color.y() > 0)) {
            return new double[Observer.SAMPLES];
        }
        var hue = color.times(1 / color.y());
        var found = kept.get(hue);
        if (found == null) {
            found = spread(solve(hue, weights));
            kept.put(hue, found);
        }
        var out = new double[found.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = color.y() * found[i];
        }
        return out;
    }

    private static double[] spread(double[] knots) {
        var samples = new double[Observer.SAMPLES];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = i % STRIDE == 0 ? knots[i / STRIDE] : (knots[i / STRIDE] + knots[i / STRIDE + 1]) / 2;
        }
        return samples;
    }

    /** {@return what one at each knot is seen as, in front of that light} */
    private static double[][] weights(double[] light) {
        var weights = new double[3][KNOTS];
        for (int knot = 0; knot < KNOTS; knot++) {
            var one = new double[Observer.SAMPLES];
            int at = knot * STRIDE;
            one[at] = light[at];
            if (at > 0) {
                one[at - 1] = light[at - 1] / 2;
            }
            if (at + 1 < one.length) {
                one[at + 1] = light[at + 1] / 2;
            }
            var seen = Observer.see(one);
            weights[0][knot] = seen.x();
            weights[1][knot] = seen.y();
            weights[2][knot] = seen.z();
        }
        return weights;
    }

    /** From the flat spectrum towards the colour, in one step where that holds, else in ever smaller ones. */
    private static double[] solve(Xyz wanted, double[][] weights) {
        var state = new double[SIZE];
        var all = new Xyz(sum(weights[0]), sum(weights[1]), sum(weights[2]));
        Arrays.fill(state, 0, KNOTS, -Math.log(all.y()));
        var start = all.times(1 / all.y());
        double done = 0;
        double step = 1;
        while (done < 1 && step >= SMALLEST_STEP) {
            double to = Math.min(1, done + step);
            var next = newton(state, start.towards(wanted, to), weights);
            if (next == null) {
                step /= 2;
            } else {
                state = next;
                done = to;
                step *= 2;
            }
        }
        var knots = new double[KNOTS];
        for (int i = 0; i < KNOTS; i++) {
            knots[i] = Math.exp(state[i]);
        }
        return knots;
    }

    private static double sum(double[] values) {
        return Arrays.stream(values).sum();
    }

    /** {@return the state at which slope and colour hold; null if it is not found} */
    private static double @Nullable [] newton(double[] from, Xyz wanted, double[][] weights) {
        var state = from.clone();
        for (int round = 0; round < ROUNDS; round++) {
            var system = new double[SIZE][SIZE + 1];
            double miss = fill(system, state, wanted, weights);
            if (miss < MET) {
                return state;
            }
            if (!Double.isFinite(miss) || !eliminate(system)) {
                return null;
            }
            double longest = 0;
            for (int i = 0; i < KNOTS; i++) {
                longest = Math.max(longest, Math.abs(system[i][SIZE]));
            }
            double share = longest > 2 ? 2 / longest : 1; // a logarithm that jumps further overshoots
            for (int i = 0; i < SIZE; i++) {
                state[i] -= share * system[i][SIZE];
            }
        }
        return null;
    }

    /** The slopes' own equations with the three of the colour below; {@return how far the state is from meeting them} */
    private static double fill(double[][] system, double[] state, Xyz wanted, double[][] weights) {
        double[] seen = new double[3];
        double miss = 0;
        for (int i = 0; i < KNOTS; i++) {
            double value = Math.exp(state[i]);
            double pull = 0;
            for (int c = 0; c < 3; c++) {
                double part = value * weights[c][i];
                seen[c] += part;
                pull += part * state[KNOTS + c];
                system[i][KNOTS + c] = part;
                system[KNOTS + c][i] = part;
            }
            double bend = 0;
            if (i > 0) {
                system[i][i - 1] = -1;
                system[i][i] += 1;
                bend += state[i] - state[i - 1];
            }
            if (i + 1 < KNOTS) {
                system[i][i + 1] = -1;
                system[i][i] += 1;
                bend += state[i] - state[i + 1];
            }
            system[i][i] += pull;
            system[i][SIZE] = bend + pull;
            miss = Math.max(miss, Math.abs(bend + pull));
        }
        double[] aim = {wanted.x(), wanted.y(), wanted.z()};
        for (int c = 0; c < 3; c++) {
            system[KNOTS + c][SIZE] = seen[c] - aim[c];
            miss = Math.max(miss, Math.abs(seen[c] - aim[c]));
        }
        return miss;
    }

    /** Gauss, with the largest pivot of each column. {@return whether the system could be solved; its last column then is the answer} */
    private static boolean eliminate(double[][] rows) {
        for (int column = 0; column < SIZE; column++) {
            int pivot = column;
            for (int row = column + 1; row < SIZE; row++) {
                if (Math.abs(rows[row][column]) > Math.abs(rows[pivot][column])) {
                    pivot = row;
                }
            }
            var swap = rows[column];
            rows[column] = rows[pivot];
            rows[pivot] = swap;
            if (!(Math.abs(rows[column][column]) > 1e-300)) {
                return false;
            }
            for (int row = column + 1; row < SIZE; row++) {
                double factor = rows[row][column] / rows[column][column];
                if (factor != 0) {
                    for (int k = column; k <= SIZE; k++) {
                        rows[row][k] -= factor * rows[column][k];
                    }
                }
            }
        }
        for (int row = SIZE - 1; row >= 0; row--) {
            double sum = rows[row][SIZE];
            for (int k = row + 1; k < SIZE; k++) {
                sum -= rows[row][k] * rows[k][SIZE];
            }
            rows[row][SIZE] = sum / rows[row][row];
        }
        return true;
    }
}
