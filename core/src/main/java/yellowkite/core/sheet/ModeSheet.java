package yellowkite.core.sheet;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Wheel;

/**
 * A mode as a chart has it: a line for each channel in the order of addresses, virtual ones last. A channel that stands in
 * several cells has one line with the addresses of the first; {@code cells} says where the others begin.
 */
public record ModeSheet(String mode, String description, int footprint, List<ChannelLine> lines) {
    public ModeSheet {
        lines = List.copyOf(lines);
    }

    /**
     * @param id        of the channel
     * @param addresses as {@code 14}, {@code 1–2} or {@code 5, 9}; empty for a virtual channel
     * @param pretty    what it is called; {@code group} its feature group, empty if its attribute has none
     * @param bytes     width
     * @param cells     first address of each cell, for a channel that is repeated; else empty
     * @param start     value at the start, in the channel's own width
     */
    public record ChannelLine(int id, String addresses, int first, String pretty, String attribute, String group, String part, int bytes, boolean virtual, List<Integer> cells, long start, List<FunctionLine> functions) {
        public ChannelLine {
            cells = List.copyOf(cells);
            functions = List.copyOf(functions);
        }
    }

    /** @param meaning its two ends in words; empty if they say nothing. @param when it counts; empty = always */
    public record FunctionLine(String name, long from, long to, String meaning, String when, List<RangeLine> parts) {
        public FunctionLine {
            parts = List.copyOf(parts);
        }
    }

    /** A named range. @param slot what it brings in; empty if nothing */
    public record RangeLine(String name, long from, long to, String meaning, String slot) {}

    public static ModeSheet of(FixtureType type, Mode mode) {
        var map = AddressMap.of(type, mode);
        var places = map.channels().stream().collect(Collectors.groupingBy(each -> each.channel().id()));
        var links = LinkTargets.of(mode);
        var lines = mode.channels().stream().map(channel -> line(type, channel, places.getOrDefault(channel.id(), List.of()), links))
                .sorted(Comparator.comparingInt(line -> line.virtual() || line.first() == 0 ? Integer.MAX_VALUE : line.first())).toList();
        return new ModeSheet(mode.name(), mode.description(), map.totalFootprint(), lines);
    }

    private static ChannelLine line(FixtureType type, Channel channel, List<PlacedChannel> places, LinkTargets links) {
        var attribute = type.attributeDefinitions().find(channel.attribute());
        var pretty = attribute.map(each -> each.pretty()).filter(each -> !each.isBlank()).orElse(channel.attribute());
        var group = attribute.map(each -> each.feature().replaceFirst("\\..*", "")).orElse("");
        var addresses = places.isEmpty() ? List.<Integer>of() : places.getFirst().addresses();
        var cells = places.size() < 2 ? List.<Integer>of() : places.stream().filter(each -> !each.addresses().isEmpty()).map(each -> each.addresses().getFirst()).toList();
        return new ChannelLine(channel.id(), shown(addresses), addresses.isEmpty() ? 0 : addresses.getFirst(), pretty, channel.attribute(), group, channel.geometry(), channel.bytes(), channel.isVirtual(), cells, channel.start(),
                Spans.of(type, channel).stream().filter(span -> span.from() <= span.to()).map(span -> span(type, span, links)).toList());
    }

    /** {@return neighbours as a span, others one by one} */
    private static String shown(List<Integer> addresses) {
        for (int i = 1; i < addresses.size(); i++) {
            if (addresses.get(i) != addresses.get(i - 1) + 1) {
                return addresses.stream().map(String::valueOf).collect(Collectors.joining(", "));
            }
        }
        return addresses.isEmpty() ? "" : addresses.size() == 1 ? String.valueOf(addresses.getFirst()) : addresses.getFirst() + "–" + addresses.getLast();
    }

    private static FunctionLine span(FixtureType type, Spans.FunctionSpan span, LinkTargets links) {
        var function = span.function();
        var wheel = type.findWheel(function.wheel());
        var parts = span.ranges().stream().filter(range -> range.from() <= range.to()).map(range -> part(type, function, wheel.orElse(null), range)).toList();
        return new FunctionLine(span.name(), span.from(), span.to(), meaning(type, function, function.physicalFrom(), function.physicalTo()), when(function, links), parts);
    }

    private static RangeLine part(FixtureType type, ChannelFunction function, @Nullable Wheel wheel, Spans.RangeSpan range) {
        NamedRange named = range.range();
        var slot = wheel == null ? "" : wheel.findSlot(named.slot()).map(each -> named.slot() + " " + each.name()).orElse("");
        boolean tells = named.slot() == 0 || range.hasOwnPhysical();
        return new RangeLine(named.name(), range.from(), range.to(), tells ? meaning(type, function, range.physicalFrom(), range.physicalTo()) : "", slot);
    }

    private static String meaning(FixtureType type, ChannelFunction function, double from, double to) {
        var unit = type.unitOf(function.attribute());
        if (!EndWords.tell(function.attribute(), unit)) {
            return "";
        }
        var first = EndWords.of(function.attribute(), from, unit);
        return from == to ? first : first + " to " + EndWords.of(function.attribute(), to, unit);
    }

    private static String when(ChannelFunction function, LinkTargets links) {
        if (function.modeMaster().isEmpty()) {
            return "";
        }
        var target = links.find(function.modeMaster());
        return target == null ? "never" : "while " + target.channel().name() + " is " + function.modeFrom().at(target.channel().bytes()) + "–" + function.modeTo().at(target.channel().bytes());
    }
}
