package yellowkite.core.mvr;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.joml.Matrix4d;
import org.joml.Matrix4dc;
import yellowkite.core.body.Frames;
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

    private static Transform of(Matrix4dc frame) {
        var cells = new double[CELLS];
        for (int row = 0; row < CELLS; row += 3) {
            for (int i = 0; i < 3; i++) {
                cells[row + i] = frame.get(row / 3, i); // a row here is a column there
            }
        }
        return new Transform(cells);
    }

    private Matrix4d frame() {
        var frame = new Matrix4d();
        for (int row = 0; row < CELLS; row += 3) {
            for (int i = 0; i < 3; i++) {
                frame.set(row / 3, i, cells[row + i]);
            }
        }
        return frame;
    }

    /** {@return this, seen from what {@code outer} stands in} */
    Transform in(Transform outer) {
        return of(outer.frame().mul(frame()));
    }

    /** {@return what undoes this; none if it is flat} */
    Optional<Transform> inverse() {
        var frame = frame();
        return Math.abs(frame.determinant3x3()) < 1e-12 ? Optional.empty() : Optional.of(of(frame.invert()));
    }

    /** {@return the place in metres, turned about x, then y, then z} */
    Place place() {
        var at = Frames.place(Frames.matrix(frame()));
        return new Place(at.x() / MILLIMETRES, at.y() / MILLIMETRES, at.z() / MILLIMETRES, at.turnX(), at.turnY(), at.turnZ());
    }

    static Transform of(Place place) {
        return of(
                Frames.of(new Place(place.x() * MILLIMETRES, place.y() * MILLIMETRES, place.z() * MILLIMETRES, place.turnX(), place.turnY(),
                        place.turnZ())));
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
