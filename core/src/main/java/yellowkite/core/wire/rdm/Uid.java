package yellowkite.core.wire.rdm;

import java.nio.ByteBuffer;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Who a device is. Written {@code 7ff0:00000001}.
 *
 * @param maker ESTA's id, in [0, 65535]. @param device in [0, 2^32 - 1]
 */
public record Uid(int maker, long device) implements Comparable<Uid> {
    public static final int BYTES = 6;
    /** Every device of every maker. */
    public static final Uid ALL = new Uid(0xffff, 0xffffffffL);
    private static final Pattern WRITTEN = Pattern.compile("([0-9a-fA-F]{4}):([0-9a-fA-F]{8})");
    private static final int HEX = 16;

    /** {@return whether a message to this one is for that one} @param other a single device */
    public boolean includes(Uid other) {
        return equals(other) || device == ALL.device && (maker == ALL.maker || maker == other.maker);
    }

    public boolean isBroadcast() {
        return device == ALL.device;
    }

    public static Optional<Uid> parse(String text) {
        var match = WRITTEN.matcher(text);
        return match.matches() ? Optional.of(new Uid(Integer.parseInt(match.group(1), HEX), Long.parseLong(match.group(2), HEX)))
                : Optional.empty();
    }

    public static Uid read(ByteBuffer in) {
        return new Uid(in.getShort() & 0xffff, in.getInt() & 0xffffffffL);
    }

    public void write(ByteBuffer out) {
        out.putShort((short) maker).putInt((int) device);
    }

    @Override
    public int compareTo(Uid other) {
        return maker == other.maker ? Long.compare(device, other.device) : Integer.compare(maker, other.maker);
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%04x:%08x", maker, device);
    }
}
