package yellowkite.core.wire.osc;

import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;

/** A message, or a bundle of packets. */
public sealed interface OscPacket permits OscMessage, OscBundle {
    /** Bundles that stand in each other deeper than this are refused. */
    int DEEPEST = 16;
    /** Packets of one datagram that are read. */
    int MOST = 1_000;

    /** {@return the packet; empty where it is not whole and true} @param in from its position to its limit */
    static Optional<OscPacket> read(ByteBuffer in) {
        try {
            return Optional.of(new OscReading().packet(in, 0));
        } catch (OscReading.Broken broken) {
            return Optional.empty();
        }
    }

    /** {@return the packet as it goes out} */
    byte[] write();

    /** {@return the messages in it, in their order} */
    List<OscMessage> messages();
}
