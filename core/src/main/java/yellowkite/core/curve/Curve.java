package yellowkite.core.curve;

import java.util.Comparator;
import java.util.List;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.DmxValue;

/**
 * A function from [0, 1] to [0, 1] in cubic pieces. Source: GDTF, {@code DMXProfile}.
 *
 * @param points in ascending order; none = linear
 */
public record Curve(List<DmxProfile.Point> points) {
    private static final double SLACK = 1e-9;
    /** Of a step: a half that lies so little below a half is one. */
    private static final double HALF_SLACK = 1e-9;
    public static final Curve LINEAR = new Curve(List.of());

    public Curve {
        points = points.stream().sorted(Comparator.comparingDouble(DmxProfile.Point::dmxPercentage)).toList();
    }

    public static Curve of(DmxProfile profile) {
        return new Curve(profile.points());
    }

    public boolean isLinear() {
        return points.isEmpty();
    }

    /** {@return the output for an input in [0, 1], clamped to [0, 1]} Before the first point it is that point's first coefficient. */
    public double at(double input) {
        if (points.isEmpty()) {
            return input;
        }
        double percent = 100 * input;
        var piece = points.getFirst();
        for (var point : points) {
            if (point.dmxPercentage() <= percent + SLACK) { // 85 of 255 is a third, whatever the last digit says
                piece = point;
            }
        }
        double u = Math.max(0, (percent - piece.dmxPercentage()) / 100);
        double y = piece.cfc0() + u * (piece.cfc1() + u * (piece.cfc2() + u * piece.cfc3()));
        return Math.clamp(y, 0, 1);
    }

    /** {@return the output for a value of a channel, as a value of {@code width} bytes, rounded half up} @param bytes width of the input */
    public long valueAt(long raw, int bytes, int width) {
        return (long) Math.floor(at((double) raw / DmxValue.max(bytes)) * DmxValue.max(width) + 0.5 + HALF_SLACK);
    }
}
