package yellowkite.output;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntFunction;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.artnet.ArtPoll;
import yellowkite.core.wire.artnet.ArtPollReply;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.sacn.SacnPacket;

/** A line that sends by itself, to a port of this machine. Not for several threads. */
public final class WireLine implements Line {
    private static final String SOURCE = "Yellow Kite bench";
    private static final int LAST_WORDS = 3;
    private static final int POLLED_IN = 1_000;
    private static final int POLLS = 3;
    private final Socket socket;
    private final IntFunction<Destination> destinations;
    private final UUID cid = UUID.randomUUID();
    /** A receiver tells by them what is old, so each universe counts its own. */
    private final Map<Integer, Long> sequences = new HashMap<>();

    private WireLine(IntFunction<Destination> destinations) throws IOException {
        this.socket = new Socket(InetAddress.getLoopbackAddress());
        this.destinations = destinations;
    }

    public static WireLine artNet(int port) throws IOException {
        var to = new InetSocketAddress(InetAddress.getLoopbackAddress(), port);
        return new WireLine(universe -> new Destination.ArtNet(to, universe - 1));
    }

    public static WireLine sacn(int port) throws IOException {
        var to = new Destination.Sacn(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
        return new WireLine(universe -> to);
    }

    private void send(int universe, byte[] levels, boolean ends) throws IOException {
        var to = destinations.apply(universe);
        long sequence = sequences.merge(universe, 1L, Long::sum);
        socket.send(to.datagram(cid, SOURCE, SacnPacket.USUAL_PRIORITY, universe, sequence, levels, ends), to.address());
    }

    @Override
    public void send(int universe, byte[] levels) throws IOException {
        send(universe, levels, false);
    }

    @Override
    public void end(int universe) throws IOException {
        if (destinations.apply(universe) instanceof Destination.Sacn) { // Art-Net knows no end; it falls silent
            for (int i = 0; i < LAST_WORDS; i++) {
                send(universe, new byte[AddressMap.UNIVERSE], true);
            }
        }
    }

    /** Nodes of Art-Net say what they hear when they are polled. */
    @Override
    public Optional<Integer> universe() throws IOException {
        if (!(destinations.apply(1) instanceof Destination.ArtNet node)) {
            return Optional.empty();
        }
        for (int i = 0; i < POLLS; i++) {
            socket.send(new ArtPoll(0, 0).write(), node.address());
            var answer = socket.receive(POLLED_IN).flatMap(ArtPacket::read);
            if (answer.isPresent() && answer.get() instanceof ArtPollReply reply) {
                return reply.ports()
                    .stream()
                    .filter(port -> (port.type() & ArtPollReply.OUTPUT) != 0)
                    .findFirst()
                    .map(port -> reply.outputOf(port) + 1);
            }
        }
        return Optional.empty();
    }

    @Override
    public Optional<DeviceInfo> info(int universe) throws IOException {
        return RdmLine.infoAt(destinations.apply(universe));
    }

    @Override
    public void close() {
        socket.close();
    }
}
