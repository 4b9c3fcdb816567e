package yellowkite.server.bench;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import yellowkite.core.wire.Ear;
import yellowkite.core.wire.UniverseSources;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.server.bench.LiveOutput.FrameTaker;
import yellowkite.server.web.Refusal;

/** Universes that come in by sACN or Art-Net: heard on loopback, and from the network where the house allowed addresses. */
@Service
class Incoming {
    private static final int MOST = 1_024;
    private final Addresses addresses;
    private final Map<Integer, UniverseSources> universes = new TreeMap<>();
    private final List<FrameTaker> takers = new CopyOnWriteArrayList<>();
    private final Port port = new Port();
    private @Nullable Protocol protocol;
    private long malformed;

    /** By what it comes. */
    enum Protocol {
        SACN, ARTNET
    }

    Incoming(Addresses addresses) {
        this.addresses = addresses;
    }

    /** @param sources names of those that count now */
    record HeardUniverse(int universe, List<String> sources, long dropped) {}

    /** @param protocol null while nobody listens. @param malformed packets that were none */
    record HeardUniverses(@Nullable Protocol protocol, int port, List<HeardUniverse> universes, long malformed) {}

    synchronized HeardUniverses state() {
        long now = System.nanoTime();
        return new HeardUniverses(protocol, port.number(),
                universes.entrySet()
                    .stream()
                    .map(each -> new HeardUniverse(each.getKey(),
                            each.getValue().winning(now).stream().map(UniverseSources.Heard::name).distinct().sorted().toList(),
                            each.getValue().dropped()))
                    .filter(each -> !each.sources().isEmpty())
                    .toList(),
                malformed);
    }

    /** Begins to listen. @throws Refusal 422 if the port is taken, or none */
    synchronized void listen(Protocol by, int number) {
        stop();
        port.listen(number, at -> new Listening(by, addresses.listening(), at));
        protocol = by;
    }

    synchronized void stop() {
        port.close();
        protocol = null;
        universes.clear();
        malformed = 0;
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        stop();
    }

    /** {@return 512 levels as they come in; empty while nobody sends} */
    synchronized Optional<byte[]> levels(int universe) {
        return Optional.ofNullable(universes.get(universe)).flatMap(each -> each.levels(System.nanoTime()));
    }

    synchronized List<String> sources(int universe) {
        var of = universes.get(universe);
        return of == null ? List.of() : of.winning(System.nanoTime()).stream().map(UniverseSources.Heard::name).toList();
    }

    void onFrames(FrameTaker taker) {
        takers.add(taker);
    }

    private final class Listening extends Ear {
        private final Protocol by;

        Listening(Protocol by, InetAddress at, int port) throws IOException {
            super("incoming", at, port);
            this.by = by;
            if (by == Protocol.SACN) {
                join();
            }
        }

        /** Groups of the first universes, where this machine has groups at all; others are heard where they are sent to it. */
        private void join() {
            for (int universe = 1; universe <= 16; universe++) {
                try {
                    channel().join(InetAddress.getByName(SacnPacket.groupOf(universe)),
                            NetworkInterface.getByInetAddress(InetAddress.getLoopbackAddress()));
                } catch (IOException | RuntimeException none) {
                    return;
                }
            }
        }

        @Override
        protected void take(ByteBuffer datagram, InetSocketAddress from) {
            if (!addresses.isAllowed(from.getAddress())) {
                return;
            }
            int universe = by == Protocol.SACN ? sacn(datagram) : artNet(datagram, from);
            if (universe > 0) {
                levels(universe).ifPresent(levels -> takers.forEach(each -> each.take(universe, levels)));
            }
        }

        /** {@return the universe that it is of; 0 where it counts for none} */
        private int sacn(ByteBuffer datagram) {
            var packet = SacnPacket.read(datagram);
            synchronized (Incoming.this) {
                if (packet.isEmpty()) {
                    malformed++;
                    return 0;
                }
                return of(packet.get().universe()).filter(each -> each.take(packet.get(), System.nanoTime())).isPresent()
                        ? packet.get().universe()
                        : 0;
            }
        }

        private int artNet(ByteBuffer datagram, InetSocketAddress from) {
            var packet = ArtPacket.read(datagram);
            synchronized (Incoming.this) {
                if (packet.isEmpty()) {
                    malformed++;
                    return 0;
                }
                if (!(packet.get() instanceof ArtDmx dmx)) {
                    return 0;
                }
                int universe = dmx.portAddress() + 1;
                var name = from.getAddress().getHostAddress() + ":" + from.getPort();
                return of(universe).filter(each -> each.take(dmx, name, System.nanoTime())).isPresent() ? universe : 0;
            }
        }

        private Optional<UniverseSources> of(int universe) {
            if (universes.size() >= MOST && !universes.containsKey(universe)) {
                return Optional.empty();
            }
            return Optional.of(universes.computeIfAbsent(universe, none -> new UniverseSources()));
        }
    }
}
