package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;
import java.util.Optional;
import yellowkite.core.wire.Bytes;

/**
 * Levels of one universe. Offsets: 12 sequence, 13 physical, 14 SubUni, 15 Net, 16 length (high byte first), 18 levels.
 *
 * @param sequence 0 = not used, else 1 to 255. @param physical for information. @param portAddress in [0, 32767]
 * @param slots an even number of them, 2 to 512
 */
public record ArtDmx(int sequence, int physical, int portAddress, Bytes slots) implements ArtPacket {
    static final int CODE = 0x5000;
    private static final int LEVELS_AT = 18;
    private static final int MOST = 512;

    static Optional<ArtDmx> read(ByteBuffer in) {
        if (in.remaining() < LEVELS_AT - Head.SIZE) {
            return Optional.empty();
        }
        int sequence = in.get() & 0xff;
        int physical = in.get() & 0xff;
        int low = in.get() & 0xff;
        int net = in.get() & 0xff;
        int length = in.getShort() & 0xffff;
        if (length < 2 || length > MOST || length % 2 != 0 || length > in.remaining() || net > 0x7f) {
            return Optional.empty();
        }
        return Optional.of(new ArtDmx(sequence, physical, net << 8 | low, Bytes.next(in, length)));
    }

    @Override
    public byte[] write() {
        var out = Head.begin(CODE, LEVELS_AT + slots.size());
        out.put((byte) sequence).put((byte) physical).put((byte) portAddress).put((byte) (portAddress >> 8));
        out.putShort((short) slots.size());
        slots.writeTo(out);
        return out.array();
    }
}
