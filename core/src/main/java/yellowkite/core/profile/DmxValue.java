package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/**
 * A DMX value together with the resolution it was written at. Source: GDTF value type "DMX value".
 *
 * @param raw unsigned value, in [0, 256^bytes - 1]
 * @param bytes number of DMX slots, in [1, 4]
 * @param shifted how it comes to a wider channel: {@code false} repeats its bytes, {@code true} fills with zeros
 * @throws IllegalArgumentException if {@code raw} or {@code bytes} is out of its interval
 */
public record DmxValue(long raw, int bytes, boolean shifted) {
    public static final int MAX_BYTES = 4;
    public static final DmxValue ZERO = new DmxValue(0, 1);

    public DmxValue {
        Require.inRange("bytes", bytes, 1, MAX_BYTES);
        Require.inRange("raw", raw, 0, max(bytes));
    }

    /** A value that repeats its bytes when brought to a wider channel, as the standard does unless told otherwise. */
    public DmxValue(long raw, int bytes) {
        this(raw, bytes, false);
    }

    /** {@return the largest raw value of that many bytes: 255, 65535, 16777215 or 4294967295} */
    public static long max(int bytes) {
        return (1L << (8 * bytes)) - 1;
    }

    /**
     * {@return this value in a channel of {@code width} bytes} More bytes repeat the number's bytes from the most significant on (or are
     * zero if shifted); fewer bytes keep the most significant.
     *
     * @param width in [1, 4]
     */
    public long at(int width) {
        Require.inRange("width", width, 1, MAX_BYTES);
        if (width <= bytes) {
            return raw >>> (8 * (bytes - width));
        }
        if (shifted) {
            return raw << (8 * (width - bytes));
        }
        long value = 0;
        for (int i = 0; i < width; i++) {
            long nextByte = (raw >>> (8 * (bytes - 1 - i % bytes))) & 0xFF;
            value = value << 8 | nextByte;
        }
        return value;
    }

    /** {@return share of full scale, in [0, 1]; exactly 0 at raw 0 and exactly 1 at the largest raw value} */
    public double fraction() {
        return (double) raw / max(bytes);
    }
}
