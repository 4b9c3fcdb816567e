package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.wire.rdm.Uid;

/**
 * A node's table of RDM devices, or a part of it. Offsets: 12 RDM version, 13 port, 14 six spare, 20 BindIndex, 21 Net, 22 command response
 * 0, 23 port, 24 devices in all, 26 block, 27 count, 28 devices.
 *
 * @param port of the node, from 1. @param total of all blocks. @param block from 0
 */
public record ArtTodData(int portAddress, int port, int bindIndex, int total, int block, List<Uid> devices) implements ArtPacket {
    /** As many go into a block. */
    public static final int MOST = 200;
    static final int CODE = 0x8100;
    private static final int DEVICES_AT = 28;
    private static final int SPARE = 6;

    public ArtTodData {
        devices = List.copyOf(devices);
    }

    static Optional<ArtTodData> read(ByteBuffer in) {
        if (in.remaining() < DEVICES_AT - Head.SIZE) {
            return Optional.empty();
        }
        in.get(); // RDM version
        int port = in.get() & 0xff;
        Head.skip(in, SPARE);
        int bindIndex = in.get() & 0xff;
        int net = in.get() & 0x7f;
        int response = in.get() & 0xff;
        int low = in.get() & 0xff;
        int total = in.getShort() & 0xffff;
        int block = in.get() & 0xff;
        int count = in.get() & 0xff;
        if (response != 0 || count > MOST || count * Uid.BYTES > in.remaining()) {
            return Optional.empty();
        }
        var devices = new ArrayList<Uid>();
        for (int i = 0; i < count; i++) {
            devices.add(Uid.read(in));
        }
        return Optional.of(new ArtTodData(net << 8 | low, port, bindIndex, total, block, devices));
    }

    @Override
    public byte[] write() {
        var out = Head.begin(CODE, DEVICES_AT + devices.size() * Uid.BYTES);
        out.put((byte) 1).put((byte) port).put(new byte[SPARE]).put((byte) bindIndex).put((byte) (portAddress >> 8)).put((byte) 0);
        out.put((byte) portAddress).putShort((short) total).put((byte) block).put((byte) devices.size());
        devices.forEach(each -> each.write(out));
        return out.array();
    }
}
