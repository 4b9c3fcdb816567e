package yellowkite.core.body;

import java.util.ArrayList;
import java.util.Optional;
import org.joml.Matrix4d;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import yellowkite.core.profile.Matrix;

/**
 * Matrices of the document as a library computes with them. A point of a part is a column behind its matrix, so that the matrix of what
 * stands inside comes behind that of what it stands in. Axes: x to the right as seen from the front, y away from the one who looks, z up;
 * turns follow the right hand. Source: GDTF value type "Matrix" and "Geometry".
 */
public final class Frames {
    private static final int SIDE = 4;
    /** Cells that differ by less are the same: files write six digits. */
    private static final double SAME = 1e-4;
    private static final double DIGITS = 1e9;

    private Frames() {}

    public static Matrix4d of(Matrix matrix) {
        var frame = new Matrix4d();
        for (int row = 0; row < SIDE; row++) {
            for (int column = 0; column < SIDE; column++) {
                frame.set(column, row, matrix.cells().get(SIDE * row + column));
            }
        }
        return frame;
    }

    /** {@return the matrix of a frame, without the dust of floating point} */
    public static Matrix matrix(Matrix4dc frame) {
        var cells = new ArrayList<Double>(SIDE * SIDE);
        for (int row = 0; row < SIDE; row++) {
            for (int column = 0; column < SIDE; column++) {
                cells.add(Math.round(frame.get(column, row) * DIGITS) / DIGITS + 0.0);
            }
        }
        return new Matrix(cells);
    }

    /** {@return the frame at a place: turned about x, then about y, then about z, all of them axes of what it stands in} */
    public static Matrix4d of(Place place) {
        return new Matrix4d().translation(place.x(), place.y(), place.z())
            .rotateZYX(Math.toRadians(place.turnZ()), Math.toRadians(place.turnY()), Math.toRadians(place.turnX()));
    }

    public static Matrix matrix(Place place) {
        return matrix(of(place));
    }

    /**
     * {@return the place that a matrix says, to a tenth of a micrometre and a ten-thousandth of a degree} What no place can say (see
     * {@link #unlikeAPlace}) is left out. Where it is turned by 90 degrees about y, the turn about z is 0.
     */
    public static Place place(Matrix matrix) {
        var frame = of(matrix).normalize3x3();
        double sine = Math.clamp(-frame.get(0, 2), -1, 1);
        boolean upright = Math.abs(sine) > 1 - 1e-9;
        double about = upright ? Math.atan2(-frame.get(2, 1), frame.get(1, 1)) : Math.atan2(frame.get(1, 2), frame.get(2, 2));
        double last = upright ? 0 : Math.atan2(frame.get(0, 1), frame.get(0, 0));
        var at = matrix.cells();
        return new Place(at.get(3), at.get(7), at.get(11), degrees(about), degrees(Math.asin(sine)), degrees(last));
    }

    private static double degrees(double radians) {
        return Double.isFinite(radians) ? Math.round(Math.toDegrees(radians) * 1e4) / 1e4 + 0.0 : 0;
    }

    /** {@return what a matrix does beside standing and turning, in words that follow "it"; none if it only stands and turns} */
    public static Optional<String> unlikeAPlace(Matrix matrix) {
        var frame = of(matrix);
        var cells = matrix.cells();
        if (cells.get(12) != 0 || cells.get(13) != 0 || cells.get(14) != 0 || cells.get(15) != 1) {
            return Optional.of("has a last row other than 0, 0, 0, 1");
        }
        var x = frame.getColumn(0, new Vector3d());
        var y = frame.getColumn(1, new Vector3d());
        var z = frame.getColumn(2, new Vector3d());
        double turned = frame.determinant3x3();
        if (Math.abs(turned) < 1e-9) {
            return Optional.of("is pressed flat");
        }
        if (turned < 0) {
            return Optional.of("is mirrored");
        }
        double skew = Math.max(Math.abs(x.angleCos(y)), Math.max(Math.abs(y.angleCos(z)), Math.abs(x.angleCos(z))));
        if (skew > SAME) {
            return Optional.of("is skewed");
        }
        boolean scaled = Math.abs(x.length() - 1) > SAME || Math.abs(y.length() - 1) > SAME || Math.abs(z.length() - 1) > SAME;
        return scaled ? Optional.of("is scaled") : Optional.empty();
    }
}
