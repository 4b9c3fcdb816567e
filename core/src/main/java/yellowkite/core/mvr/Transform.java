package yellowkite.core.mvr;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.body.Place;

/**
 * Where something stands in what it stands in: three axes and an origin. Source: MVR, {@code Matrix}: {@code {u}{v}{w}{o}}, the origin in
 * millimetres.
 *
 * @param cells u, v, w, o, each as x, y, z
 */
record Transform(double[] cells) {
    private static final int CELLS = 12;
    private static final double MILLIMETRES = 1_000;
    private static final Pattern ROW = Pattern.compile("\\{([^{}]*)}");
    static final Transform IDENTITY = new Transform(new double[]{1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0});

    /** {@return what is written; none if it is no matrix} */
    static Optional<Transform> parse(String text) {
        var rows = ROW.matcher(text);
        var cells = new double[CELLS];
        int at = 0;
        while (rows.find()) {
            for (var cell : rows.group(1).split(",")) {
                try {
                    double value = Double.parseDouble(cell.strip());
                    if (at == CELLS || !Double.isFinite(value)) {
                        return Optional.empty();
                    }
                    cells[at++] = value;
                } catch (NumberFormatException none) {
                    return Optional.empty();
                }
            }
        }
        return at == CELLS ? Optional.of(new Transform(cells)) : Optional.empty();
    }

    String written() {
        var text = new StringBuilder();
        for (int row = 0; row < CELLS; row += 3) {
            text.append(String.format(Locale.ROOT, "{%f,%f,%f}", rounded(cells[row]), rounded(cells[row + 1]), rounded(cells[row + 2])));
        }
        return text.toString();
    }

    /** To six digits, and never less than nothing by a hair. */
    private static double rounded(double cell) {
        return Math.round(cell * 1e6) / 1e6 + 0.0;
    }

    /** {@return this, seen from what {@code outer} stands in} */
    Transform in(Transform outer) {
        var seen = new double[CELLS];
        for (int row = 0; row < CELLS; row += 3) {
            for (int i = 0; i < 3; i++) {
                seen[row + i] = cells[row] * outer.cells[i] + cells[row + 1] * outer.cells[3 + i] + cells[row + 2] * outer.cells[6 + i]
                        + (row == 9 ? outer.cells[9 + i] : 0);
            }
        }
        return new Transform(seen);
    }

    /** {@return what undoes this; none if it is flat} */
    Optional<Transform> inverse() {
        double[] m = cells;
        double det = m[0] * (m[4] * m[8] - m[5] * m[7]) - m[1] * (m[3] * m[8] - m[5] * m[6]) + m[2] * (m[3] * m[7] - m[4] * m[6]);
        if (Math.abs(det) < 1e-12) {
            return Optional.empty();
        }
        var back = new double[CELLS];
        back[0] = (m[4] * m[8] - m[5] * m[7]) / det;
        back[1] = (m[2] * m[7] - m[1] * m[8]) / det;
        back[2] = (m[1] * m[5] - m[2] * m[4]) / det;
        back[3] = (m[5] * m[6] - m[3] * m[8]) / det;
        back[4] = (m[0] * m[8] - m[2] * m[6]) / det;
        back[5] = (m[2] * m[3] - m[0] * m[5]) / det;
        back[6] = (m[3] * m[7] - m[4] * m[6]) / det;
        back[7] = (m[1] * m[6] - m[0] * m[7]) / det;
        back[8] = (m[0] * m[4] - m[1] * m[3]) / det;
        for (int i = 0; i < 3; i++) {
            back[9 + i] = -(m[9] * back[i] + m[10] * back[3 + i] + m[11] * back[6 + i]);
        }
        return Optional.of(new Transform(back));
    }

    /** {@return the place in metres, turned about x, then y, then z} */
    Place place() {
        double[] u = unit(0);
        double[] v = unit(3);
        double[] w = unit(6);
        return new Place(cells[9] / MILLIMETRES, cells[10] / MILLIMETRES, cells[11] / MILLIMETRES, degrees(Math.atan2(v[2], w[2])),
                degrees(Math.asin(Math.clamp(-u[2], -1, 1))), degrees(Math.atan2(u[1], u[0])));
    }

    static Transform of(Place place) {
        double a = Math.toRadians(place.turnX());
        double b = Math.toRadians(place.turnY());
        double c = Math.toRadians(place.turnZ());
        double sa = Math.sin(a);
        double ca = Math.cos(a);
        double sb = Math.sin(b);
        double cb = Math.cos(b);
        double sc = Math.sin(c);
        double cc = Math.cos(c);
        return new Transform(new double[]{cb * cc, cb * sc, -sb, sa * sb * cc - ca * sc, sa * sb * sc + ca * cc, sa * cb,
                ca * sb * cc + sa * sc, ca * sb * sc - sa * cc, ca * cb, place.x() * MILLIMETRES, place.y() * MILLIMETRES,
                place.z() * MILLIMETRES});
    }

    private double[] unit(int row) {
        double length = Math.sqrt(cells[row] * cells[row] + cells[row + 1] * cells[row + 1] + cells[row + 2] * cells[row + 2]);
        return length == 0 ? new double[]{0, 0, 0}
                : new double[]{cells[row] / length, cells[row + 1] / length, cells[row + 2] / length};
    }

    /** To a millionth, so that a half turn that was written with six digits is one. */
    private static double degrees(double radians) {
        double rounded = Math.round(Math.toDegrees(radians) * 1e4) / 1e4;
        return rounded == 0 ? 0 : rounded;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Transform transform && Arrays.equals(cells, transform.cells);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(cells);
    }
}
