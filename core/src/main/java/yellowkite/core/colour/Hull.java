package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * All colours that some lights can mix: the shape around them in the u'v' diagram, where mixing runs along straight lines.
 *
 * @param corners in turn; one or two where the lights lie in one place or on one line
 */
public record Hull(List<Chromaticity> corners) {
    private static final double FLAT = 1e-12;

    public Hull {
        corners = List.copyOf(corners);
    }

    /** Source: A. M. Andrew, Another efficient algorithm for convex hulls in two dimensions (1979). @param lights at least one */
    public static Hull around(List<Chromaticity> lights) {
        var sorted = lights.stream()
            .distinct()
            .sorted(Comparator.comparingDouble(Chromaticity::u).thenComparingDouble(Chromaticity::v))
            .toList();
        if (sorted.size() < 3) {
            return new Hull(sorted);
        }
        var corners = new ArrayList<>(chain(sorted));
        corners.addAll(chain(sorted.reversed()));
        return new Hull(corners);
    }

    /** The lower side, without its last corner. */
    private static List<Chromaticity> chain(List<Chromaticity> sorted) {
        var side = new ArrayList<Chromaticity>();
        for (var point : sorted) {
            while (side.size() >= 2 && turn(side.get(side.size() - 2), side.getLast(), point) <= FLAT) {
                side.removeLast();
            }
            side.add(point);
        }
        side.removeLast();
        return side;
    }

    /** {@return more than 0 if the way from a over b to c turns left} */
    private static double turn(Chromaticity a, Chromaticity b, Chromaticity c) {
        return (b.u() - a.u()) * (c.v() - a.v()) - (b.v() - a.v()) * (c.u() - a.u());
    }

    public boolean contains(Chromaticity color) {
        if (corners.size() < 3) {
            return nearest(color).distanceTo(color) < 1e-6;
        }
        for (int i = 0; i < corners.size(); i++) {
            if (turn(corners.get(i), corners.get((i + 1) % corners.size()), color) < -FLAT) {
                return false;
            }
        }
        return true;
    }

    /** {@return the colour itself if it lies inside, else the one on the edge that looks most like it} */
    public Chromaticity nearest(Chromaticity color) {
        if (corners.size() >= 3 && contains(color)) {
            return color;
        }
        var best = corners.getFirst();
        for (int i = 0; i < corners.size(); i++) {
            var on = onEdge(corners.get(i), corners.get((i + 1) % corners.size()), color);
            best = on.distanceTo(color) < best.distanceTo(color) ? on : best;
        }
        return best;
    }

    private static Chromaticity onEdge(Chromaticity a, Chromaticity b, Chromaticity color) {
        double du = b.u() - a.u();
        double dv = b.v() - a.v();
        double length = du * du + dv * dv;
        double share = length == 0 ? 0 : Math.clamp(((color.u() - a.u()) * du + (color.v() - a.v()) * dv) / length, 0, 1);
        return Chromaticity.ofUv(a.u() + share * du, a.v() + share * dv);
    }
}
