package yellowkite.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.List;
import java.util.Map;
import org.joml.Vector3d;
import org.joml.Vector3dc;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.Probe;
import yellowkite.core.edit.LayBody;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.body.Place;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.FixtureType;

/** A head of one metre: base 0.25, yoke at -0.25, head at -0.67, lens at -1. A value v of pan and tilt is v - 128 degrees. */
class PoseTest {
    private static final Room AT_FOUR = new Room(Room.Mount.HANGING, 4);
    private final FixtureType head = Heads.head();

    private static void isAt(Vector3dc found, double x, double y, double z) {
        assertThat(found.distance(new Vector3d(x, y, z))).as("%s", found).isLessThan(1e-6);
    }

    private static Vector3d lens(Pose pose) {
        return pose.shines().getFirst().frame().transformPosition(new Vector3d());
    }

    @Test
    void atZeroItHangsAndLooksStraightDown() {
        var pose = Heads.pose(head, AT_FOUR, Map.of("Pan", 128L, "Tilt", 128L, "Dimmer", 255L));

        isAt(lens(pose), 0, 0, 3);
        isAt(pose.shines().getFirst().direction(), 0, 0, -1);
        isAt(pose.front(), 0, -1, 0);
        assertThat(pose.shines().getFirst().met()).isNotNull();
        assertThat(pose.shines().getFirst().met().surface()).isEqualTo(Room.Surface.FLOOR);
        assertThat(pose.shines().getFirst().met().distance()).isCloseTo(3, within(1e-6));
    }

    /** Right hand: tilt of +90 about x takes down to the back, and pan of +90 about z takes the back to the left. */
    @Test
    void panAndTiltTurnByTheRightHand() {
        isAt(Heads.pose(head, AT_FOUR, Map.of("Tilt", 218L)).shines().getFirst().direction(), 0, 1, 0);
        isAt(Heads.pose(head, AT_FOUR, Map.of("Tilt", 38L)).shines().getFirst().direction(), 0, -1, 0);
        isAt(Heads.pose(head, AT_FOUR, Map.of("Tilt", 218L, "Pan", 218L)).shines().getFirst().direction(), -1, 0, 0);
        isAt(Heads.pose(head, AT_FOUR, Map.of("Tilt", 218L, "Pan", 38L)).shines().getFirst().direction(), 1, 0, 0);
        isAt(Heads.pose(head, AT_FOUR, Map.of("Pan", 218L)).shines().getFirst().direction(), 0, 0, -1);
    }

    @Test
    void theLensSwingsAboutTheTiltAxis() {
        isAt(lens(Heads.pose(head, AT_FOUR, Map.of("Tilt", 218L))), 0, 0.33, 4 - 0.67);
    }

    @Test
    void standingItIsUpsideDownWithItsFrontWhereItWas() {
        var pose = Heads.pose(head, new Room(Room.Mount.STANDING, 4), Map.of());

        isAt(lens(pose), 0, 0, 1);
        isAt(pose.shines().getFirst().direction(), 0, 0, 1);
        isAt(pose.front(), 0, -1, 0);
        assertThat(pose.shines().getFirst().met()).isNull();
    }

    @Test
    void aBeamToTheBackMeetsTheWall() {
        var met = Heads.pose(head, AT_FOUR, Map.of("Tilt", 218L)).shines().getFirst().met();

        assertThat(met.surface()).isEqualTo(Room.Surface.WALL);
        isAt(met.point(), 0, Room.WALL, 4 - 0.67);
    }

    @Test
    void zoomIsTheBeamAngleAndTheFieldGrowsWithIt() {
        var narrow = Heads.pose(head, AT_FOUR, Map.of("Zoom", 0L)).shines().getFirst();
        var wide = Heads.pose(head, AT_FOUR, Map.of("Zoom", 255L)).shines().getFirst();

        assertThat(narrow.beamAngle()).isCloseTo(10, within(1e-9));
        assertThat(wide.beamAngle()).isCloseTo(61, within(1e-9));
        assertThat(wide.fieldAngle()).isCloseTo(61, within(1e-9)); // the standard's beam and field are the same
    }

    /** Half open takes half of the width, and a quarter of the light: half angle a with tan a = 0.5 tan 5 degrees. */
    @Test
    void anIrisTakesFromTheWidth() {
        var open = Heads.pose(head, AT_FOUR, Map.of("Zoom", 0L, "Dimmer", 255L)).shines().getFirst();
        var half = Heads.pose(head, AT_FOUR, Map.of("Zoom", 0L, "Iris", 128L, "Dimmer", 255L)).shines().getFirst();

        assertThat(half.beamAngle()).isCloseTo(2 * Math.toDegrees(Math.atan(128.0 / 255 * Math.tan(Math.toRadians(5)))), within(1e-6));
        assertThat(half.there().lux()).isLessThan(open.there().lux() * 1.3);
    }

