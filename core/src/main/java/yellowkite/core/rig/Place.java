package yellowkite.core.rig;

/**
 * Where a unit hangs in the room, in the drawing's axes.
 *
 * @param x metres, as {@code y} and {@code z}. @param turnX degrees about the first axis, as {@code turnY} and {@code turnZ}
 */
public record Place(double x, double y, double z, double turnX, double turnY, double turnZ) {
    public Place(double x, double y, double z) {
        this(x, y, z, 0, 0, 0);
    }
}
