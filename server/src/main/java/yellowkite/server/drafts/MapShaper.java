package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.dmx.AddressText;
import yellowkite.core.dmx.CellGrid;
import yellowkite.core.dmx.FootprintSum;
import yellowkite.core.dmx.Layers;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.OneMeaning;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.SituationText;
import yellowkite.core.dmx.Spans;
import yellowkite.core.edit.AsBefore;
import yellowkite.core.edit.Holes;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;
import yellowkite.core.text.Figures;
import yellowkite.server.web.Figure;

/** Shapes the map of a mode for the editor: a row for each channel with its functions and named ranges. */
final class MapShaper {
    private MapShaper() {}

    /** @param known what the asker has already: rows that are the same there are left out; null = nothing */
    static DraftView.ModeMap map(FixtureType type, Mode mode, @Nullable FixtureType known) {
        var addresses = CompiledModes.of(type, mode).map();
        var places = addresses.byChannel();
        var links = CompiledModes.of(type, mode).targets();
        var same = known == null ? Set.<Channel>of()
                : AsBefore.channels(CompiledModes.of(type, mode),
                        known.findMode(mode.id()).map(was -> CompiledModes.of(known, was)).orElse(null));
        var rows = new ArrayList<DraftView.ChannelRow>();
        boolean several = addresses.footprint().size() > 1;
        int number = 0;
        for (var channel : mode.channels()) {
            number++;
            if (!same.contains(channel)) {
                rows.add(row(type, mode, links, channel, number, places.getOrDefault(channel.id(), List.of()), several));
            }
        }
        var sum = FootprintSum.of(addresses);
        return new DraftView.ModeMap(mode.id(), mode.name(), mode.description(), sum.footprint(), sum.free(), sum.words(),
                type.house().chartCounts().get(mode.id()),
                mode.channels().stream().map(Channel::id).toList(), rows);
    }

    private static DraftView.ChannelRow row(FixtureType type, Mode mode, LinkTargets links, Channel channel, int number,
            List<PlacedChannel> places, boolean severalBreaks) {
        var logical = channel.logicalChannels().stream().findFirst();
        var definition = type.attributeDefinitions().find(channel.attribute());
        var care = type.house().care(channel.id());
        return new DraftView.ChannelRow(channel.id(), number, channel.name(), channel.attribute(),
                pretty(type, channel.attribute()),
                definition.map(each -> each.featureGroup()).orElse(""), channel.geometry(), channel.bytes(), channel.max(),
                places.isEmpty() ? List.of() : places.getFirst().addresses(), called(places, severalBreaks), channel.offsets(),
                places.size(), channel.start(),
                channel.highlight() == null ? null : channel.highlight().at(channel.bytes()),
                logical.map(each -> each.snap() == LogicalChannel.Snap.YES || each.snap() == LogicalChannel.Snap.ON).orElse(false),
                logical.map(each -> each.master()).orElse(LogicalChannel.Master.NONE),
                Figure.of(logical.map(each -> each.mibFade()).orElse(0.0)),
                Figure.of(logical.map(each -> each.dmxChangeTimeLimit()).orElse(0.0)),
                care.tint(), care.note(), care.blackout() == null ? null : care.blackout().at(channel.bytes()),
                cells(type, mode, channel, places),
                functions(type, links, channel));
    }

    private static String pretty(FixtureType type, String attribute) {
        return type.attributeDefinitions().pretty(attribute);
    }

    private static String called(List<PlacedChannel> places, boolean severalBreaks) {
        return places.isEmpty() ? AddressText.of(List.of())
                : AddressText.of(severalBreaks ? places.getFirst().dmxBreak() : null, places.getFirst().addresses());
    }

    private static List<DraftView.CellPlace> cells(FixtureType type, Mode mode, Channel channel, List<PlacedChannel> places) {
        if (places.size() < 2) {
            return List.of();
        }
        var grid = CellGrid.of(type, mode, channel.geometry(), places.size());
        return IntStream.range(0, places.size())
            .mapToObj(i -> new DraftView.CellPlace(places.get(i).addresses(), grid.get(i).column(), grid.get(i).row()))
            .toList();
    }

