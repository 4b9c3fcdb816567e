package yellowkite.output;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.Optional;
import java.util.UUID;
import yellowkite.core.bench.Proof;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.artnet.ArtPoll;
import yellowkite.core.wire.artnet.ArtPollReply;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.sacn.SacnPacket;

/** A way to a fixture. */
public interface Line extends AutoCloseable {
    String SOURCE = "Yellow Kite bench";

    /** Sends a universe. @param universe from 1. @param levels 512 of them */
    void send(int universe, byte[] levels) throws IOException;

    /** Ends a universe: its source is gone. */
    void end(int universe) throws IOException;

    /** {@return the universe that somebody there says that it hears} */
    Optional<Integer> universe() throws IOException;

    /** {@return what the first fixture there says of itself, where the protocol lets it} */
    Optional<DeviceInfo> info(int universe) throws IOException;

    @Override
    void close();

    /** {@return a line that speaks Art-Net} @param port of this machine */
    static Line artNet(int port) throws Proof.Gone {
        return artNet(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
    }

    static Line artNet(InetSocketAddress to) throws Proof.Gone {
        return new ArtNet(socket(to.getAddress()), to);
    }

    /** {@return a line that speaks sACN} @param port of this machine */
    static Line sacn(int port) throws Proof.Gone {
        return new Sacn(socket(InetAddress.getLoopbackAddress()), new InetSocketAddress(InetAddress.getLoopbackAddress(), port),
                UUID.randomUUID());
    }

    private static Socket socket(InetAddress towards) throws Proof.Gone {
        try {
            return new Socket(towards);
        } catch (IOException none) {
            throw new Proof.Gone("This machine gives no network port.");
        }
    }

    /** Art-Net. */
    final class ArtNet implements Line {
        private static final int ANSWERED_IN = 1_000;
        private static final int TRIES = 3;
        private static final int LARGEST_SEQUENCE = 255;
        private final Socket socket;
        private final InetSocketAddress to;
        private int sequence;

        private ArtNet(Socket socket, InetSocketAddress to) {
            this.socket = socket;
            this.to = to;
        }

        @Override
        public void send(int universe, byte[] levels) throws IOException {
            sequence = sequence % LARGEST_SEQUENCE + 1; // 0 would mean that none is counted
            socket.send(new ArtDmx(sequence, 0, universe - 1, Bytes.of(levels)).write(), to);
        }

        @Override
        public void end(int universe) {
            // Art-Net knows no end; it falls silent
        }

        @Override
        public Optional<Integer> universe() throws IOException {
            return ask(new ArtPoll(0, 0), ArtPollReply.class)
                .flatMap(reply -> reply.ports()
                    .stream()
                    .filter(port -> (port.type() & ArtPollReply.OUTPUT) != 0)
                    .findFirst()
                    .map(port -> reply.outputOf(port) + 1));
        }

        @Override
        public Optional<DeviceInfo> info(int universe) throws IOException {
            try (var rdm = new RdmLine(new Destination.ArtNet(to, universe - 1))) {
                return rdm.first();
            }
        }

        private <P extends ArtPacket> Optional<P> ask(ArtPacket asked, Class<P> wanted) throws IOException {
            for (int i = 0; i < TRIES; i++) {
                socket.send(asked.write(), to);
                long until = System.nanoTime() + ANSWERED_IN * 1_000_000L;
                for (long left = ANSWERED_IN; left > 0; left = (until - System.nanoTime()) / 1_000_000L) {
                    var answer = socket.receive((int) left).flatMap(ArtPacket::read).filter(wanted::isInstance);
                    if (answer.isPresent()) {
                        return answer.map(wanted::cast);
                    }
                }
            }
            return Optional.empty();
        }

        @Override
        public void close() {
            socket.close();
        }
    }

    /** Streaming ACN. */
    final class Sacn implements Line {
        private static final int LAST_WORDS = 3;
        private final Socket socket;
        private final InetSocketAddress to;
        private final UUID cid;
        private int sequence;

        private Sacn(Socket socket, InetSocketAddress to, UUID cid) {
            this.socket = socket;
            this.to = to;
            this.cid = cid;
        }

        private void send(int universe, Bytes slots, boolean ends) throws IOException {
            sequence = sequence + 1 & 0xff;
            socket.send(
                    new SacnPacket(cid, SOURCE, SacnPacket.USUAL_PRIORITY, 0, sequence, false, ends, false, universe, 0, slots).write(),
                    to);
        }

        @Override
        public void send(int universe, byte[] levels) throws IOException {
            send(universe, Bytes.of(levels), false);
        }

        @Override
        public void end(int universe) throws IOException {
            for (int i = 0; i < LAST_WORDS; i++) {
                send(universe, Bytes.NONE, true);
            }
        }

        @Override
        public Optional<Integer> universe() {
            return Optional.empty();
        }

        @Override
        public Optional<DeviceInfo> info(int universe) {
            return Optional.empty();
        }

        @Override
        public void close() {
            socket.close();
        }
    }
}
