package yellowkite.core.wire.sacn;

import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.UUID;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.WireText;

/**
 * A data packet. Source: ANSI E1.31, root, framing and DMP layer; offsets are those of its tables.
 *
 * @param cid one for each source, constant. @param source its name, at most 63 bytes of UTF-8. @param priority in [0, 200], usually 100
 * @param synchronisation universe that says when; 0 = at once. @param sequence in [0, 255], counted by packet and universe
 * @param preview not meant for light. @param terminated the source ends this universe. @param forced hold without synchronisation
 * @param universe in [1, 63999]. @param startCode 0 = levels. @param slots 0 to 512 of them
 */
public record SacnPacket(UUID cid, String source, int priority, int synchronisation, int sequence, boolean preview, boolean terminated,
        boolean forced, int universe, int startCode, Bytes slots) {
    public static final int PORT = 5568;
    public static final int LARGEST_UNIVERSE = 63_999;
    public static final int LARGEST_PRIORITY = 200;
    public static final int USUAL_PRIORITY = 100;
    /** Bytes of a packet without any slot. */
    private static final int HEAD = 126;
    private static final int MOST_SLOTS = 512;
    private static final int NAME = 64;
    /** Offset 0: preamble and postamble size; then the identifier. */
    private static final int PREAMBLE = 0x00100000;
    private static final byte[] IDENTIFIER = {'A', 'S', 'C', '-', 'E', '1', '.', '1', '7', 0, 0, 0};
    private static final int FRAMING_AT = 38;
    private static final int DMP_AT = 115;
    private static final int ROOT_AT = 16;
    private static final int FLAGS = 0x7000;
    private static final int LENGTH = 0x0fff;
    private static final int ROOT_VECTOR = 0x00000004;
    private static final int FRAMING_VECTOR = 0x00000002;
    private static final int PREVIEW = 0x80;
    private static final int TERMINATED = 0x40;
    private static final int FORCED = 0x20;
    /** Offset 117: vector, address and data type, first address, increment. */
    private static final int DMP_VECTOR = 0x02;
    private static final int DMP_TYPE = 0xa1;

    /** {@return the packet; empty where it is not whole and true} @param in from its position to its limit */
    public static Optional<SacnPacket> read(ByteBuffer in) {
        int size = in.remaining();
        if (size < HEAD || size > HEAD + MOST_SLOTS || in.getInt() != PREAMBLE || !isNext(in, IDENTIFIER)) {
            return Optional.empty();
        }
        if (!isLength(in, size - ROOT_AT) || in.getInt() != ROOT_VECTOR) {
            return Optional.empty();
        }
        var cid = new UUID(in.getLong(), in.getLong());
        if (!isLength(in, size - FRAMING_AT) || in.getInt() != FRAMING_VECTOR) {
            return Optional.empty();
        }
        var source = WireText.read(in, NAME);
        int priority = in.get() & 0xff;
        int synchronisation = in.getShort() & 0xffff;
        int sequence = in.get() & 0xff;
        int options = in.get() & 0xff;
        int universe = in.getShort() & 0xffff;
        if (!isLength(in, size - DMP_AT) || (in.get() & 0xff) != DMP_VECTOR || (in.get() & 0xff) != DMP_TYPE || in.getShort() != 0
                || in.getShort() != 1) {
            return Optional.empty();
        }
        int values = in.getShort() & 0xffff; // the start code is one of them
        if (values != size - HEAD + 1 || priority > LARGEST_PRIORITY || universe < 1 || universe > LARGEST_UNIVERSE) {
            return Optional.empty();
        }
        int startCode = in.get() & 0xff;
        return Optional.of(new SacnPacket(cid, source, priority, synchronisation, sequence, (options & PREVIEW) != 0,
                (options & TERMINATED) != 0, (options & FORCED) != 0, universe, startCode, Bytes.next(in, values - 1)));
    }

    private static boolean isNext(ByteBuffer in, byte[] wanted) {
        boolean same = true;
        for (byte each : wanted) {
            same &= in.get() == each;
        }
        return same;
    }

    private static boolean isLength(ByteBuffer in, int wanted) {
        int said = in.getShort() & 0xffff;
        return (said & ~LENGTH) == FLAGS && (said & LENGTH) == wanted;
    }

    /** {@return the packet as it goes out} */
    public byte[] write() {
        int size = HEAD + slots.size();
        var out = ByteBuffer.allocate(size);
        out.putInt(PREAMBLE).put(IDENTIFIER);
        out.putShort((short) (FLAGS | size - ROOT_AT)).putInt(ROOT_VECTOR);
        out.putLong(cid.getMostSignificantBits()).putLong(cid.getLeastSignificantBits());
        out.putShort((short) (FLAGS | size - FRAMING_AT)).putInt(FRAMING_VECTOR);
        WireText.write(out, source, NAME);
        out.put((byte) priority).putShort((short) synchronisation).put((byte) sequence);
        out.put((byte) ((preview ? PREVIEW : 0) | (terminated ? TERMINATED : 0) | (forced ? FORCED : 0)));
        out.putShort((short) universe);
        out.putShort((short) (FLAGS | size - DMP_AT)).put((byte) DMP_VECTOR).put((byte) DMP_TYPE);
        out.putShort((short) 0).putShort((short) 1).putShort((short) (slots.size() + 1));
        out.put((byte) startCode);
        slots.writeTo(out);
        return out.array();
    }

    /** {@return the multicast group of a universe, as text} Source: ANSI E1.31, "Multicast Addressing". */
    public static String groupOf(int universe) {
        return "239.255." + (universe >> 8) + "." + (universe & 0xff);
    }
}
