package yellowkite.core.gobo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * The edges between light and dark, as closed lines around the light; lines within lines are holes.
 *
 * @param rings each with its corners in turn, x and y in pixels of the picture, the first not repeated
 * @param size of the picture
 */
public record Outline(List<double[][]> rings, int size) {
    private static final double EDGE = 127.5;
    private static final int NONE = -1;
    /** More corners than this no line view can draw, and no drawing has. */
    private static final int MOST_CORNERS = 400_000;

    public Outline {
        rings = List.copyOf(rings);
    }

    /**
     * Traces by marching squares, the edges found to a part of a pixel, then leaves out corners that lie within {@code tolerance} pixels of
     * the line without them. Source: D. Douglas and T. Peucker, Algorithms for the reduction of the number of points (1973).
     *
     * @throws PictureRefused if there are more edges than a line view can draw
     */
    public static Outline trace(Picture gobo, double tolerance) {
        int side = gobo.width() + 2; // a dark border closes every line
        var light = new double[side * side];
        for (int y = 0; y < gobo.height(); y++) {
            for (int x = 0; x < gobo.width(); x++) {
                int argb = gobo.at(x, y);
                light[(y + 1) * side + x + 1] = Picture.brightness(argb) * Picture.opacity(argb) / 255.0;
            }
        }
        var next = links(light, side);
        var rings = new ArrayList<double[][]>();
        int corners = 0;
        for (int start = 0; start < next.length; start++) {
            if (next[start] == NONE) {
                continue;
            }
            var ring = new ArrayList<double[]>();
            int at = start;
            while (next[at] != NONE) {
                ring.add(place(light, side, at));
                int then = next[at];
                next[at] = NONE;
                at = then;
                if (++corners > MOST_CORNERS) {
                    throw new PictureRefused("This picture has too many edges to be traced; cut it as a stencil, or smooth it first.");
                }
            }
            var simple = simplified(ring.toArray(double[][]::new), tolerance);
            if (simple.length >= 3) {
                rings.add(simple);
            }
        }
        return new Outline(rings, gobo.width());
    }

    /**
     * For each side between two pixels that the edge crosses, the one that it crosses next: light lies to its left. Sides downwards follow
     * those to the right.
     */
    private static int[] links(double[] light, int side) {
        var next = new int[2 * side * side];
        Arrays.fill(next, NONE);
        for (int y = 0; y + 1 < side; y++) {
            for (int x = 0; x + 1 < side; x++) {
                int a = y * side + x;
                boolean tl = light[a] >= EDGE;
                boolean tr = light[a + 1] >= EDGE;
                boolean br = light[a + side + 1] >= EDGE;
                boolean bl = light[a + side] >= EDGE;
                int top = a;
                int bottom = a + side;
                int left = side * side + a;
                int right = side * side + a + 1;
                switch ((tl ? 1 : 0) | (tr ? 2 : 0) | (br ? 4 : 0) | (bl ? 8 : 0)) {
                    case 1 -> next[left] = top;
                    case 2 -> next[top] = right;
                    case 3 -> next[left] = right;
                    case 4 -> next[right] = bottom;
                    case 6 -> next[top] = bottom;
                    case 7 -> next[left] = bottom;
                    case 8 -> next[bottom] = left;
                    case 9 -> next[bottom] = top;
                    case 11 -> next[bottom] = right;
                    case 12 -> next[right] = left;
                    case 13 -> next[right] = top;
                    case 14 -> next[top] = left;
                    case 5, 10 -> {
                        boolean bridged = (light[a] + light[a + 1] + light[a + side] + light[a + side + 1]) / 4 >= EDGE;
                        if (tl) {
                            next[bridged ? right : left] = top;
                            next[bridged ? left : right] = bottom;
                        } else {
                            next[top] = bridged ? left : right;
                            next[bottom] = bridged ? right : left;
                        }
                    }
                    default -> {
                    }
                }
            }
        }
        return next;
    }

    /** Where the edge crosses a side, from the brightness at both its ends; a pixel's brightness is that of its centre. */
    private static double[] place(double[] light, int side, int crossed) {
        boolean down = crossed >= side * side;
        int a = down ? crossed - side * side : crossed;
        int b = down ? a + side : a + 1;
        double share = (EDGE - light[a]) / (light[b] - light[a]);
        return new double[]{a % side - 0.5 + (down ? 0 : share), a / side - 0.5 + (down ? share : 0)};
    }

    private static double[][] simplified(double[][] ring, double tolerance) {
        int half = farthest(ring, 0);
        var kept = new boolean[ring.length];
        kept[0] = true;
        kept[half] = true;
        keep(ring, kept, 0, half, tolerance);
        keep(ring, kept, half, ring.length, tolerance);
        var simple = new ArrayList<double[]>();
        for (int i = 0; i < ring.length; i++) {
            if (kept[i]) {
                simple.add(ring[i]);
            }
        }
        return simple.toArray(double[][]::new);
    }

    private static int farthest(double[][] ring, int from) {
        int best = from;
        double most = -1;
        for (int i = 0; i < ring.length; i++) {
            double far = Math.hypot(ring[i][0] - ring[from][0], ring[i][1] - ring[from][1]);
            if (far > most) {
                most = far;
                best = i;
            }
        }
        return best;
    }

    /** @param to may be the ring's length: then it is its first corner */
    private static void keep(double[][] ring, boolean[] kept, int from, int to, double tolerance) {
        var open = new ArrayList<int[]>();
        open.add(new int[]{from, to});
        while (!open.isEmpty()) {
            var span = open.removeLast();
            var a = ring[span[0]];
            var b = ring[span[1] % ring.length];
            double most = tolerance;
            int best = NONE;
            for (int i = span[0] + 1; i < span[1]; i++) {
                double far = toLine(ring[i], a, b);
                if (far > most) {
                    most = far;
                    best = i;
                }
            }
            if (best != NONE) {
                kept[best] = true;
                open.add(new int[]{span[0], best});
                open.add(new int[]{best, span[1]});
            }
        }
    }

    private static double toLine(double[] p, double[] a, double[] b) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double length = dx * dx + dy * dy;
        double share = length == 0 ? 0 : Math.clamp(((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / length, 0, 1);
        return Math.hypot(p[0] - a[0] - share * dx, p[1] - a[1] - share * dy);
    }

    /** {@return the lines as the path of a drawing; filled by the even-odd rule it is the light} */
    public String path() {
        var text = new StringBuilder();
        for (var ring : rings) {
            for (int i = 0; i < ring.length; i++) {
                text.append(i == 0 ? 'M' : 'L').append(String.format(Locale.ROOT, "%.1f %.1f", ring[i][0], ring[i][1]));
            }
            text.append('Z');
        }
        return text.toString();
    }

    /** {@return a drawing (SVG) of the lines} */
    public String svg() {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + size + " " + size
                + "\"><path fill=\"none\" stroke=\"#000\" stroke-width=\"" + size / 256.0 + "\" d=\"" + path() + "\"/></svg>";
    }
}
