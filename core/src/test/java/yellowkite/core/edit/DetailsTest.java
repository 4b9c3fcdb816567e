package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.edit.Applying.applied;
import static yellowkite.core.edit.Applying.refusal;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.curve.Shelf;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.FixtureType;

/** Small changes to modes, channels and functions. */
class DetailsTest {
    private final FixtureType spot = Fixtures.spot();
    private final int pan = Fixtures.function(spot, "Pan").id();
    private final int shake = Fixtures.function(spot, "Shake").id();

    private static double reached(FixtureType type, String function, long raw) {
        return Fixtures.mode(type)
            .channels()
            .stream()
            .flatMap(each -> Spans.of(type, each).stream())
            .filter(each -> each.name().equals(function))
            .findFirst()
            .orElseThrow()
            .reachedAt(raw);
    }

    @Test
    void aModeIsDescribed() {
        var edit = new DescribeMode(Fixtures.mode(spot).id(), "For the gallery");

        assertThat(Fixtures.mode(applied(spot, edit)).description()).isEqualTo("For the gallery");
        assertThat(edit.describe(spot)).isEqualTo("Description of mode 'Main' is 'For the gallery'");
        assertThat(refusal(spot, new DescribeMode(Fixtures.mode(spot).id(), "x".repeat(501)))).startsWith("to: This text has at most 500");
        assertThat(refusal(spot, new DescribeMode(999, "x"))).startsWith("mode:");
    }

    @Test
    void aChannelMovesToAnotherPartAndLinksFollow() {
        int rhythm = Fixtures.channel(spot, "StrobeMode").id();

        var after = applied(spot, new ChangeGeometry(rhythm, "Yoke"));

        assertThat(Fixtures.channel(after, "StrobeMode").name()).isEqualTo("Yoke_StrobeMode");
        assertThat(Fixtures.function(after, "Strobe").modeMaster()).isEqualTo("Yoke_StrobeMode");
        assertThat(applied(after, new ChangeGeometry(rhythm, "Base"))).isEqualTo(spot);
        assertThat(refusal(spot, new ChangeGeometry(rhythm, "Snout"))).startsWith("geometry:");
    }

    @Test
    void aFunctionFollowsAtItsOwnSpeed() {
        var after = Fixtures.function(applied(spot, new SetFade(pan, 3.2, 0.5)), "Pan");

        assertThat(after.realFade() + " " + after.realAcceleration()).isEqualTo("3.2 0.5");
        var slower = Fixtures.function(applied(applied(spot, new SetFade(pan, 3.2, null)), new SetFade(pan, null, 0.5)), "Pan");
        assertThat(slower.realFade() + " " + slower.realAcceleration()).as("each stays while the other is set").isEqualTo("3.2 0.5");
        assertThat(refusal(spot, new SetFade(pan, -1.0, 0.0))).startsWith("realFade: A time lies from 0 to 3600");
        assertThat(refusal(spot, new SetFade(pan, 1.0, Double.NaN))).startsWith("realAcceleration:");
    }

    @Test
    void boundsCutWhatAFunctionReaches() {
        var after = applied(spot, SetBounds.both(pan, -180.0, 180.0));

        assertThat(reached(after, "Pan", 0)).isEqualTo(-180);
        assertThat(reached(after, "Pan", 65535)).isEqualTo(180);
        assertThat(reached(applied(after, SetBounds.both(pan, null, null)), "Pan", 0)).isEqualTo(-270);
        assertThat(refusal(spot, SetBounds.both(pan, 10.0, -10.0))).isNotEmpty();
        var one = applied(applied(spot, new SetBounds(pan, -90.0, null, SetBounds.Bound.MIN)),
                new SetBounds(pan, null, 45.0, SetBounds.Bound.MAX));
        assertThat(reached(one, "Pan", 0) + " " + reached(one, "Pan", 65535)).as("each stays while the other is set")
            .isEqualTo("-90.0 45.0");
        assertThat(refusal(one, new SetBounds(pan, 60.0, null, SetBounds.Bound.MIN)))
            .isEqualTo("min: The smallest value, 60.0, lies above the largest, 45.0.");
    }

    @Test
    void aFunctionCarriesAnotherAttribute() {
        var after = applied(spot, new SetFunctionAttribute(shake, "Gobo1WheelSpin"));

        assertThat(Fixtures.function(after, "Shake").attribute()).isEqualTo("Gobo1WheelSpin");
        assertThat(after.attributeDefinitions().find("Gobo1WheelSpin")).as("its definition comes along").isPresent();
        assertThat(refusal(spot, new SetFunctionAttribute(shake, "Snorkel"))).contains("'Snorkel' is neither defined");
    }

    @Test
    void aPictureIsNamed() {
        assertThat(applied(spot, new SetPicture("picture-1a2b")).thumbnail()).isEqualTo("picture-1a2b");
        assertThat(new SetPicture("").describe(applied(spot, new SetPicture("picture-1a2b")))).isEqualTo("Picture removed");
        assertThat(refusal(spot, new SetPicture("a/../../b\n"))).startsWith("name:");
    }

    @Test
    void aFunctionRunsThroughACurveAndItsPhysicalValueFollows() {
        var square = new PutCurve("Square law", Shelf.SQUARE.pieces(0).stream().map(PutCurve.Piece::of).toList());

        var after = applied(applied(spot, square), new LayCurve(shake, "Square law"));

        // Shake runs from 1 to 5 Hz over 100 to 255, its last range follows it; at raw 255 and at 200: t = 100 / 155
        double t = 100.0 / 155;
        assertThat(reached(after, "Shake", 200)).isEqualTo(1 + 4 * t * t);
        assertThat(reached(applied(after, new LayCurve(shake, "")), "Shake", 200)).isEqualTo(1 + 4 * t);
        assertThat(refusal(spot, new LayCurve(shake, "Square law"))).isEqualTo("curve: This profile has no curve called 'Square law'.");
        assertThat(refusal(spot, new PutCurve("x", List.of()))).startsWith("pieces:");
        assertThat(applied(after, square)).as("the same curve again changes nothing").isEqualTo(after);
        assertThat(applied(spot, new LayCurve(shake, "Square law", square.pieces()))).as("put and laid in one").isEqualTo(after);
        assertThat(new LayCurve(shake, "Square law", square.pieces()).describe(spot))
            .isEqualTo("Curve 'Square law' added; 'Shake' runs through it");
        assertThat(refusal(spot, new LayCurve(shake, "", square.pieces()))).startsWith("curve:");
        assertThat(refusal(spot, new LayCurve(-1, "Square law", square.pieces()))).startsWith("function:");
    }
}
