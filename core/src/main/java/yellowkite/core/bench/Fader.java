package yellowkite.core.bench;

/**
 * Something that is moved elsewhere, laid on a channel.
 *
 * @param control how it is known: an OSC address, or {@code sACN 3.17}. @param channel in the map's order
 * @param from value at its one end, {@code to} at its other; they may be the same way round as the channel or not
 * @param low level of the channel at {@code from}, in [0, 1]. @param high at {@code to}
 */
public record Fader(String control, int channel, double from, double to, double low, double high) {

    /** @throws IllegalArgumentException with a sentence, if it has no way to go, or ends outside of its channel */
    public Fader {
        if (!Double.isFinite(from) || !Double.isFinite(to) || from == to) {
            throw new IllegalArgumentException("The two ends of a control differ.");
        }
        if (!(low >= 0 && low <= 1 && high >= 0 && high <= 1)) {
            throw new IllegalArgumentException("A channel is from 0 to 100 %.");
        }
    }

    /** {@return the value of a channel, rounded half up; beyond its ends it stays there} @param max of the channel, in its own width */
    public long raw(double value, long max) {
        double share = Math.clamp((value - from) / (to - from), 0, 1);
        return (long) Math.floor((low + share * (high - low)) * max + 0.5);
    }
}