    private static List<DraftView.FunctionBar> functions(FixtureType type, LinkTargets links, Channel channel) {
        var firsts = new HashMap<Integer, Integer>();
        var meanings = OneMeaning.all(channel);
        meanings.forEach((first, alike) -> alike.forEach(each -> firsts.put(each.id(), first)));
        var spans = Spans.of(type, channel);
        var layers = layers(spans, firsts);
        return spans.stream().map(span -> {
            int first = Objects.requireNonNull(firsts.get(span.function().id()));
            boolean isFirst = first == span.function().id();
            var also = isFirst
                    ? Objects.requireNonNull(meanings.get(first))
                        .stream()
                        .skip(1)
                        .map(each -> new DraftView.Situation(each.id(), SituationText.of(type, links, each)))
                        .toList()
                    : List.<DraftView.Situation>of();
            return function(type, links, span, layers.getOrDefault(span.function().id(), 0), also, isFirst ? null : first);
        }).toList();
    }

    /** Copies of a function for other situations lie where it lies. */
    private static Map<Integer, Integer> layers(List<Spans.FunctionSpan> spans, Map<Integer, Integer> firsts) {
        var drawn = spans.stream()
            .filter(span -> Objects.requireNonNull(firsts.get(span.function().id())) == span.function().id())
            .toList();
        var rows = Layers.of(drawn.stream().map(span -> new Layers.Span(span.from(), span.to())).toList());
        return IntStream.range(0, drawn.size()).boxed().collect(Collectors.toMap(i -> drawn.get(i).function().id(), rows::get));
    }

    private static DraftView.FunctionBar function(FixtureType type, LinkTargets links, Spans.FunctionSpan span, int layer,
            List<DraftView.Situation> also, @Nullable Integer alsoOf) {
        var function = span.function();
        var wheel = type.findWheel(function.wheel());
        var master = function.modeMaster().isEmpty() ? null : links.find(function.modeMaster());
        int masterBytes = master == null ? function.modeFrom().bytes() : master.channel().bytes();
        return new DraftView.FunctionBar(function.id(), span.name(), function.attribute(), pretty(type, function.attribute()), span.from(),
                span.to(), layer, label(type, span), Figure.of(function.physicalFrom()), Figure.of(function.physicalTo()),
                type.unitOf(function.attribute()).symbol(), type.house().assumed().contains(function.id()), function.wheel(),
                function.emitter(), function.filter(), function.dmxProfile(), SituationText.of(type, links, function),
                also, alsoOf,
                master == null ? null : master.channel().id(), function.modeFrom().at(masterBytes), function.modeTo().at(masterBytes),
                Figure.ofNullable(function.min()), Figure.ofNullable(function.max()),
                Figure.of(function.realFade()), Figure.of(function.realAcceleration()), runs(type, span),
                function.physicalFrom() > function.physicalTo(),
                span.ranges()
                    .stream()
                    .map(range -> new DraftView.RangeBar(range.range().id(), range.range().name(), range.from(), range.to(),
                            range.range().slot(),
                            wheel.flatMap(each -> each.findSlot(range.range().slot())).map(Wheel.Slot::name).orElse(""),
                            Figure.of(range.physicalFrom()), Figure.of(range.physicalTo()), range.hasOwnPhysical(),
                            type.house().marks().get(range.range().id())))
                    .toList(),
                Holes.of(span).stream().map(hole -> new DraftView.HoleBar(hole.from(), hole.to(), hole.range(), hole.closes())).toList());
    }

    private static String label(FixtureType type, Spans.FunctionSpan span) {
        var function = span.function();
        var unit = type.unitOf(function.attribute()).symbol();
        return unit.isEmpty() || function.physicalFrom() == function.physicalTo() ? span.name()
                : span.name() + " " + Figures.of(function.physicalFrom()) + " to " + Figures.of(function.physicalTo(), unit);
    }

    private static String runs(FixtureType type, Spans.FunctionSpan span) {
        var function = span.function();
        var unit = type.unitOf(function.attribute());
        if (function.physicalFrom() == function.physicalTo() || !EndWords.tell(function.attribute(), unit)) {
            return "";
        }
        return span.from() + " is " + EndWords.of(function.attribute(), function.physicalFrom(), unit) + ", " + span.to() + " is "
                + EndWords.of(function.attribute(), function.physicalTo(), unit)
                + (function.physicalFrom() > function.physicalTo() ? ": inverted" : "");
    }
}
