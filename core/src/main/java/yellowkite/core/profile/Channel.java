package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * A channel of a mode: GDTF {@code DMXChannel}.
 *
 * @param offsets its addresses within the mode, most significant first, not necessarily adjacent; empty = virtual
 * @param initialFunction link to the function that gives the start value; empty = the first
 * @param highlight null = none
 * @param defaultValue as GDTF 1.0 files give it; null in newer ones
 * @param geometry name of the geometry that it moves or lights
 */
public record Channel(int id, DmxBreak dmxBreak, List<Integer> offsets, String initialFunction, @Nullable DmxValue highlight,
        @Nullable DmxValue defaultValue, String geometry, List<LogicalChannel> logicalChannels, Source source) {

    public Channel {
        offsets = List.copyOf(offsets);
        logicalChannels = List.copyOf(logicalChannels);
    }

    public Channel withOffsets(List<Integer> to) {
        return new Channel(id, dmxBreak, to, initialFunction, highlight, defaultValue, geometry, logicalChannels, source);
    }

    public Channel withGeometry(String to) {
        return new Channel(id, dmxBreak, offsets, initialFunction, highlight, defaultValue, to, logicalChannels, source);
    }

    public Channel withInitialFunction(String to) {
        return new Channel(id, dmxBreak, offsets, to, highlight, defaultValue, geometry, logicalChannels, source);
    }

    public Channel withHighlight(@Nullable DmxValue to) {
        return new Channel(id, dmxBreak, offsets, initialFunction, to, defaultValue, geometry, logicalChannels, source);
    }

    public Channel withDefaultValue(@Nullable DmxValue to) {
        return new Channel(id, dmxBreak, offsets, initialFunction, highlight, to, geometry, logicalChannels, source);
    }

    public Channel withLogicalChannels(List<LogicalChannel> to) {
        return to == logicalChannels ? this
                : new Channel(id, dmxBreak, offsets, initialFunction, highlight, defaultValue, geometry, to, source);
    }

    public Channel mapLogicalChannels(UnaryOperator<LogicalChannel> change) {
        return withLogicalChannels(Trees.map(logicalChannels, change));
    }

    public Channel mapFunctions(UnaryOperator<ChannelFunction> change) {
        return mapLogicalChannels(logical -> logical.mapFunctions(change));
    }

    /** {@return whether it jumps instead of fading} */
    public boolean snaps() {
        return logicalChannels.stream()
            .map(LogicalChannel::snap)
            .anyMatch(each -> each == LogicalChannel.Snap.YES || each == LogicalChannel.Snap.ON);
    }

    /** {@return the attribute of its first logical channel; {@code NoFeature} if it has none} */
    public String attribute() {
        return logicalChannels.isEmpty() ? ChannelFunction.NO_FEATURE : logicalChannels.getFirst().attribute();
    }

    /** {@return geometry, an underscore, and the attribute} Source: GDTF, the name of a DMX channel. */
    public String name() {
        return geometry + "_" + attribute();
    }

    public boolean isVirtual() {
        return offsets.isEmpty();
    }

    /** {@return its width in bytes, in [1, 4]; a virtual channel is as wide as the widest value written on it} */
    public int bytes() {
        return isVirtual() ? functions().mapToInt(Channel::widest).max().orElse(1) : Math.min(offsets.size(), DmxValue.MAX_BYTES);
    }

    private static int widest(ChannelFunction function) {
        int own = Math.max(function.dmxFrom().bytes(), function.defaultValue() == null ? 1 : function.defaultValue().bytes());
        return function.ranges().stream().mapToInt(range -> range.dmxFrom().bytes()).reduce(own, Math::max);
    }

    /** {@return the largest raw value in its own width} */
    public long max() {
        return DmxValue.max(bytes());
    }

    /** {@return whether one of its functions has that attribute} */
    public boolean carries(String wanted) {
        for (var logical : logicalChannels) { // asked for each channel of a mode again and again
            for (var function : logical.functions()) {
                if (function.attribute().equals(wanted)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** {@return the functions of all its logical channels, in document order} */
    public Stream<ChannelFunction> functions() {
        return logicalChannels.stream().flatMap(logical -> logical.functions().stream());
    }

    public Optional<ChannelFunction> findFunction(int functionId) {
        return functions().filter(function -> function.id() == functionId).findFirst();
    }

    /** {@return the logical channel that holds the function} */
    public Optional<LogicalChannel> findOwner(ChannelFunction function) {
        return logicalChannels.stream().filter(logical -> logical.functions().contains(function)).findFirst();
    }

    /** {@return the link to one of its functions: channel, logical channel and function name} */
    public String linkTo(LogicalChannel logical, ChannelFunction function) {
        return name() + "." + logical.attribute() + "." + logical.nameOf(function);
    }

    /** {@return the function that gives the start value; none if there is no function} An unknown link falls back to the first. */
    public Optional<ChannelFunction> findInitialFunction() {
        for (var logical : logicalChannels) {
            for (var function : logical.functions()) {
                if (!initialFunction.isEmpty() && linkTo(logical, function).equals(initialFunction)) {
                    return Optional.of(function);
                }
            }
        }
        return functions().findFirst();
    }

    /** {@return the function's default; in a 1.0 file the channel's, for the initial function; else 0} */
    public DmxValue defaultOf(ChannelFunction function) {
        if (function.defaultValue() != null) {
            return function.defaultValue();
        }
        boolean initial = findInitialFunction().filter(found -> found.id() == function.id()).isPresent();
        return defaultValue != null && initial ? defaultValue : DmxValue.ZERO;
    }

    /** {@return the start value in the channel's own width; 0 if it has no function and no default} */
    public long start() {
        var start = findInitialFunction().map(this::defaultOf).orElse(defaultValue == null ? DmxValue.ZERO : defaultValue);
        return start.at(bytes());
    }
}
