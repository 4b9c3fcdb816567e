package yellowkite.core.shape;

import org.joml.Matrix4dc;
import org.joml.Vector3d;

/** A box along the axes, from its lowest to its highest corner. */
public record Box(double fromX, double fromY, double fromZ, double toX, double toY, double toZ) {
    public static final Box EMPTY = new Box(0, 0, 0, 0, 0, 0);

    public double length() {
        return toX - fromX;
    }

    public double width() {
        return toY - fromY;
    }

    public double height() {
        return toZ - fromZ;
    }

    public double longest() {
        return Math.max(length(), Math.max(width(), height()));
    }

    public boolean isEmpty() {
        return equals(EMPTY);
    }

    /** {@return how far two boxes are apart; 0 where they touch} */
    public double apart(Box other) {
        double x = Math.max(0, Math.max(fromX - other.toX, other.fromX - toX));
        double y = Math.max(0, Math.max(fromY - other.toY, other.fromY - toY));
        double z = Math.max(0, Math.max(fromZ - other.toZ, other.fromZ - toZ));
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** {@return the box around this one's corners, moved} */
    public Box in(Matrix4dc frame) {
        var grown = new Grown();
        for (int corner = 0; corner < 8; corner++) {
            var point = frame.transformPosition(new Vector3d((corner & 1) == 0 ? fromX : toX, (corner & 2) == 0 ? fromY : toY,
                    (corner & 4) == 0 ? fromZ : toZ));
            grown.take(point.x, point.y, point.z);
        }
        return grown.box();
    }

    /** A box that grows around points. */
    static final class Grown {
        private final double[] from = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        private final double[] to = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};

        void take(double x, double y, double z) {
            from[0] = Math.min(from[0], x);
            from[1] = Math.min(from[1], y);
            from[2] = Math.min(from[2], z);
            to[0] = Math.max(to[0], x);
            to[1] = Math.max(to[1], y);
            to[2] = Math.max(to[2], z);
        }

        void take(Box box) {
            take(box.fromX, box.fromY, box.fromZ);
            take(box.toX, box.toY, box.toZ);
        }

        Box box() {
            return from[0] > to[0] ? EMPTY : new Box(from[0], from[1], from[2], to[0], to[1], to[2]);
        }
    }

    /** {@return the box around all of them; {@link #EMPTY} around none} */
    public static Box around(Iterable<Box> boxes) {
        var grown = new Grown();
        boxes.forEach(grown::take);
        return grown.box();
    }
}
