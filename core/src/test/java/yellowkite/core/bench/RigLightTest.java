package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.RigLevels;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;

/** A head of 8 addresses: dimmer at 1, pan at 2 and 3, tilt at 4 and 5, gobo at 6, nothing at 7, shutter at 8. */
class RigLightTest {
    private static final Found HEAD = Found.chosen("head", "Tidewick", "Petrel Spot", "Short", new TreeMap<>(Map.of(1, 8)));
    private final yellowkite.core.dmx.CompiledMode mode = Rigs.head();

    @Test
    void darkIsDarkWhateverKeepsTheLightUpAndTheRightWayRound() {
        var kept = new Adjustments(false, false, 0.1, false,
                Map.of("Dimmer", new ChannelAdjustment(false, List.of(), 1, 0.2, 1, false, null, 1.0)));
        var inverted = Adjustments.NONE.with("Dimmer", ChannelAdjustment.NONE.withInvert(true));
        Unit warm = Rigs.unit("1", HEAD, f -> f.adjustments = kept, "1.1");
        Unit turned = Rigs.unit("2", HEAD, f -> f.adjustments = inverted, "1.11");

        var dark = RigLight.dark(List.of(warm, turned), unit -> mode);
        dark.send(1);

        assertThat(dark.frames().get(1)[0]).isZero();
        assertThat(dark.frames().get(1)[10] & 0xff).as("its dimmer runs the other way").isEqualTo(255);
    }

    @Test
    void anAddressBelongsToTheUnitThatStandsThere() {
        var levels = RigLevels.of(List.of(Rigs.unit("101", HEAD, "1.11"), Rigs.unit("102", HEAD, "2.510")), unit -> mode);

        var owners = RigLight.owners(levels, 1);
        assertThat(owners).hasSize(512);
        assertThat(owners.subList(9, 13)).containsExactly("", "101 Dimmer", "101 Pan", "101 Pan fine");
        assertThat(RigLight.owners(levels, 2).subList(509, 512)).as("not over the end")
            .containsExactly("102 Dimmer", "102 Pan", "102 Pan fine");
    }
}
