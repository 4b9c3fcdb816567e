package yellowkite.core.bench.rdm;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.Begin;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.SlotInfo;
import yellowkite.core.wire.rdm.SlotValue;
import yellowkite.core.wire.rdm.Uid;

class FirstProfileTest {
    private static ToldDevice device(String text, List<SlotInfo> slots, List<SlotValue> starts) {
        return new ToldDevice(new Uid(0x7ff3, 9), new DeviceInfo(0x0102, DeviceInfo.MOVING, 7, slots.size(), 2, 2, 1, 0, 0), "Osier & Vane",
                "Long Reed", "", "1.0", List.of(new Personality(2, slots.size(), text)), slots, starts);
    }

    private static FixtureType begun(FirstProfile first) {
        var page = ((Outcome.Applied<FixtureType>) new Begin("Osier & Vane", "Long Reed", "00000000-0000-0000-0000-0000000000c7",
                first.body())
            .applyTo(FixtureType.of(type -> {}))).after();
        return ((Outcome.Applied<FixtureType>) first.edit().applyTo(page)).after();
    }

    /** Intensity; something of the manufacturer's own; pan with its fine byte, which starts at 0x8040; a second intensity. */
    @Test
    void aChannelIsMadeOfEachSlotThatIsKnown() {
        var first = FirstProfile.of(device("Wide",
                List.of(new SlotInfo(0, SlotInfo.PRIMARY, 0x0001), new SlotInfo(1, SlotInfo.PRIMARY, 0x8001),
                        new SlotInfo(2, SlotInfo.PRIMARY, 0x0101), new SlotInfo(3, SlotInfo.FINE, 2),
                        new SlotInfo(4, SlotInfo.PRIMARY, 0x0001)),
                List.of(new SlotValue(0, 0), new SlotValue(2, 0x80), new SlotValue(3, 0x40))))
            .orElseThrow();
        var type = begun(first);
        var mode = type.modes().getFirst();

        assertThat(first.body()).isEqualTo(Begin.Body.MOVING_HEAD);
        assertThat(mode.name()).isEqualTo("Wide");
        assertThat(mode.channels().stream().map(each -> each.attribute() + " " + each.offsets() + " " + each.start()))
            .containsExactly("Dimmer [1] 0", "Pan [3, 4] " + 0x8040);
        assertThat(CompiledMode.of(type, mode).map().totalFootprint()).isEqualTo(4);
    }

    @Test
    void whatSaysNothingOfItsSlotsBeginsNothing() {
        assertThat(FirstProfile.of(device("Wide", List.of(), List.of()))).isEmpty();
        assertThat(FirstProfile.of(device("Wide", List.of(new SlotInfo(0, SlotInfo.PRIMARY, SlotIds.UNDEFINED)), List.of()))).isEmpty();
        var unnamed = FirstProfile.of(device("", List.of(new SlotInfo(0, SlotInfo.PRIMARY, 0x0001)), List.of())).orElseThrow();
        assertThat(begun(unnamed).modes().getFirst().name()).isEqualTo("Personality 2");
    }
}
