package yellowkite.core.wire.artnet;

import java.nio.ByteBuffer;

/** What every packet begins with: offset 0 the identifier, 8 the code (the only field that is little-endian), 10 the protocol version. */
final class Head {
    static final int VERSION = 14;
    static final int SIZE = 12;
    private static final byte[] IDENTIFIER = {'A', 'r', 't', '-', 'N', 'e', 't', 0};
    private static final int BEFORE_VERSION = 10;

    private Head() {}

    /** {@return whether a packet of Art-Net begins here} The reader stands before its code then. */
    static boolean isNext(ByteBuffer in) {
        if (in.remaining() < BEFORE_VERSION) {
            return false;
        }
        boolean same = true;
        for (byte each : IDENTIFIER) {
            same &= in.get() == each;
        }
        return same;
    }

    /** {@return a packet of so many bytes, all zero behind its head} */
    static ByteBuffer begin(int code, int size) {
        return bare(code, size).putShort((short) VERSION);
    }

    /** Like {@link #begin}, without the version. */
    static ByteBuffer bare(int code, int size) {
        return ByteBuffer.allocate(size).put(IDENTIFIER).putShort(Short.reverseBytes((short) code));
    }

    static void skip(ByteBuffer in, int bytes) {
        in.position(in.position() + bytes);
    }
}
