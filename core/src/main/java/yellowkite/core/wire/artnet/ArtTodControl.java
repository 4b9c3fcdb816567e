package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.Optional;

/** Tells a node what to do with its table. Offsets: 12 two fillers, 14 seven spare, 21 Net, 22 command (1 = look anew), 23 port. */
public record ArtTodControl(int portAddress, int command) implements ArtPacket {
    public static final int FLUSH = 1;
    static final int CODE = 0x8200;
    private static final int SIZE = 24;
    private static final int BEFORE_NET = 9;

    static Optional<ArtTodControl> read(ByteBuffer in) {
        if (in.remaining() < SIZE - Head.SIZE) {
            return Optional.empty();
        }
        Head.skip(in, BEFORE_NET);
        int net = in.get() & 0x7f;
        int command = in.get() & 0xff;
        return Optional.of(new ArtTodControl(net << 8 | in.get() & 0xff, command));
    }

    @Override
    public byte[] write() {
        return Head.begin(CODE, SIZE)
            .put(new byte[BEFORE_NET])
            .put((byte) (portAddress >> 8))
            .put((byte) command)
            .put((byte) portAddress)
            .array();
    }
}
