package yellowkite.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.body.Place;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.edit.AddPart;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.LayBody;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.edit.PutModel;
import yellowkite.core.edit.SetPartAttribute;
import yellowkite.core.edit.SetPartModel;
import yellowkite.core.gdtf.Media;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.shape.Glb;

/** Each starts from a head that nothing is wrong with but what is spoilt. */
class BodyChecksTest {
    private static final List<String> RULES = List.of("axis-not-turned", "beam-not-moved", "front-elsewhere", "skewed-part",
            "beam-without-figures",
            "parts-apart", "body-too-large", "model-size", "heavy-model", "large-texture", "unreadable-model", "missing-picture");
    private final FixtureType head = head();

    private static FixtureType head() {
        var plain = ProfileBuilder.profile("Testers", "Head")
            .id("00000000-0000-0000-0000-0000000000A1")
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Tilt", "Tilt", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .body(part(Kind.Geometry, "Base", part(Kind.Axis, "Yoke", part(Kind.Axis, "Head", part(Kind.Beam, "Lens")))))
            .mode("Main", "Base", mode -> mode.channel("Pan", "Yoke", at(1), c -> c.function("Pan", 0, f -> f.physical(-270, 270)))
                .channel("Tilt", "Head", at(2), c -> c.function("Tilt", 0, f -> f.physical(-125, 125))))
            .build();
        return after(plain, new LayBody(BodyTemplate.MOVING_HEAD, "", 0.4, 0.4, 1, 1, 1, 1),
                new SetPartAttribute("Lens", "LuminousFlux", "9000"),
                new SetPartAttribute("Lens", "BeamAngle", "12"), new SetPartAttribute("Lens", "FieldAngle", "16"));
    }

    private static FixtureType after(FixtureType type, Edit... edits) {
        var so = type;
        for (var edit : edits) {
            so = ((Outcome.Applied<FixtureType>) edit.acceptedOn(so)).after();
        }
        return so;
    }

    private static List<String> says(FixtureType type, Map<String, byte[]> files) {
        return Checks.of(type, Media.of(files))
            .stream()
            .filter(each -> RULES.contains(each.rule()))
            .map(each -> each.rule() + ": " + each.says())
            .toList();
    }

    private static List<String> says(FixtureType type) {
        return says(type, Map.of());
    }

    @Test
    void aGoodHeadIsQuiet() {
        assertThat(says(head)).isEmpty();
    }

    @Test
    void anAxisThatNothingTurns() {
        assertThat(says(after(head, new AddPart("Head", Kind.Axis, "Iris ring", new Place(0, 0, 0)))))
            .containsExactly("axis-not-turned: No pan or tilt turns the axis 'Iris ring'.");
    }

    @Test
    void aLightOutsideOfTheHead() {
        assertThat(says(after(head, new AddPart("Base", Kind.Beam, "Work light", new Place(0, 0, 0)),
                new SetPartAttribute("Work light", "LuminousFlux", "50"),
                new SetPartAttribute("Work light", "BeamAngle", "90"), new SetPartAttribute("Work light", "FieldAngle", "120"))))
            .containsExactly(
                    "beam-not-moved: 'Work light' gives light and stands in no axis that pan or tilt turns; it would not move with the head.");
    }

    @Test
    void aFrontThatIsElsewhere() {
        assertThat(says(after(head, new PlacePart("Yoke", new Place(0, 0, -0.25, 0, 0, 90)))))
            .containsExactly(
                    "front-elsewhere: The axis 'Head' that tilt turns does not lie from left to right; the front is not where the standard wants it.");
        assertThat(says(after(head, new PlacePart("Lens", new Place(0, 0, -0.33, 90, 0, 0)))))
            .containsExactly(
                    "front-elsewhere: 'Lens' does not look straight down while pan and tilt are at zero, as the standard wants it.");
        assertThat(says(after(head, new PlacePart("Base", new Place(0, 0, 0, 0, 90, 0))))).first()
            .asString()
            .isEqualTo("front-elsewhere: The axis 'Yoke' that pan turns is not upright.");
    }

    @Test
    void aMirroredMatrix() {
        var cells = new ArrayList<>(Matrix.IDENTITY.cells());
        cells.set(0, -1.0);
        var mirrored = head.with(f -> f.geometries = List.of(f.geometries.getFirst().withPosition(new Matrix(cells))));

        assertThat(says(mirrored)).anySatisfy(each -> assertThat(each).startsWith("skewed-part: The matrix of 'Base' is mirrored"));
    }

    @Test
    void aLightThatSaysNothing() {
        assertThat(says(after(head, new SetPartAttribute("Lens", "LuminousFlux", ""), new SetPartAttribute("Lens", "FieldAngle", "0"))))
            .containsExactly(
                    "beam-without-figures: 'Lens' says no luminous flux, no field angle; programs take the standard's 10,000 lm and 25\u00b0.");
    }

    @Test
    void partsThatTouchNothing() {
        assertThat(says(after(head, new PlacePart("Yoke", new Place(0, 0, -0.4))))).containsExactly(
                "parts-apart: 'Yoke' touches nothing of the body.",
                "parts-apart: 'Head' touches nothing of the body.");
    }

    @Test
    void aBodyInCentimetres() {
        assertThat(says(after(head, new LayBody(BodyTemplate.MOVING_HEAD, "", 4, 4, 10, 1, 1, 1))))
            .containsExactly("body-too-large: The body is 10 m long; sizes are written in metres.");
    }

    private FixtureType withFile() {
        return after(head, new PutModel("Base", 0.4, 0.4, 0.25, Model.Primitive.Undefined, "base"), new SetPartModel("Base", "Base"));
    }

    @Test
    void aModelThatIsMissingOrOfAnotherSize() {
        assertThat(says(withFile())).containsExactly("missing-picture: The file holds no model called 'base'.");
        assertThat(says(withFile(), Map.of("models/gltf/base.glb", Glb.box(0.4, 0.25, 0.4).bytes())))
            .noneMatch(each -> each.startsWith("model-size"));
        assertThat(says(withFile(), Map.of("models/gltf/base.glb", Glb.box(0.4, 0.5, 0.4).bytes())))
            .contains("model-size: The file of this model is 0.4 x 0.4 x 0.5 m, the model says 0.4 x 0.4 x 0.25 m.");
    }

    @Test
    void aModelThatIsHeavyOrCannotBeShown() {
        assertThat(says(withFile(), Map.of("models/gltf/base.glb", Glb.box(0.4, 0.25, 0.4).times(2_000).bytes())))
            .contains("heavy-model: 'models/gltf/base.glb' has 24,000 triangles: heavy for a rig of 60; the usual is under 5,000.");
        assertThat(says(withFile(), Map.of("models/3ds/base.3ds", new byte[20])))
            .contains("unreadable-model: 'models/3ds/base.3ds' cannot be shown, a box stands for it. It is no 3ds file.");
    }

    @Test
    void findingsLeadToTheirPart() {
        var found = Checks.of(after(head, new AddPart("Head", Kind.Axis, "Ring", new Place(0, 0, 0))))
            .stream()
            .filter(each -> each.rule().equals("axis-not-turned"))
            .findFirst()
            .orElseThrow();

        assertThat(found.place().part()).isEqualTo("Ring");
        assertThat(found.place().words()).isEqualTo("Part 'Ring'");
        assertThat(Geometry.Kind.values()).hasSize(17);
    }
}
