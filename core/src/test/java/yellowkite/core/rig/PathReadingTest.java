package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.PathReading.PathLine;
import yellowkite.core.rig.PathReading.Step;

class PathReadingTest {
    private static final int DIMMER = 0;
    private static final int PAN = 1;

    private static PathLine line(PathReading reading, Step step) {
        return reading.steps().get(step.ordinal());
    }

    @Test
    void whatNobodyAdjustedSaysNothing() {
        var reading = PathReading.of(Rigs.head(), Adjustments.NONE, PAN, 0.75, 1);

        assertThat(reading.steps()).extracting(PathLine::step).containsExactly(Step.values());
        assertThat(reading.steps()).noneMatch(PathLine::set);
        assertThat(line(reading, Step.BYTES).says()).isEqualTo("49151 of 65535, 191:255");
        assertThat(reading.channels()).extracting(PathReading.PathChannel::name)
            .containsExactly("Head_Dimmer", "Yoke_Pan", "Head_Tilt", "Head_Gobo1", "Head_Shutter1");
    }

    @Test
    void eachStepSaysWhatTheUnitDoes() {
        var own = new ChannelAdjustment(true, List.of(), 1.5, 0.1, 0.9, true, null, null);
        var reading = PathReading.of(Rigs.head(), new Adjustments(false, false, 0.2, false, Map.of("Dimmer", own)), DIMMER, 0.5, 0.5);

        assertThat(reading.steps()).extracting(PathLine::says)
            .containsExactly("Outside the grand master.", "", "Runs the other way.", "", "Times 150 %, clipped at 100 %.",
                    "Never below 10 % nor above 90 %. Stays warm at 20 %.", "191 of 255");
        assertThat(reading.steps()).extracting(PathLine::set).containsExactly(true, false, true, false, true, true, false);
        assertThat(reading.channels().getFirst().adjusted()).isTrue();
    }

    @Test
    void theMasterIsSaidAsTheProfileHasIt() {
        assertThat(line(PathReading.of(Rigs.head(), Adjustments.NONE, DIMMER, 1, 0.5), Step.MASTER))
            .isEqualTo(new PathLine(Step.MASTER, 0.5, false, "Follows the grand master."));
        assertThat(line(PathReading.of(Rigs.head(), Adjustments.NONE, PAN, 1, 0.5), Step.MASTER).says())
            .isEqualTo("The profile does not put it under the grand master.");
    }

    @Test
    void twoInversionsAreSaidToCancel() {
        var type = ProfileBuilder.profile("Tidewick", "Turned")
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
            .mode("One", "Base", mode -> mode.channel("Pan", "Base", List.of(1), c -> c.function("Pan", 0, f -> f.physical(270, -270))))
            .build();
        var turned = CompiledMode.of(type, type.modes().getFirst());
        var inverted = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true));

        assertThat(line(PathReading.of(turned, Adjustments.NONE, 0, 0, 1), Step.INVERT).says())
            .isEqualTo("The profile runs the other way round.");
        assertThat(line(PathReading.of(turned, inverted, 0, 0, 1), Step.INVERT).says())
            .isEqualTo("Runs the other way. The profile runs the other way round as well: together they cancel.");
    }

    @Test
    void panAndTiltThatAreExchangedAreAdjusted() {
        var reading = PathReading.of(Rigs.head(), new Adjustments(true, false, null, false, Map.of()), PAN, 0.25, 1);

        assertThat(reading.channels().stream().filter(PathReading.PathChannel::adjusted)).extracting(PathReading.PathChannel::attribute)
            .containsExactly("Pan", "Tilt");
        assertThat(line(reading, Step.SWAP).set()).isTrue();
    }
}
