package yellowkite.core.bench.rdm;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.bench.rdm.DeviceDifference.Cure;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Protocols;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.SlotInfo;
import yellowkite.core.wire.rdm.SlotValue;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.xml.Source;

/** A head of 16-bit pan and a dimmer, 3 slots, and the same in 8 bits, 2. */
class DeviceDifferenceTest {
    private static final FixtureType TYPE = ProfileBuilder.profile("Osier & Vane", "Long Reed")
        .id("00000000-0000-0000-0000-0000000000c1")
        .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
        .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
        .body(part(Kind.Geometry, "Base"))
        .mode("Fine", "Base", mode -> mode
            .channel("Pan", "Base", at(1, 2), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(32768)))
            .channel("Dimmer", "Base", at(3), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))))
        .mode("Plain", "Base", mode -> mode
            .channel("Pan", "Base", at(1), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(128)))
            .channel("Dimmer", "Base", at(2), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))))
        .build();
    private static final CompiledMode FINE = CompiledMode.of(TYPE, TYPE.modes().getFirst());
    private static final List<Personality> PERSONALITIES = List.of(new Personality(1, 3, "Fine"), new Personality(2, 2, "Plain"));
    /** Pan with its fine byte, then intensity; 0x80, 0x00, 0. */
    private static final List<SlotInfo> SLOTS = List.of(new SlotInfo(0, 0, 0x0101), new SlotInfo(1, 1, 0), new SlotInfo(2, 0, 0x0001));
    private static final List<SlotValue> STARTS = List.of(new SlotValue(0, 128), new SlotValue(1, 0), new SlotValue(2, 0));

    private static ToldDevice device(int personality, int footprint, int address, List<SlotInfo> slots, List<SlotValue> starts) {
        return new ToldDevice(new Uid(0x7ff3, 9), new DeviceInfo(0x0102, DeviceInfo.MOVING, 7, footprint, personality, 2, address, 0, 0),
                "OSIER&VANE", "Long-Reed", "", "1.0", PERSONALITIES, slots, starts);
    }

    private static List<String> says(ToldDevice device, int address) {
        return DeviceDifference.of(device, FINE, address).stream().map(DeviceDifference::says).toList();
    }

    @Test
    void whatIsAsTheRigHasItDiffersInNothing() {
        assertThat(says(device(1, 3, 101, SLOTS, STARTS), 101)).isEmpty();
        assertThat(says(device(1, 3, 55, List.of(), List.of()), 0)).as("a rig without an address wants none").isEmpty();
    }

    @Test
    void anotherPersonalityCanBeSetOnEitherSide() {
        var differing = DeviceDifference.of(device(2, 2, 101, List.of(), List.of()), FINE, 101);

        assertThat(differing).singleElement().satisfies(each -> {
            assertThat(each.says()).isEqualTo("The fixture is in personality 2, 2 slots; the rig has 'Fine', 3.");
            assertThat(each.cures()).containsExactly(new Cure.SetPersonality(1), new Cure.ChangeMode("Plain"));
        });
    }

    @Test
    void anotherAddressCanBeSetOnEitherSide() {
        var differing = DeviceDifference.of(device(1, 3, 55, SLOTS, STARTS), FINE, 101);

        assertThat(differing).singleElement().satisfies(each -> {
            assertThat(each.says()).isEqualTo("The fixture is at 55; the rig has it at 101.");
            assertThat(each.cures()).containsExactly(new Cure.SetAddress(101), new Cure.ChangeAddress(55));
        });
        assertThat(DeviceDifference.of(device(1, 3, DeviceInfo.NO_ADDRESS, SLOTS, STARTS), FINE, 101).getFirst().says())
            .isEqualTo("The fixture has no address; the rig has it at 101.");
    }

    @Test
    void slotsAndTheirStartsAreComparedOneByOne() {
        var slots = List.of(new SlotInfo(0, 0, 0x0102), new SlotInfo(1, 0, 0xffff), new SlotInfo(2, 0, 0xffff), new SlotInfo(9, 0, 1));
        var starts = List.of(new SlotValue(0, 127), new SlotValue(9, 1));

        assertThat(says(device(1, 3, 101, slots, starts), 101)).containsExactly(
                "Slot 1 is 'Tilt' in the fixture, and 'Pan' in the profile.",
                "Slot 2 is something undefined in the fixture, and the fine byte of slot 1 in the profile.",
                "Slot 1 starts at 127 in the fixture, and at 128 in the profile.");
    }

    @Test
    void manyDifferencesAreCounted() {
        var starts = new ArrayList<SlotValue>();
        for (int i = 0; i < 60; i++) {
            starts.add(new SlotValue(i % 3, 99));
        }

        assertThat(says(device(1, 3, 101, List.of(), starts), 101)).hasSize(21).last().isEqualTo("And 40 more of its slots.");
    }

    @Test
    void aProfileIsFoundByItsIdsOrByItsNames() {
        var device = device(1, 3, 1, SLOTS, STARTS);
        var other = TYPE.with(f -> f.name = "Short Reed");

        assertThat(DeviceMatch.of(device, TYPE)).contains(DeviceMatch.Sure.BY_NAME);
        assertThat(DeviceMatch.of(device, other)).isEmpty();
        assertThat(DeviceMatch.of(device, withIds(other, 0x7ff3, 0x0102))).contains(DeviceMatch.Sure.BY_ID);
        assertThat(DeviceMatch.of(device, withIds(other, 0x7ff3, 0x0103))).isEmpty();
    }

    private static FixtureType withIds(FixtureType type, int maker, int model) {
        return type.with(f -> f.protocols = new Protocols(new Protocols.Rdm(maker, model,
                List.of(new Protocols.SoftwareVersion(6, List.of(new Protocols.Personality(1, "Fine", Source.NONE)), Source.NONE),
                        new Protocols.SoftwareVersion(7, List.of(new Protocols.Personality(1, "Plain", Source.NONE)), Source.NONE)),
                Source.NONE), List.of(), Source.NONE));
    }

    @Test
    void aPersonalityIsTheModeThatTheProfileSaysForThatSoftware() {
        var device = device(1, 3, 1, SLOTS, STARTS); // software 7

        assertThat(DeviceMatch.modeOf(TYPE, device, 1).orElseThrow().name()).as("by footprint and name").isEqualTo("Fine");
        assertThat(DeviceMatch.modeOf(withIds(TYPE, 1, 1), device, 1).orElseThrow().name()).isEqualTo("Plain");
        assertThat(DeviceMatch.modeOf(TYPE, device, 3)).isEmpty();
        assertThat(DeviceMatch.personalityOf(TYPE, device, TYPE.modes().get(1))).contains(2);
    }
}
