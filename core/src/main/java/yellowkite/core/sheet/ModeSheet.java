package yellowkite.core.sheet;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.AddressText;
import yellowkite.core.dmx.Layers;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.SituationText;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Wheel;

/**
 * A mode as a chart has it: a line for each channel in the order of addresses, virtual ones last. A channel that stands in several cells
 * has one line with the addresses of the first; {@code cells} says where the others begin.
 */
public record ModeSheet(String mode, String description, int footprint, List<ChannelLine> lines) {
    public ModeSheet {
        lines = List.copyOf(lines);
    }

    /**
     * @param id of the channel
     * @param addresses as {@code 14}, {@code 1–2} or {@code 5, 9}, with the break before it where the mode has several; empty for a virtual
     * channel
     * @param dmxBreak 0 for a virtual channel
     * @param pretty what it is called; {@code group} its feature group, empty if its attribute has none
     * @param bytes width
     * @param cells first address of each cell, for a channel that is repeated; else empty
     * @param start value at the start, in the channel's own width
     */
    public record ChannelLine(int id, String addresses, int dmxBreak, int first, String pretty, String attribute, String group, String part,
            int bytes, boolean virtual, List<Integer> cells, long start, List<FunctionLine> functions) {
        public ChannelLine {
            cells = List.copyOf(cells);
            functions = List.copyOf(functions);
        }
    }

    /**
     * @param meaning its two ends in words, and whether nobody stated them; empty if they say nothing. @param when it is active; empty =
     * always. @param layer the row of its bar, as in {@link Layers}
     */
    public record FunctionLine(String name, long from, long to, int layer, String meaning, String when, List<RangeLine> parts) {
        public FunctionLine {
            parts = List.copyOf(parts);
        }
    }

    /** A named range. @param slot what it brings in; empty if nothing */
    public record RangeLine(String name, long from, long to, String meaning, String slot) {}

    public static ModeSheet of(CompiledMode compiled) {
        var type = compiled.type();
        var mode = compiled.mode();
        var map = compiled.map();
        var places = map.channels().stream().collect(Collectors.groupingBy(each -> each.channel().id()));
        var links = compiled.targets();
        var lines = mode.channels()
            .stream()
            .map(channel -> line(type, channel, places.getOrDefault(channel.id(), List.of()), links, map.footprint().size() > 1))
            .sorted(Comparator.comparing((ChannelLine line) -> line.first() == 0)
                .thenComparing(ChannelLine::dmxBreak)
                .thenComparing(ChannelLine::first))
            .toList();
        return new ModeSheet(mode.name(), mode.description(), map.totalFootprint(), lines);
    }

    private static ChannelLine line(FixtureType type, Channel channel, List<PlacedChannel> places, LinkTargets links,
            boolean severalBreaks) {
        var attribute = type.attributeDefinitions().find(channel.attribute());
        var pretty = type.attributeDefinitions().pretty(channel.attribute());
        var group = attribute.map(each -> each.feature().replaceFirst("\\..*", "")).orElse("");
        var addresses = places.isEmpty() ? List.<Integer>of() : places.getFirst().addresses();
        var cells = places.size() < 2 ? List.<Integer>of()
                : places.stream().filter(each -> !each.addresses().isEmpty()).map(each -> each.addresses().getFirst()).toList();
        var dmxBreak = places.isEmpty() ? null : places.getFirst().dmxBreak();
        var shown = addresses.isEmpty() ? "" : AddressText.of(severalBreaks ? dmxBreak : null, addresses);
        return new ChannelLine(channel.id(), shown, dmxBreak == null ? 0 : dmxBreak, addresses.isEmpty() ? 0 : addresses.getFirst(), pretty,
                channel.attribute(), group, channel.geometry(), channel.bytes(), channel.isVirtual(), cells, channel.start(),
                functions(type, channel, links));
    }

    private static List<FunctionLine> functions(FixtureType type, Channel channel, LinkTargets links) {
        var spans = Spans.of(type, channel).stream().filter(span -> span.from() <= span.to()).toList();
        var layers = Layers.of(spans.stream().map(span -> new Layers.Span(span.from(), span.to())).toList());
        return IntStream.range(0, spans.size()).mapToObj(i -> span(type, spans.get(i), layers.get(i), links)).toList();
    }

    private static FunctionLine span(FixtureType type, Spans.FunctionSpan span, int layer, LinkTargets links) {
        var function = span.function();
        var wheel = type.findWheel(function.wheel());
        var parts = span.ranges()
            .stream()
            .filter(range -> range.from() <= range.to())
            .map(range -> part(type, function, wheel.orElse(null), range))
            .toList();
        return new FunctionLine(span.name(), span.from(), span.to(), layer,
                assumed(type, function, meaning(type, function, function.physicalFrom(), function.physicalTo())),
                SituationText.of(type, links, function), parts);
    }

    private static String assumed(FixtureType type, ChannelFunction function, String meaning) {
        return meaning.isEmpty() || !type.house().assumed().contains(function.id()) ? meaning : meaning + " (assumed)";
    }

    private static RangeLine part(FixtureType type, ChannelFunction function, @Nullable Wheel wheel, Spans.RangeSpan range) {
        NamedRange named = range.range();
        var slot = wheel == null ? "" : wheel.findSlot(named.slot()).map(each -> named.slot() + " " + each.name()).orElse("");
        boolean tells = named.slot() == 0 || range.hasOwnPhysical();
        return new RangeLine(named.name(), range.from(), range.to(),
                tells ? meaning(type, function, range.physicalFrom(), range.physicalTo()) : "", slot);
    }

    private static String meaning(FixtureType type, ChannelFunction function, double from, double to) {
        var unit = type.unitOf(function.attribute());
        if (!EndWords.tell(function.attribute(), unit)) {
            return "";
        }
        var first = EndWords.of(function.attribute(), from, unit);
        return from == to ? first : first + " to " + EndWords.of(function.attribute(), to, unit);
    }
}
