package yellowkite.core.wire;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Text in a field of fixed length: it ends at the first zero, and what is too long is cut between two letters. */
public final class WireText {
    private WireText() {}

    public static String read(ByteBuffer in, int length) {
        var bytes = new byte[length];
        in.get(bytes);
        int end = 0;
        while (end < length && bytes[end] != 0) {
            end++;
        }
        return new String(bytes, 0, end, StandardCharsets.UTF_8);
    }

    /** @param length of the field; its last byte is always a zero */
    public static void write(ByteBuffer out, String text, int length) {
        var bytes = new byte[length];
        var cut = cut(text, length - 1);
        System.arraycopy(cut, 0, bytes, 0, cut.length);
        out.put(bytes);
    }

    /** {@return as much of a text as goes into so many bytes} */
    public static byte[] cut(String text, int most) {
        var bytes = text.getBytes(StandardCharsets.UTF_8);
        if (bytes.length <= most) {
            return bytes;
        }
        int end = most;
        while (end > 0 && (bytes[end] & 0xc0) == 0x80) { // within a letter
            end--;
        }
        return Arrays.copyOf(bytes, end);
    }
}
