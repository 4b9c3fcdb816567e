package yellowkite.core.shape;

import java.util.ArrayList;
import java.util.List;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import yellowkite.core.shape.Box.Grown;

/** A shape as triangles, in pieces of one colour each. */
public record Shape(List<Piece> pieces) {
    /** Of a stand-in; they have twelve triangles each. */
    private static final int MOST_BOXES = 32;
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

    /** {@return a plain stand-in: the box of each piece, so many at most; what is beyond shares one} */
    public Shape boxes() {
        var boxes = new ArrayList<Piece>();
        for (int i = 0; i < pieces.size() && i < MOST_BOXES - 1; i++) {
            boxes.add(box(pieces.subList(i, i + 1)));
        }
        if (pieces.size() >= MOST_BOXES) {
            boxes.add(box(pieces.subList(MOST_BOXES - 1, pieces.size())));
        }
        return new Shape(boxes);
    }

    private static Piece box(List<Piece> of) {
        var box = new Shape(of).box();
        return Solids.box(box.fromX(), box.fromY(), box.fromZ(), box.toX(), box.toY(), box.toZ(), of.getFirst().rgb());
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
