package yellowkite.sim;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.nio.ByteBuffer;
import yellowkite.core.wire.Ear;
import yellowkite.core.wire.sacn.SacnPacket;

/** Hears sACN for a fixture: what is sent to this machine, and to its universe's group on the loopback interface where that has groups. */
final class SacnReceiver extends Ear {
    private final SimulatedFixture fixture;

    SacnReceiver(SimulatedFixture fixture, int port) throws IOException {
        super("sACN", port);
        this.fixture = fixture;
        try {
            channel().join(InetAddress.getByName(SacnPacket.groupOf(fixture.universe())),
                    NetworkInterface.getByInetAddress(InetAddress.getLoopbackAddress()));
        } catch (IOException | RuntimeException none) {
            // this machine's loopback has no groups: then it is sent to by its address
        }
    }

    @Override
    protected void take(ByteBuffer datagram, InetSocketAddress from) {
        SacnPacket.read(datagram).ifPresent(fixture::take);
    }
}
