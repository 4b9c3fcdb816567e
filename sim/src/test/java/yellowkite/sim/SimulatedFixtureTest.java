package yellowkite.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import yellowkite.core.bench.Flaw;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Parameter;
import yellowkite.core.wire.rdm.RdmMessage;
import yellowkite.core.wire.rdm.RdmMessage.Command;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.demo.DemoHouse;

/** The demo house's spot at 3.101: 16-bit pan first, then tilt; its 16-bit dimmer stands at 6 and 7 of 22 addresses. */
class SimulatedFixtureTest {
    private static final Uid UID = new Uid(0x7ff0, 1);
    private static final Uid US = new Uid(0x7ff0, 2);
    private long now = 5_000_000_000L;
    private int sequence;

    private SimulatedFixture spot(String... flaws) {
        return new SimulatedFixture(DemoHouse.petrelSpot().description().type(), 1, 3, 101, UID,
                Arrays.stream(flaws).map(each -> Flaw.parse(each).orElseThrow()).toList(), "1.0", () -> now);
    }

    private SacnPacket packet(int universe, int priority, byte[] levels) {
        return new SacnPacket(new UUID(0, priority), "Test " + priority, priority, 0, sequence++ & 0xff, false, false, false, universe, 0,
                Bytes.of(levels));
    }

    /** Pan at its most, at 101 and 102 of a universe. */
    private static byte[] panAtMost() {
        var levels = new byte[512];
        levels[100] = (byte) 255;
        levels[101] = (byte) 255;
        return levels;
    }

    @Test
    void beforeTheFirstFrameItStandsAtItsStart() {
        var seen = spot().look();

        assertThat(seen.frames()).isZero();
        assertThat(seen.source()).isNull();
        assertThat(seen.dmx()).isEmpty();
        assertThat(seen.address()).isEqualTo(101);
        assertThat(seen.personality()).isEqualTo(1);
        assertThat(spot("start:Head_Dimmer:65535").look().level()).isGreaterThan(0.99);
    }

    @Test
    void itHearsItsOwnUniverseAndAddressAlone() {
        var spot = spot();
        spot.take(packet(2, 100, panAtMost()));
        assertThat(spot.look().frames()).isZero();

        spot.take(packet(3, 100, panAtMost()));
        now += 60_000_000_000L;

        var seen = spot.look();
        assertThat(seen.frames()).isEqualTo(1);
        assertThat(seen.dmx()).containsEntry(1, 255).containsEntry(3, 0).hasSize(22);
        assertThat(seen.axes().get("Pan")).isCloseTo(270, within(1e-9));
        assertThat(seen.source()).as("nobody was heard for a minute").isNull();
    }

    @Test
    void artNetCountsUniversesFromZero() {
        var spot = spot();
        spot.take(new ArtDmx(0, 0, 3, Bytes.of(panAtMost())), "here");
        assertThat(spot.look().frames()).isZero();

        spot.take(new ArtDmx(0, 0, 2, Bytes.of(panAtMost())), "here");
        assertThat(spot.look().frames()).isEqualTo(1);
        assertThat(spot.look().source()).isEqualTo("Art-Net here");
    }

    @Test
    void ofTwoSourcesTheHigherPriorityIsObeyed() {
        var spot = spot();
        spot.take(packet(3, 150, panAtMost()));
        spot.take(packet(3, 100, new byte[512]));

        assertThat(spot.look().dmx()).containsEntry(1, 255);
        assertThat(spot.look().source()).isEqualTo("Test 150");
    }

    private RdmMessage ask(SimulatedFixture spot, Command command, int parameter, int... data) {
        var bytes = new byte[data.length];
        for (int i = 0; i < data.length; i++) {
            bytes[i] = (byte) data[i];
        }
        return spot.answer(new RdmMessage(UID, US, 9, 1, 0, 0, command, parameter, Bytes.of(bytes))).orElseThrow();
    }

    @Test
    void itSaysWhoItIs() {
        var spot = spot();
        var info = DeviceInfo.read(ask(spot, Command.GET, Parameter.DEVICE_INFO).data()).orElseThrow();

        assertThat(List.of(info.category(), info.footprint(), info.personality(), info.personalities(), info.address()))
            .containsExactly(DeviceInfo.MOVING, 22, 1, 2, 101);
        assertThat(new String(ask(spot, Command.GET, Parameter.DEVICE_MODEL_DESCRIPTION).data().toArray())).isEqualTo("Petrel Spot");
        assertThat(new String(ask(spot, Command.GET, Parameter.SOFTWARE_VERSION_LABEL).data().toArray())).isEqualTo("1.0");
        assertThat(ask(spot, Command.GET, Parameter.DMX_PERSONALITY_DESCRIPTION, 2).data()).hasToString("02" + "000d" + "436f6d70616374");
        // pan, its fine byte, tilt
        assertThat(ask(spot, Command.GET, Parameter.SLOT_INFO).data().toString())
            .startsWith("0000" + "00" + "0101" + "0001" + "01" + "0000" + "0002" + "00" + "0102");
        assertThat(DeviceInfo.read(ask(spot("footprint:16"), Command.GET, Parameter.DEVICE_INFO).data()).orElseThrow().footprint())
            .isEqualTo(16);
    }

    @Test
    void itIsSetAndRefusesWhatCannotBe() {
        var spot = spot();

        assertThat(ask(spot, Command.SET, Parameter.DMX_START_ADDRESS, 0, 200).portOrResponse()).isEqualTo(RdmMessage.ACK);
        assertThat(ask(spot, Command.SET, Parameter.DMX_PERSONALITY, 2).portOrResponse()).isEqualTo(RdmMessage.ACK);
        assertThat(ask(spot, Command.SET, Parameter.IDENTIFY_DEVICE, 1).portOrResponse()).isEqualTo(RdmMessage.ACK);
        assertThat(spot.look().address() + " " + spot.look().personality() + " " + spot.look().identify()).isEqualTo("200 2 true");

        record Refused(Command command, int parameter, int[] data, int reason) {}
        for (var each : List.of(new Refused(Command.SET, Parameter.DMX_START_ADDRESS, new int[]{2, 1}, 0x0006),
                new Refused(Command.SET, Parameter.DMX_START_ADDRESS, new int[]{1}, 0x0001),
                new Refused(Command.SET, Parameter.DMX_PERSONALITY, new int[]{3}, 0x0006),
                new Refused(Command.SET, Parameter.DEVICE_INFO, new int[0], 0x0005), new Refused(Command.GET, 0x7777, new int[0], 0x0000),
                new Refused(Command.GET, Parameter.SLOT_DESCRIPTION, new int[]{1, 0}, 0x0006))) {
            var answer = ask(spot, each.command(), each.parameter(), each.data());
            assertThat(answer.portOrResponse()).isEqualTo(RdmMessage.NACK);
            assertThat(answer.data()).hasToString(String.format("%04x", each.reason()));
        }
    }

    @Test
    void abroadcastIsObeyedAndNotAnswered() {
        var spot = spot();

        assertThat(spot.answer(new RdmMessage(Uid.ALL, US, 9, 1, 0, 0, Command.SET, Parameter.IDENTIFY_DEVICE, Bytes.of((byte) 1))))
            .isEmpty();
        assertThat(spot.look().identify()).isTrue();
        assertThat(spot.answer(new RdmMessage(US, US, 9, 1, 0, 0, Command.SET, Parameter.IDENTIFY_DEVICE, Bytes.of((byte) 0)))).isEmpty();
        assertThat(spot.look().identify()).isTrue();
    }
}
