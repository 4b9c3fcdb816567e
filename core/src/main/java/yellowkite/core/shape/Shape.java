package yellowkite.core.shape;

import java.util.List;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import yellowkite.core.shape.Box.Grown;

/** A shape as triangles, in pieces of one colour each. */
public record Shape(List<Piece> pieces) {
    public static final Shape NOTHING = new Shape(List.of());

    public Shape {
        pieces = List.copyOf(pieces);
    }

    /**
     * Triangles of one colour.
     *
     * @param points x, y, z of each point, in metres
     * @param corners three places in {@code points} for each triangle, counter-clockwise as seen from outside
     * @param rgb {@code 0xRRGGBB}
     */
    public record Piece(float[] points, int[] corners, int rgb) {
        public int triangles() {
            return corners.length / 3;
        }
    }

    public long triangles() {
        return pieces.stream().mapToLong(Piece::triangles).sum();
    }

    /** {@return the box around it; {@link Box#EMPTY} around nothing} */
    public Box box() {
        var grown = new Grown();
        for (var piece : pieces) {
            for (int i = 0; i + 2 < piece.points().length; i += 3) {
                grown.take(piece.points()[i], piece.points()[i + 1], piece.points()[i + 2]);
            }
        }
        return grown.box();
    }

    /** {@return this shape, each point moved} */
    public Shape in(Matrix4dc frame) {
        return new Shape(pieces.stream().map(piece -> {
            var moved = new float[piece.points().length];
            var point = new Vector3d();
            for (int i = 0; i + 2 < moved.length; i += 3) {
                frame.transformPosition(point.set(piece.points()[i], piece.points()[i + 1], piece.points()[i + 2]));
                moved[i] = (float) point.x;
                moved[i + 1] = (float) point.y;
                moved[i + 2] = (float) point.z;
            }
            return new Piece(moved, piece.corners(), piece.rgb());
        }).toList());
    }
}
