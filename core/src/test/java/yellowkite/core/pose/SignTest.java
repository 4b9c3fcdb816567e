package yellowkite.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.List;
import java.util.Map;
import org.joml.Vector3d;
import org.joml.Vector3dc;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.pose.Sign.Kind;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.shape.Primitives;
import yellowkite.core.shape.Views.View;

/** A head of one metre that hangs at four: its yoke turns at 3.75, its head at 3.33. An arc has a radius of 0.36 and runs 120 degrees. */
class SignTest {
    private final Pose ahead = Heads.pose(Heads.head(), Room.USUAL, Map.of());

    private static List<Sign> of(Pose pose, Kind kind) {
        return pose.signs().stream().filter(each -> each.kind() == kind).toList();
    }

    private static void isAt(Vector3dc found, double x, double y, double z) {
        assertThat(found.distance(new Vector3d(x, y, z))).as("%s", found).isLessThan(1e-6);
    }

    @Test
    void theFrontLooksTowardsTheOneWhoLooks() {
        var front = of(ahead, Kind.FRONT).getFirst().points();

        isAt(front.getFirst(), 0, 0, 4);
        isAt(front.getLast(), 0, -0.7, 4);
    }

    /** Seen from above, rising pan turns the front to the right: 120 degrees on it lies right and back. */
    @Test
    void panRunsFromTheFrontToTheRight() {
        var pan = of(ahead, Kind.PAN).getFirst().points();

        isAt(pan.getFirst(), 0, -0.36, 3.75);
        isAt(pan.getLast(), 0.36 * Math.sin(Math.toRadians(120)), 0.18, 3.75);
    }

    @Test
    void tiltRunsFromBelowToTheBack() {
        var tilt = of(ahead, Kind.TILT).getFirst().points();

        isAt(tilt.getFirst(), 0, 0, 3.33 - 0.36);
        isAt(tilt.getLast(), 0, 0.36 * Math.sin(Math.toRadians(120)), 3.33 + 0.18);
    }

    /** Pan by 90 carries the arc of tilt along, and leaves its own where it is. */
    @Test
    void anAxisThatTurnsLeavesItsZeroBehind() {
        var turned = Heads.pose(Heads.head(), Room.USUAL, Map.of("Pan", 218L, "Tilt", 218L));

        isAt(of(turned, Kind.PAN).getFirst().points().getFirst(), 0, -0.36, 3.75);
        isAt(of(turned, Kind.TILT).getFirst().points().get(18), -0.36, 0, 3.33); // 90 degrees on: to the left
        assertThat(of(turned, Kind.NOW)).hasSize(2).last().satisfies(each -> {
            isAt(each.points().getFirst(), 0, 0, 3.33);
            isAt(each.points().getLast(), -1.2 * 0.36, 0, 3.33);
        });
    }

    /** Pan comes first: its zero stays where the part stands, and that of tilt is carried along. */
    @Test
    void twoAxesOfOnePart() {
        var ball = ProfileBuilder.profile("Testers", "Ball")
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Tilt", "Tilt", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .body(part(Geometry.Kind.Geometry, "Base", part(Geometry.Kind.Axis, "Ball")))
            .mode("Main", "Base", mode -> mode
                .channel("Tilt", "Ball", at(1), c -> c.function("Tilt", 0, f -> f.physical(-128, 127)))
                .channel("Pan", "Ball", at(2), c -> c.function("Pan", 0, f -> f.physical(-128, 127))))
            .build();

        var turned = Heads.pose(ball, Room.USUAL, Map.of("Pan", 218L, "Tilt", 218L));

        isAt(of(turned, Kind.PAN).getFirst().points().getFirst(), 0, -0.36, 4);
        isAt(of(turned, Kind.TILT).getFirst().points().getFirst(), 0, 0, 4 - 0.36);
        isAt(of(turned, Kind.TILT).getFirst().points().get(18), -0.36, 0, 4);
    }

    @Test
    void theSheetShowsTheSameSigns() {
        var flat = Flat.of(Heads.head(), ahead, Primitives::of, View.SIDE);

        assertThat(flat.signs()).extracting(Flat.Mark::kind)
            .containsExactly(Kind.FRONT, Kind.PAN, Kind.ZERO, Kind.NOW, Kind.TILT, Kind.ZERO, Kind.NOW);
        assertThat(flat.signs().getFirst().points()).containsExactly(0.0, 4.0, -0.7, 4.0);
    }
}
