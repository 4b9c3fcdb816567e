package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import yellowkite.core.colour.Additive;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Wish;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.light.WantedColour;
import yellowkite.core.rig.UnitPath;

/**
 * A fixture in somebody's hands.
 *
 * @param raws one for each placed channel, in the map's order and the channel's own width
 */
public record Hands(CompiledMode mode, long[] raws) {
    /** K. */
    private static final double DAYLIGHT = 6_500;

    public static Hands atStart(CompiledMode mode) {
        return new Hands(mode, mode.startValues());
    }

    /** {@return a unit of a rig at the start values that it has there} */
    public static Hands atStart(UnitPath unit) {
        var starts = unit.starts();
        var channels = unit.channels();
        return new Hands(unit.mode(),
                IntStream.range(0, starts.length).mapToLong(i -> Math.round(starts[i] * channels.get(i).channel().max())).toArray());
    }

    /** {@return the fixture so that it can be found among others: at its highlight values, or with its light let out} */
    public static Hands lit(CompiledMode mode) {
        return new Hands(mode, LightOut.full(mode));
    }

    /** {@return with a channel at a value} @throws IllegalArgumentException with a sentence, if there is no such channel or value */
    public Hands with(int channel, long raw) {
        var placed = channel(channel);
        if (raw < 0 || raw > placed.channel().max()) {
            throw new IllegalArgumentException(
                    placed.name() + " has values from 0 to " + placed.channel().max() + "; " + raw + " is outside.");
        }
        var changed = raws.clone();
        changed[channel] = raw;
        return new Hands(mode, changed);
    }

    /**
     * {@return with a channel at the step of a function that comes nearest to a physical value} @throws IllegalArgumentException likewise
     */
    public Hands near(int channel, int function, double physical) {
        var spans = mode.spans(channel(channel).channel());
        if (function < 0 || function >= spans.size() || spans.get(function).from() > spans.get(function).to()
                || !Double.isFinite(physical)) {
            throw new IllegalArgumentException("There is no such function, or no such value of it.");
        }
        return with(channel, Wanted.nearest(spans.get(function), physical).raw());
    }

    private PlacedChannel channel(int index) {
        var channels = mode.map().channels();
        if (index < 0 || index >= channels.size()) {
            throw new IllegalArgumentException("This mode has no channel " + (index + 1) + ".");
        }
        return channels.get(index);
    }

    /** {@return whether a colour can be asked for} */
    public boolean mixesColour() {
        return coloured(Wish.white(DAYLIGHT, 0), 1) instanceof WantedColour.Result.Found;
    }

    /** {@return the first channel of an attribute, in the map's order; empty without one} */
    public Optional<Integer> channelOf(String attribute) {
        return IntStream.range(0, raws.length).boxed().filter(i -> channel(i).channel().carries(attribute)).findFirst();
    }

    /** {@return the values that make a colour, or why there are none} @param brightness in (0, 1] */
    public WantedColour.Result coloured(Chromaticity wanted, double brightness) {
        return WantedColour.of(probe()).find(wanted, Additive.Choice.BRIGHTEST, brightness);
    }

    /** {@return with the values that were found for a colour} */
    public Hands with(WantedColour.Result.Found colour) {
        return new Hands(mode, probe().with(colour.values()).raws());
    }

    /** {@return its values by the name of each channel in its place} */
    public SortedMap<String, Long> values() {
        var values = new TreeMap<String, Long>();
        for (int i = 0; i < raws.length; i++) {
            values.put(channel(i).name(), raws[i]);
        }
        return values;
    }

    /** {@return with those values} Channels that the mode does not have, or not that wide, are passed over. */
    public Hands with(Map<String, Long> values) {
        var changed = raws.clone();
        for (int i = 0; i < raws.length; i++) {
            var value = values.get(channel(i).name());
            changed[i] = value == null || value < 0 || value > channel(i).channel().max() ? changed[i] : value;
        }
        return new Hands(mode, changed);
    }

    private Probe probe() {
        return new Probe(mode, raws);
    }

    /** {@return what every channel does, in the map's order} */
    public List<Meaning> meanings() {
        return mode.resolve(raws);
    }

    /** {@return the levels of its universe} @param address of its first slot, from 1 */
    public byte[] levels(int address) {
        return Slots.of(mode).inUniverse(raws, address);
    }

    /** {@return the bytes of each channel that has several, as places in its universe, from 0} */
    public List<List<Integer>> wide(int address) {
        return mode.map().channels().stream().filter(each -> each.addresses().size() > 1).map(each -> places(each, address)).toList();
    }

    /** {@return the places of channels that are not faded, from 0} */
    public List<Integer> jumps(int address) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> each.channel().snaps())
            .flatMap(each -> places(each, address).stream())
            .toList();
    }

    private List<Integer> places(PlacedChannel placed, int address) {
        var places = new ArrayList<Integer>();
        for (int at = 0; at < placed.addresses().size(); at++) {
            int place = address - 1 + Slots.of(mode).index(placed, at);
            if (place < AddressMap.UNIVERSE) {
                places.add(place);
            }
        }
        return places;
    }

    /**
     * What a channel passes over on its way.
     *
     * @param ranges that are shown on the way, in turn; those at both ends are none of them
     * @param snaps whether the profile says that this channel is not faded: then nothing is passed over
     */
    public record Passed(int channel, String name, List<String> ranges, boolean snaps) {
        public Passed {
            ranges = List.copyOf(ranges);
        }
    }

    /** {@return what a fade to other values passes over; channels that pass over nothing are left out} */
    public List<Passed> passes(Hands to) {
        var all = new ArrayList<Passed>();
        for (int i = 0; i < raws.length; i++) {
            var placed = channel(i);
            var ranges = between(placed, raws[i], to.raws[i]);
            if (!ranges.isEmpty()) {
                all.add(new Passed(i, placed.name(), ranges, placed.channel().snaps()));
            }
        }
        return all;
    }

    private List<String> between(PlacedChannel placed, long from, long to) {
        var ends = List.of(rangeAt(placed, from), rangeAt(placed, to));
        var passed = mode.spans(placed.channel())
            .stream()
            .flatMap(each -> each.ranges().stream())
            .filter(each -> each.from() <= each.to() && each.to() >= Math.min(from, to) && each.from() <= Math.max(from, to))
            .filter(each -> !ends.contains(Optional.of(each)))
            .map(each -> each.range().name())
            .filter(each -> !each.isBlank())
            .distinct()
            .toList();
        return from <= to ? passed : passed.reversed();
    }

    private Optional<Spans.RangeSpan> rangeAt(PlacedChannel placed, long raw) {
        return mode.spans(placed.channel())
            .stream()
            .filter(each -> each.contains(raw))
            .flatMap(each -> Optional.ofNullable(each.rangeAt(raw)).stream())
            .findFirst();
    }
}
