package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.List;

/** Flags that are driven into white light, asked the other way round: how far each must go in, 0 to 1, for a wanted colour. */
public final class Subtractive {
    private static final double MET = 1e-5;
    private static final int ROUNDS = 40;
    private static final double SMALL = 1e-5;
    /** In u'v': a step that brings less brings nothing. */
    private static final double STANDS = 1e-8;
    private static final double MOST_DAMPED = 1e3;
    private static final int EDGE_STEPS = 12;
    private static final double[] STARTS = {0.5, 0.1, 0.9};

    private Subtractive() {}

    /** {@return the light behind the flags} @param flags by how far they are in; as many as {@code levels} */
    public static Xyz mixed(Spectrum source, List<Glasses.Travel> flags, List<Double> levels) {
        var glass = Glass.CLEAR;
        for (int i = 0; i < flags.size(); i++) {
            glass = glass.and(flags.get(i).at(levels.get(i)));
        }
        return glass.pass(source);
    }

    /** {@return the colours that flags can make of a light, as the shape around all pairs of them} @param flags at least one */
    public static Hull gamut(Spectrum source, List<Glasses.Travel> flags) {
        var reached = new ArrayList<Chromaticity>();
        for (var pair : pairs(flags.size())) {
            for (int a = 0; a <= EDGE_STEPS; a++) {
                for (int b = 0; b <= EDGE_STEPS; b++) {
                    var seen = mixed(source, flags, levels(flags.size(), pair, (double) a / EDGE_STEPS, (double) b / EDGE_STEPS));
                    if (!seen.isBlack()) {
                        reached.add(seen.chromaticity());
                    }
                }
            }
        }
        return Hull.around(reached);
    }

    /** {@return how far each flag goes in: at most two of them, since a third only takes light} @param flags at least one */
    public static Mix solve(Spectrum source, List<Glasses.Travel> flags, Chromaticity wanted) {
        Mix best = null;
        double bestFar = Double.POSITIVE_INFINITY;
        for (var pair : pairs(flags.size())) {
            for (double start : STARTS) {
                var levels = search(source, flags, pair, wanted, start);
                var reached = mixed(source, flags, levels);
                double far = reached.chromaticity().distanceTo(wanted);
                boolean nearer = far < bestFar - MET;
                boolean brighter = far <= Math.max(MET, bestFar + MET) && best != null && reached.y() > best.reached().y();
                if (best == null || nearer || brighter) {
                    best = new Mix(levels, reached, far < 10 * MET);
                    bestFar = far;
                }
                if (far < MET) {
                    break; // other ways in lead to the same place
                }
            }
        }
        if (best == null) {
            throw new IllegalArgumentException("there is no flag");
        }
        return best;
    }

    private static List<int[]> pairs(int flags) {
        var pairs = new ArrayList<int[]>();
        for (int i = 0; i < flags; i++) {
            for (int j = i + 1; j < flags; j++) {
                pairs.add(new int[]{i, j});
            }
        }
        return flags == 1 ? List.of(new int[]{0, 0}) : pairs;
    }

    private static List<Double> levels(int flags, int[] pair, double a, double b) {
        var levels = new ArrayList<Double>();
        for (int i = 0; i < flags; i++) {
            levels.add(i == pair[0] ? a : i == pair[1] ? b : 0.0);
        }
        return levels;
    }

    /** Levenberg and Marquardt's steps in u'v', kept within 0 to 1. */
    private static List<Double> search(Spectrum source, List<Glasses.Travel> flags, int[] pair, Chromaticity wanted, double start) {
        double a = start;
        double b = start;
        double damping = 1e-3;
        double[] miss = miss(source, flags, pair, wanted, a, b);
        for (int round = 0; round < ROUNDS && square(miss) > MET * MET / 100; round++) {
            double ha = a > 0.5 ? -SMALL : SMALL; // a flag goes no further than all the way
            double hb = b > 0.5 ? -SMALL : SMALL;
            double[] byA = slope(miss, miss(source, flags, pair, wanted, a + ha, b), ha);
            double[] byB = slope(miss, miss(source, flags, pair, wanted, a, b + hb), hb);
            double aa = byA[0] * byA[0] + byA[1] * byA[1] + damping;
            double bb = byB[0] * byB[0] + byB[1] * byB[1] + damping;
            double ab = byA[0] * byB[0] + byA[1] * byB[1];
            double ra = byA[0] * miss[0] + byA[1] * miss[1];
            double rb = byB[0] * miss[0] + byB[1] * miss[1];
            double whole = aa * bb - ab * ab;
            double nextA = Math.clamp(a - (bb * ra - ab * rb) / whole, 0, 1);
            double nextB = Math.clamp(b - (aa * rb - ab * ra) / whole, 0, 1);
            var next = miss(source, flags, pair, wanted, nextA, nextB);
            double gain = Math.sqrt(square(miss)) - Math.sqrt(square(next));
            if (gain > 0) {
                a = nextA;
                b = nextB;
                miss = next;
                damping /= 8;
            } else {
                damping *= 8;
            }
            if (gain > 0 ? gain < STANDS : damping > MOST_DAMPED) {
                break; // it comes no nearer
            }
        }
        return levels(flags.size(), pair, a, b);
    }

    private static double[] miss(Spectrum source, List<Glasses.Travel> flags, int[] pair, Chromaticity wanted, double a, double b) {
        var first = flags.get(pair[0]).at(a);
        var seen = (pair[0] == pair[1] ? first : first.and(flags.get(pair[1]).at(b))).pass(source).chromaticity();
        return new double[]{seen.u() - wanted.u(), seen.v() - wanted.v()};
    }

    private static double[] slope(double[] from, double[] to, double h) {
        return new double[]{(to[0] - from[0]) / h, (to[1] - from[1]) / h};
    }

    private static double square(double[] miss) {
        return miss[0] * miss[0] + miss[1] * miss[1];
    }
}
