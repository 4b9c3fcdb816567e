package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Asks nodes for their tables of RDM devices. Offsets: 12 two fillers, 14 seven spare, 21 Net, 22 command 0, 23 count, 24 ports.
 *
 * @param portAddresses at most 32, all of one net
 */
public record ArtTodRequest(List<Integer> portAddresses) implements ArtPacket {
    static final int CODE = 0x8000;
    private static final int PORTS_AT = 24;
    private static final int BEFORE_NET = 9;
    private static final int MOST = 32;

    public ArtTodRequest {
        portAddresses = List.copyOf(portAddresses);
    }

    static Optional<ArtTodRequest> read(ByteBuffer in) {
        if (in.remaining() < PORTS_AT - Head.SIZE) {
            return Optional.empty();
        }
        Head.skip(in, BEFORE_NET);
        int net = in.get() & 0x7f;
        int command = in.get() & 0xff;
        int count = in.get() & 0xff;
        if (command != 0 || count > MOST || count > in.remaining()) {
            return Optional.empty();
        }
        var ports = new ArrayList<Integer>();
        for (int i = 0; i < count; i++) {
            ports.add(net << 8 | in.get() & 0xff);
        }
        return Optional.of(new ArtTodRequest(ports));
    }

    @Override
    public byte[] write() {
        var out = Head.begin(CODE, PORTS_AT + MOST).put(new byte[BEFORE_NET]);
        out.put((byte) (portAddresses.isEmpty() ? 0 : portAddresses.getFirst() >> 8)).put((byte) 0).put((byte) portAddresses.size());
        portAddresses.forEach(each -> out.put(each.byteValue()));
        return out.array();
    }
}
