package yellowkite.sim;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import yellowkite.core.wire.Ear;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.artnet.ArtPoll;
import yellowkite.core.wire.artnet.ArtPollReply;
import yellowkite.core.wire.artnet.ArtRdm;
import yellowkite.core.wire.artnet.ArtTodControl;
import yellowkite.core.wire.artnet.ArtTodData;
import yellowkite.core.wire.artnet.ArtTodRequest;

/** A node of Art-Net with one port, and the fixture on its line: it answers to the address and port that asked. */
final class ArtNetNode extends Ear {
    private static final int LOOPBACK = 0x7f000001;
    private static final int RDM_CAPABLE = 0x02;
    /** Status2: 15-bit port-addresses. */
    private static final int WIDE = 0x08;
    private static final int GOOD = 0x80;
    private static final int FIRMWARE = 0x0100;
    /** For manufacturers that have none of their own. */
    private static final int OEM = 0x00ff;
    private final SimulatedFixture fixture;
    private final AtomicInteger replies = new AtomicInteger();

    ArtNetNode(SimulatedFixture fixture, int port) throws IOException {
        super("Art-Net", port);
        this.fixture = fixture;
    }

    @Override
    protected void take(ByteBuffer datagram, InetSocketAddress from) throws IOException {
        var packet = ArtPacket.read(datagram);
        if (packet.isEmpty()) {
            return;
        }
        switch (packet.get()) {
            case ArtDmx dmx -> fixture.take(dmx, from.getAddress().getHostAddress() + ":" + from.getPort());
            case ArtPoll poll -> send(reply().write(), from);
            case ArtTodRequest asked when asked.portAddresses().contains(fixture.portAddress()) -> send(devices().write(), from);
            case ArtTodControl told when told.portAddress() == fixture.portAddress() -> send(devices().write(), from);
            case ArtRdm rdm when rdm.portAddress() == fixture.portAddress() -> {
                var answer = fixture.answer(rdm.message());
                if (answer.isPresent()) {
                    send(new ArtRdm(fixture.portAddress(), answer.get()).write(), from);
                }
            }
            default -> {
                // for another port, or an answer to somebody else
            }
        }
    }

    private ArtPollReply reply() {
        int address = fixture.portAddress();
        var report = String.format(Locale.ROOT, "#0001 [%04d] Hears port-address %d", replies.incrementAndGet() % 10_000, address);
        return new ArtPollReply(LOOPBACK, port(), FIRMWARE, address >> 8, address >> 4 & 0x0f, OEM, RDM_CAPABLE, fixture.uid().maker(),
                "Kite sim", "Simulated " + fixture.type().manufacturer() + " " + fixture.type().name(), report,
                List.of(new ArtPollReply.Port(ArtPollReply.OUTPUT, 0, GOOD, 0, address & 0x0f)), fixture.uid().device(), LOOPBACK, 1, WIDE);
    }

    private ArtTodData devices() {
        return new ArtTodData(fixture.portAddress(), 1, 1, 1, 0, List.of(fixture.uid()));
    }
}
