package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import org.joml.Vector3dc;

/**
 * A line that is drawn beside a fixture and says which way something goes.
 *
 * @param points of the line in the room, in metres; an arrow points along it
 */
public record Sign(Kind kind, List<Vector3dc> points) {
    private static final double FRONT_LENGTH = 0.7;
    private static final double RADIUS = 0.36;
    /** An arc runs from zero as far as this, in as many pieces. */
    private static final double ARC_DEGREES = 120;
    private static final int PIECES = 24;
    /** Signs of more axes only cover each other. */
    private static final int MOST_AXES = 60;

    public Sign {
        points = List.copyOf(points);
    }

    /** What a line says. */
    public enum Kind {
        /** Where the front of the fixture looks. */
        FRONT,
        /** About the axis of pan, from its zero to where rising degrees turn. */
        PAN,
        /** The same of tilt. */
        TILT,
        /** Zero of an axis. */
        ZERO,
        /** Where an axis stands now. */
        NOW
    }

    /** {@return the signs of a pose: its front, and for each axis its sense, its zero and where it stands} */
    static List<Sign> of(Pose pose) {
        var signs = new ArrayList<Sign>();
        if (!pose.parts().isEmpty()) {
            var at = pose.parts().getFirst().frame().transformPosition(new Vector3d());
            signs.add(new Sign(Kind.FRONT, List.of(at, pose.front().mul(FRONT_LENGTH).add(at))));
        }
        for (var turned : pose.turned().stream().limit(MOST_AXES).toList()) {
            boolean pans = turned.attribute().equals("Pan");
            signs.add(new Sign(pans ? Kind.PAN : Kind.TILT,
                    IntStream.rangeClosed(0, PIECES)
                        .<Vector3dc>mapToObj(i -> on(turned.rest(), pans, ARC_DEGREES * i / PIECES, RADIUS))
                        .toList()));
            signs.add(new Sign(Kind.ZERO, List.of(on(turned.rest(), pans, 0, 0.85 * RADIUS), on(turned.rest(), pans, 0, 1.2 * RADIUS))));
            signs.add(new Sign(Kind.NOW, List.of(on(turned.rest(), pans, 0, 0), on(turned.rest(), pans, turned.degrees(), 1.2 * RADIUS))));
        }
        return signs;
    }

    /** {@return a point about an axis: pan counts from the front, tilt from below, each as its degrees rise} */
    private static Vector3dc on(Matrix4dc rest, boolean pans, double degrees, double radius) {
        double sine = radius * Math.sin(Math.toRadians(degrees));
        double cosine = radius * Math.cos(Math.toRadians(degrees));
        return rest.transformPosition(pans ? new Vector3d(sine, -cosine, 0) : new Vector3d(0, sine, -cosine));
    }
}
