package yellowkite.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.Map;
import org.joml.Vector3d;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.body.Place;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.shape.Primitives;
import yellowkite.core.shape.Views.View;

class CellNumberTest {
    private static Pose hanging(FixtureType type) {
        return Heads.pose(type, Room.USUAL, Map.of());
    }

    /** A fixture hangs at four metres: its right bar is a metre to the right, the second cell of each bar half a metre below the first. */
    @Test
    void cellsInCellsCarryTheNumberOfTheOneAroundThem() {
        var placed = Heads.after(Fixtures.nestedCells(), new PlacePart("Right", new Place(1, 0, 0)),
                new PlacePart("Two", new Place(0, 0, -0.5)));

        var pose = hanging(placed);

        assertThat(pose.numbers()).extracting(CellNumber::number).containsExactly("1.1", "1.2", "2.1", "2.2");
        assertThat(pose.numbers().getLast().at().distance(new Vector3d(1, 0, 3.5))).isLessThan(1e-9);
        assertThat(pose.says().getLast()).startsWith("Right, Two looks straight down");
        assertThat(Flat.of(placed, pose, Primitives::of, View.FRONT).numbers().getLast()).isEqualTo(new Flat.Label("2.2", 1, 3.5));
    }

    @Test
    void eachBlockCountsItsOwn() {
        var type = ProfileBuilder.profile("Testers", "Two blocks")
            .body(part(Kind.Geometry, "Rail", reference("Warm 1", "Warm", 1), reference("Cold 1", "Cold", 2),
                    reference("Warm 2", "Warm", 3)))
            .body(part(Kind.Beam, "Warm"))
            .body(part(Kind.Beam, "Cold"))
            .mode("Main", "Rail", mode -> mode.channel("Dimmer", "Warm", at(1), c -> {}))
            .build();

        assertThat(hanging(type).numbers()).extracting(CellNumber::number).containsExactly("1", "1", "2");
    }

    @Test
    void aBodyWithoutCellsHasNone() {
        assertThat(hanging(Heads.head()).numbers()).isEmpty();
    }
}
