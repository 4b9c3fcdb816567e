package yellowkite.core.wire;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HexFormat;

/** Bytes that do not change. Equal to others with the same content. */
public final class Bytes {
    public static final Bytes NONE = new Bytes(new byte[0]);
    private final byte[] all;

    private Bytes(byte[] all) {
        this.all = all;
    }

    public static Bytes of(byte... bytes) {
        return new Bytes(bytes.clone());
    }

    /** {@return the next bytes of a packet} @param length at most what remains */
    public static Bytes next(ByteBuffer in, int length) {
        var bytes = new byte[length];
        in.get(bytes);
        return new Bytes(bytes);
    }

    public int size() {
        return all.length;
    }

    /** {@return the byte at a place, in [0, 255]} @param index from 0 */
    public int at(int index) {
        return all[index] & 0xff;
    }

    public byte[] toArray() {
        return all.clone();
    }

    public void writeTo(ByteBuffer out) {
        out.put(all);
    }

    /** {@return a reader of them, big-endian} */
    public ByteBuffer reader() {
        return ByteBuffer.wrap(all).asReadOnlyBuffer();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Bytes bytes && Arrays.equals(all, bytes.all);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(all);
    }

    /** In hexadecimal. */
    @Override
    public String toString() {
        return HexFormat.of().formatHex(all);
    }
}
