package yellowkite.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowkite.core.bench.rdm.DeviceDifference;
import yellowkite.core.bench.rdm.DeviceMatch;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** A simulated spot of the demo house at 3.101, asked over the wire. */
class RdmLineTest {
    private static final FixtureType SPOT = DemoHouse.petrelSpot().description().type();
    private static final Uid UID = new Uid(0x7ff0, 5);
    private SimulatedFixture fixture;
    private RunningSim sim;
    private RdmLine line;

    @BeforeEach
    void open() throws Exception {
        fixture = new SimulatedFixture(SPOT, 1, 3, 101, UID, List.of(), "0.9", System::nanoTime);
        sim = new RunningSim(fixture, 0, 0, 0);
        line = new RdmLine(new Destination.ArtNet(new InetSocketAddress(InetAddress.getLoopbackAddress(), sim.artNetPort()), 2));
    }

    @AfterEach
    void close() throws Exception {
        line.close();
        sim.close();
    }

    @Test
    void aDeviceDescribesItself() throws Exception {
        var device = line.devices(true).getFirst();

        assertThat(device.uid()).isEqualTo(UID);
        assertThat(device.manufacturer() + " " + device.model() + " " + device.software()).isEqualTo("Tidewick Petrel Spot 0.9");
        assertThat(device.personalities().stream().map(each -> each.number() + " " + each.text() + " " + each.footprint()))
            .containsExactly("1 Extended 22", "2 Compact 13");
        assertThat(device.slots()).hasSize(22);
        assertThat(DeviceMatch.of(device, SPOT)).isPresent();
        assertThat(DeviceDifference.of(device, CompiledMode.of(SPOT, SPOT.modes().getFirst()), 101)).isEmpty();
    }

    /** What differs is cured at the fixture, and differs no more. */
    @Test
    void aCureIsSetAtTheFixture() throws Exception {
        var compact = CompiledMode.of(SPOT, SPOT.modes().get(1));
        var differing = DeviceDifference.of(line.devices(false).getFirst(), compact, 21);
        assertThat(differing).extracting(DeviceDifference::says)
            .containsExactly("The fixture is in personality 1, 22 slots; the rig has 'Compact', 13.",
                    "The fixture is at 101; the rig has it at 21.");

        line.setPersonality(UID, 2);
        line.setAddress(UID, 21);

        assertThat(DeviceDifference.of(line.devices(false).getFirst(), compact, 21)).isEmpty();
        line.identify(UID, true);
        assertThat(fixture.look().identify()).isTrue();
    }

    @Test
    void whatItRefusesIsSaidInASentence() {
        assertThatThrownBy(() -> line.setAddress(UID, 600)).isInstanceOf(RdmLine.Refused.class)
            .hasMessage("The fixture 7ff0:00000005 refuses it: the value is outside of what it has.");
        assertThatThrownBy(() -> line.setPersonality(new Uid(0x7ff0, 6), 1)).hasMessage("The fixture 7ff0:00000006 does not answer.");
    }
}
