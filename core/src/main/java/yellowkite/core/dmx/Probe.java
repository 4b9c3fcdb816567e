package yellowkite.core.dmx;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import yellowkite.core.profile.Channel;

/**
 * A mode with a value on each of its channels.
 *
 * @param raws one for each placed channel, in the map's order and the channel's own width
 */
public record Probe(CompiledMode mode, long[] raws) {

    /** {@return every channel at its start value} */
    public static Probe atStart(CompiledMode mode) {
        return new Probe(mode, mode.startValues());
    }

    /**
     * {@return these values with others on some channels, in all their places} @param values by channel id. @throws
     * IllegalArgumentException if one is outside of its channel
     */
    public Probe with(Map<Integer, Long> values) {
        return withCells(Map.of(List.of(), values));
    }

    /**
     * {@return the same with cells by themselves} What is said of a cell goes before what is said of one around it.
     *
     * @param cells values by channel id, by the path of the cell; where it leads to no channel nothing changes
     * @throws IllegalArgumentException if a value is outside of its channel
     */
    public Probe withCells(Map<List<String>, Map<Integer, Long>> cells) {
        var changed = raws.clone();
        for (int i = 0; i < changed.length; i++) {
            var placed = mode.map().channels().get(i);
            for (int depth = 0; depth <= Math.min(placed.path().size(), Cell.DEEPEST); depth++) {
                var value = cells.getOrDefault(placed.path().subList(0, depth), Map.of()).get(placed.channel().id());
                changed[i] = value == null ? changed[i] : inside(placed.channel(), value);
            }
        }
        return new Probe(mode, changed);
    }

    private static long inside(Channel channel, long value) {
        if (value < 0 || value > channel.max()) {
            throw new IllegalArgumentException("A value of this channel lies from 0 to " + channel.max() + "; " + value + " is outside.");
        }
        return value;
    }

    /**
     * {@return these values with some bytes of one break replaced} @param bytes by address, each in [0, 255]; an address that nothing uses
     * says nothing
     */
    public Probe withDmx(int dmxBreak, Map<Integer, Integer> bytes) {
        var changed = raws.clone();
        for (int i = 0; i < changed.length; i++) {
            var placed = mode.map().channels().get(i);
            var addresses = placed.addresses();
            for (int at = 0; at < addresses.size() && placed.dmxBreak() != null && placed.dmxBreak() == dmxBreak; at++) {
                var value = bytes.get(addresses.get(at));
                int shift = 8 * (addresses.size() - 1 - at);
                changed[i] = value == null ? changed[i] : changed[i] & ~(0xFFL << shift) | (long) value << shift;
            }
        }
        return new Probe(mode, changed);
    }

    /**
     * {@return the values at which the light can be looked at: channels that nobody has moved stand at their highlight value, since at its
     * start a fixture is mostly dark}
     *
     * @param moved ids of the channels that stay
     */
    public Probe lit(java.util.Set<Integer> moved) {
        var lit = raws.clone();
        for (int i = 0; i < lit.length; i++) {
            var channel = channel(i);
            var highlight = channel.highlight();
            lit[i] = moved.contains(channel.id()) || highlight == null ? lit[i] : highlight.at(channel.bytes());
        }
        return new Probe(mode, lit);
    }

    /** {@return what every channel does, in the map's order} */
    public List<Meaning> meanings() {
        return mode.resolve(raws);
    }

    /** {@return what a channel does, in its first place; none if the mode has no such channel} */
    public Optional<Readout> readout(int channelId) {
        return meanings().stream().filter(each -> each.channel().channel().id() == channelId).findFirst().map(Readout::of);
    }

    private Channel channel(int index) {
        return mode.map().channels().get(index).channel();
    }
}
