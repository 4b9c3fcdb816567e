package yellowkite.core.curve;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.xml.Source;

/**
 * A curve through points in cubic pieces that join with one slope and never overshoot. Source: F. N. Fritsch and R. E. Carlson, Monotone
 * Piecewise Cubic Interpolation, SIAM J. Numer. Anal. 17 (1980); slopes as the harmonic mean of the neighbours, at the ends from three
 * points.
 */
public final class Smooth {
    private Smooth() {}

    /** A point that the curve goes through, both in [0, 1]. */
    public record Knot(double in, double out) {}

    /**
     * {@return the pieces}
     *
     * @param knots at least two, ascending in {@code in}
     */
    public static List<DmxProfile.Point> through(List<Knot> knots) {
        int last = knots.size() - 1;
        var slope = new double[last];
        for (int i = 0; i < last; i++) {
            slope[i] = (knots.get(i + 1).out() - knots.get(i).out()) / (knots.get(i + 1).in() - knots.get(i).in());
        }
        var tangent = new double[last + 1];
        tangent[0] = end(knots, slope, 0, 1);
        tangent[last] = end(knots, slope, last - 1, last - 2);
        for (int i = 1; i < last; i++) {
            tangent[i] = slope[i - 1] * slope[i] <= 0 ? 0 : between(knots, slope, i);
        }
        var pieces = new ArrayList<DmxProfile.Point>();
        for (int i = 0; i < last; i++) {
            double length = knots.get(i + 1).in() - knots.get(i).in();
            double c2 = (3 * slope[i] - 2 * tangent[i] - tangent[i + 1]) / length;
            double c3 = (tangent[i] + tangent[i + 1] - 2 * slope[i]) / (length * length);
            pieces.add(new DmxProfile.Point(100 * knots.get(i).in(), knots.get(i).out(), tangent[i], c2, c3, Source.NONE));
        }
        return pieces;
    }

    /**
     * At an end from three points, held within what keeps its piece monotone. @param own index of the slope at the end; {@code next} that
     * of the one beside it
     */
    private static double end(List<Knot> knots, double[] slope, int own, int next) {
        if (next < 0 || next >= slope.length) {
            return slope[own];
        }
        double here = knots.get(own + 1).in() - knots.get(own).in();
        double beside = knots.get(next + 1).in() - knots.get(next).in();
        double tangent = ((2 * here + beside) * slope[own] - here * slope[next]) / (here + beside);
        if (tangent * slope[own] <= 0) {
            return 0;
        }
        return slope[own] * slope[next] <= 0 && Math.abs(tangent) > 3 * Math.abs(slope[own]) ? 3 * slope[own] : tangent;
    }

    /**
     * The harmonic mean of both slopes, weighted by the lengths of their pieces: it keeps within three times the smaller one, which keeps
     * the piece monotone.
     */
    private static double between(List<Knot> knots, double[] slope, int i) {
        double before = knots.get(i).in() - knots.get(i - 1).in();
        double behind = knots.get(i + 1).in() - knots.get(i).in();
        double w1 = 2 * behind + before;
        double w2 = behind + 2 * before;
        return (w1 + w2) / (w1 / slope[i - 1] + w2 / slope[i]);
    }
}
