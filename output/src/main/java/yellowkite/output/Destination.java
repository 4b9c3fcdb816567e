package yellowkite.output;

import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.sacn.SacnPacket;

/**
 * Where a universe goes to. Written {@code sacn 127.0.0.1:5568}, {@code artnet 127.0.0.1:6454 0} with the port-address, or
 * {@code sacn multicast}.
 */
public sealed interface Destination {
    InetSocketAddress address();

    /** {@return the datagram for it} @param sequence counted by universe. @param ends whether the universe ends with it */
    byte[] datagram(UUID cid, String source, int priority, int universe, long sequence, byte[] levels, boolean ends);

    /** Streaming ACN. */
    record Sacn(InetSocketAddress address) implements Destination {
        @Override
        public byte[] datagram(UUID cid, String source, int priority, int universe, long sequence, byte[] levels, boolean ends) {
            return new SacnPacket(cid, source, priority, 0, (int) (sequence & 0xff), false, ends, false, universe, 0, Bytes.of(levels))
                .write();
        }

        @Override
        public String toString() {
            return "sacn " + (address.getAddress().isMulticastAddress() ? "multicast" : host(address));
        }
    }

    /** Art-Net. @param portAddress in [0, 32767] */
    record ArtNet(InetSocketAddress address, int portAddress) implements Destination {
        private static final int LARGEST = 255;

        @Override
        public byte[] datagram(UUID cid, String source, int priority, int universe, long sequence, byte[] levels, boolean ends) {
            return new ArtDmx((int) (sequence % LARGEST) + 1, 0, portAddress, Bytes.of(levels)).write(); // 0 would mean that none is counted
        }

        @Override
        public String toString() {
            return "artnet " + host(address) + " " + portAddress;
        }
    }

    Pattern WRITTEN = Pattern.compile("(sacn|artnet) (?:(multicast)|(\\d{1,3}(?:\\.\\d{1,3}){3}):(\\d{1,5}))(?: (\\d{1,5}))?");
    int LARGEST_PORT = 65_535;

    /** {@return the destination that a text is} Names of hosts are none: nobody is asked who they are. @param universe from 1 */
    static Optional<Destination> parse(String text, int universe) {
        var match = WRITTEN.matcher(text);
        if (!match.matches() || universe < 1 || universe > SacnPacket.LARGEST_UNIVERSE) {
            return Optional.empty();
        }
        try {
            boolean sacn = match.group(1).equals("sacn");
            if (match.group(2) != null) {
                return sacn && match.group(5) == null
                        ? Optional.of(new Sacn(new InetSocketAddress(InetAddress.getByName(SacnPacket.groupOf(universe)), SacnPacket.PORT)))
                        : Optional.empty();
            }
            int port = Integer.parseInt(match.group(4));
            if (port < 1 || port > LARGEST_PORT) {
                return Optional.empty();
            }
            var address = new InetSocketAddress(InetAddress.getByName(match.group(3)), port);
            if (sacn) {
                return match.group(5) == null ? Optional.of(new Sacn(address)) : Optional.empty();
            }
            int portAddress = match.group(5) == null ? universe - 1 : Integer.parseInt(match.group(5));
            return portAddress > ArtPacket.LARGEST_PORT_ADDRESS ? Optional.empty() : Optional.of(new ArtNet(address, portAddress));
        } catch (UnknownHostException none) {
            return Optional.empty();
        }
    }

    private static String host(InetSocketAddress address) {
        return address.getAddress().getHostAddress() + ":" + address.getPort();
    }
}
