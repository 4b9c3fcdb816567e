package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.Optional;

/** Asks who is there. Offsets: 12 flags, 13 the least priority of diagnostics. */
public record ArtPoll(int flags, int priority) implements ArtPacket {
    static final int CODE = 0x2000;
    private static final int SIZE = 14;

    static Optional<ArtPoll> read(ByteBuffer in) {
        return in.remaining() < SIZE - Head.SIZE ? Optional.empty() : Optional.of(new ArtPoll(in.get() & 0xff, in.get() & 0xff));
    }

    @Override
    public byte[] write() {
        return Head.begin(CODE, SIZE).put((byte) flags).put((byte) priority).array();
    }
}
