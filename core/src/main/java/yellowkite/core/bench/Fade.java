package yellowkite.core.bench;

import java.util.List;

/**
 * From some levels to others. Channels of several bytes are faded as one value, so that their fine bytes run through.
 *
 * @param wide places of the bytes of each channel of several bytes, the most significant first, from 0; at most 4 of one channel
 * @param jumps places that are at their end at once
 */
public record Fade(byte[] from, byte[] to, List<List<Integer>> wide, List<Integer> jumps) {
    private static final int MOST_BYTES = 4;

    /** @throws IllegalArgumentException if the two are not as long as each other, or a place is outside */
    public Fade {
        wide = wide.stream().map(List::copyOf).toList();
        jumps = List.copyOf(jumps);
        if (from.length != to.length) {
            throw new IllegalArgumentException("levels must be as many before as after");
        }
        for (var channel : wide) {
            if (channel.isEmpty() || channel.size() > MOST_BYTES) {
                throw new IllegalArgumentException("a channel has 1 to 4 bytes");
            }
            channel.forEach(place -> requireInside(place, from.length));
        }
        jumps.forEach(place -> requireInside(place, from.length));
    }

    private static void requireInside(int place, int length) {
        if (place < 0 || place >= length) {
            throw new IllegalArgumentException("place " + place + " is outside");
        }
    }

    /** {@return the levels on the way, rounded half up} @param share in [0, 1]; exactly {@code to} at 1 */
    public byte[] at(double share) {
        if (share >= 1) {
            return to.clone();
        }
        double clamped = Math.max(0, share);
        var levels = new byte[from.length];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = (byte) between(from[i] & 0xff, to[i] & 0xff, clamped);
        }
        for (var channel : wide) {
            long value = between(value(from, channel), value(to, channel), clamped);
            for (int at = channel.size() - 1; at >= 0; at--) {
                levels[channel.get(at)] = (byte) value;
                value >>= 8;
            }
        }
        jumps.forEach(place -> levels[place] = to[place]);
        return levels;
    }

    private static long value(byte[] of, List<Integer> channel) {
        long value = 0;
        for (int place : channel) {
            value = value << 8 | of[place] & 0xff;
        }
        return value;
    }

    private static long between(long a, long b, double share) {
        return (long) Math.floor(a + (b - a) * share + 0.5);
    }
}