    @Test
    void itSaysWhatPointsWhere() {
        assertThat(Heads.pose(head, AT_FOUR, Map.of("Dimmer", 0L)).says()).anySatisfy(each -> assertThat(each)
            .startsWith("Lens looks straight down; meets the floor after 3 m, ")
            .endsWith("; dark."));
        assertThat(Heads.pose(head, AT_FOUR, Map.of("Tilt", 218L)).says()).contains("Head is turned by 90\u00b0 (tilt).");
    }

    @Test
    void anAxisThatIsTurnedInItsPlaceTurnsWhatItCarries() {
        var turned = Heads.after(head, new PlacePart("Yoke", new Place(0, 0, -0.25, 0, 0, 90)));

        isAt(Heads.pose(turned, AT_FOUR, Map.of("Tilt", 218L)).shines().getFirst().direction(), -1, 0, 0);
    }

    @Test
    void eachCellShinesByItself() {
        var batten = ProfileBuilder.profile("Testers", "Batten")
            .id("00000000-0000-0000-0000-0000000000A2")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .body(part(Kind.Geometry, "Rail", ProfileBuilder.reference("Cell 1", "Cell", 1), ProfileBuilder.reference("Cell 2", "Cell", 2)))
            .body(part(Kind.Beam, "Cell"))
            .mode("Main", "Rail", mode -> mode.channel("Dimmer", "Cell", at(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))))
            .build();
        var built = Heads.after(batten, new LayBody(BodyTemplate.BATTEN, "", 1, 0.1, 0.1, 2, 1, 1));

        var pose = Heads.pose(built, AT_FOUR, Map.of("Dimmer", 255L));

        assertThat(pose.shines()).extracting(Shine::called).containsExactly("Cell 1", "Cell 2");
        isAt(lens(pose), -0.25, 0, 3.9);
        isAt(pose.shines().getLast().frame().transformPosition(new Vector3d()), 0.25, 0, 3.9);
        assertThat(pose.parts()).extracting(Pose.Stood::model).contains("Base", "Cell");

        int dimmer = built.modes().getFirst().channels().getFirst().id();
        var probe = Probe.atStart(Heads.compiled(built))
            .with(Map.of(dimmer, 255L))
            .withCells(Map.of(List.of("Cell 2"), Map.of(dimmer, 51L)));
        assertThat(Pose.of(probe.mode(), probe.meanings(), AT_FOUR).shines()).extracting(Shine::level).containsExactly(1.0, 0.2);
    }

    /** Fifty levels of two references each would be more parts than there are atoms in the lamp. */
    @Test
    void referencesFiftyDeepAreShownAsFarAsAnybodyLooks() {
        var deep = ProfileBuilder.profile("Testers", "Deep")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity);
        for (int i = 0; i < 50; i++) {
            deep.body(part(Kind.Geometry, "Level " + i, ProfileBuilder.reference("Left " + i, "Level " + (i + 1), 1),
                    ProfileBuilder.reference("Right " + i, "Level " + (i + 1), 2)));
        }
        var type = deep.body(part(Kind.Beam, "Level 50"))
            .mode("Main", "Level 0", mode -> mode.channel("Dimmer", "Level 50", at(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))))
            .build();

        var pose = Heads.pose(type, AT_FOUR, Map.of());

        assertThat(pose.parts()).hasSize(yellowkite.core.body.BodyMap.MAX_PLACES);
        assertThat(Heads.compiled(type).body().truncated()).isTrue();
    }

    @Test
    void theDrawingOfAPoseShowsPartsAndBeams() {
        var flat = Flat.of(head, Heads.pose(head, AT_FOUR, Map.of("Dimmer", 255L)), yellowkite.core.shape.Primitives::of,
                yellowkite.core.shape.Views.View.FRONT);

        assertThat(flat.body()).hasSize(7); // two of the base, three of the yoke, two of the head
        assertThat(flat.rays()).singleElement().satisfies(ray -> {
            assertThat(ray.points().get(1)).isCloseTo(3, within(1e-6)); // the lens
            assertThat(ray.points().get(5)).isCloseTo(0, within(1e-6)); // the floor
        });
    }
}
