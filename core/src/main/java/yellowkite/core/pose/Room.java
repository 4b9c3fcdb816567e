package yellowkite.core.pose;

import org.joml.Matrix4d;
import org.joml.Vector3d;
import org.joml.Vector3dc;
import org.jspecify.annotations.Nullable;

/**
 * The room that a fixture is looked at in: a floor, a wall behind, and the way the fixture is mounted. The floor is z = 0, the one who
 * looks stands at negative y.
 *
 * @param height metres from the floor to where a hanging fixture is hung; the middle of one on its side
 */
public record Room(Mount mount, double height) {
    /** Metres from the fixture back to the wall. */
    public static final double WALL = 4;
    public static final Room USUAL = new Room(Mount.HANGING, 4);
    /** A beam that goes farther has left the room, m. */
    private static final double FARTHEST = 100;
    /** Of the fixture on its side, m. */
    private static final double LOW = 1;

    public enum Mount {
        HANGING, STANDING, ON_ITS_SIDE
    }

    public enum Surface {
        FLOOR, WALL
    }

    /** What a beam meets. @param distance metres along it */
    public record Met(Surface surface, Vector3dc point, double distance) {}

    /** {@return where the fixture's origin is, and how it is turned} Its front stays towards the one who looks. */
    Matrix4d frame() {
        return switch (mount) {
            case HANGING -> new Matrix4d().translation(0, 0, height);
            case STANDING -> new Matrix4d().rotationY(Math.PI);
            case ON_ITS_SIDE -> new Matrix4d().translation(0, 0, Math.min(height, LOW)).rotateY(Math.PI / 2);
        };
    }

    /** {@return what a ray meets first; null if it leaves the room} */
    @Nullable
    Met meets(Vector3dc from, Vector3dc direction) {
        double toFloor = direction.z() < -1e-9 ? -from.z() / direction.z() : Double.POSITIVE_INFINITY;
        double toWall = direction.y() > 1e-9 ? (WALL - from.y()) / direction.y() : Double.POSITIVE_INFINITY;
        double distance = Math.min(toFloor < 0 ? Double.POSITIVE_INFINITY : toFloor, toWall < 0 ? Double.POSITIVE_INFINITY : toWall);
        return distance > FARTHEST ? null
                : new Met(toWall < toFloor ? Surface.WALL : Surface.FLOOR, new Vector3d(direction).mul(distance).add(from), distance);
    }
}
