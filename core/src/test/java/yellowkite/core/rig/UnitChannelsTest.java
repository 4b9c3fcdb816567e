package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

class UnitChannelsTest {
    private static final Found HEAD = Found.chosen("head", "Tidewick", "Petrel Spot", "Short", new TreeMap<>(Map.of(1, 8)));

    private static List<String> lines(Unit unit) {
        return UnitChannels.of(unit, Rigs.head())
            .stream()
            .map(each -> each.attribute() + " " + String.join("+", each.addresses()) + " " + each.start())
            .toList();
    }

    /** At 3.101 the mode's address 1 is 3.101, its address 8 is 3.108. */
    @Test
    void standAtTheirRealAddressesWithWhatIsSentFirst() {
        assertThat(lines(Rigs.unit("1", HEAD, "3.101"))).containsExactly("Dimmer 3.101 0", "Pan 3.102+3.103 32768",
                "Tilt 3.104+3.105 32768",
                "Gobo1 3.106 20", "Shutter1 3.108 0");
    }

    /** Inverse of 32768 in two bytes is 32767; half of full scale in one byte is 127.5, rounded half up. */
    @Test
    void theUnitsOwnPathIsInTheStart() {
        var own = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true))
            .with("Gobo1", new ChannelAdjustment(false, List.of(), 1, 0, 1, false, null, 0.5));

        assertThat(lines(Rigs.unit("1", HEAD, f -> f.adjustments = own, "1.1"))).contains("Pan 1.2+1.3 32767", "Gobo1 1.6 128");
    }

    @Test
    void withoutAnAddressTheyHaveNone() {
        assertThat(lines(Rigs.unit("1", HEAD))).startsWith("Dimmer  0", "Pan  32768");
    }
}
