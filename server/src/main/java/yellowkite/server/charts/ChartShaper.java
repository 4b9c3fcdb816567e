package yellowkite.server.charts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.text.Figures;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.chart.ChartMode;
import yellowkite.core.chart.Reading;
import yellowkite.core.colour.Srgb;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.AddressText;
import yellowkite.core.dmx.Layers;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.text.FreshName;
import yellowkite.server.charts.ChartView.AsideLine;
import yellowkite.server.charts.ChartView.ChartChannelView;
import yellowkite.server.charts.ChartView.ChartFunctionView;
import yellowkite.server.charts.ChartView.ChartModeView;
import yellowkite.server.charts.ChartView.ChartRangeView;
import yellowkite.server.charts.ChartView.ExistingMode;
import yellowkite.server.charts.ChartView.LineUse;
import yellowkite.server.charts.ChartView.LineView;
import yellowkite.server.charts.Charts.OpenChart;
import yellowkite.server.web.Figure;

/** Puts what the core reads out of a chart into the page's words. */
@Component
class ChartShaper {
    ChartView shape(OpenChart open) {
        var type = open.draft().history().current();
        var reading = open.reading();
        var proposal = reading.proposal();
        var texts = new HashMap<String, String>();
        open.sheets().forEach(sheet -> sheet.lines().forEach(line -> texts.put(line.place(), line.text())));
        var modes = IntStream.range(0, proposal.modes().size())
            .mapToObj(index -> mode(type, reading, proposal.modes().get(index), index))
            .toList();
        long doubts = modes.stream()
            .flatMap(mode -> mode.channels().stream())
            .filter(ChartChannelView::wantsALook)
            .map(ChartChannelView::key)
            .distinct()
            .count();
        boolean whole = modes.stream().flatMap(mode -> mode.channels().stream()).allMatch(each -> each.attribute() != null);
        return new ChartView(open.chart().id(), open.chart().profileId(), type.name(), type.manufacturer(), open.draft().draft().id(),
                open.draft().draft().version(), open.chart().name(), open.chart().version(), open.chart().pages(),
                !open.corrections().all().isEmpty(), sheets(open.sheets(), reading), modes,
                type.modes()
                    .stream()
                    .map(each -> new ExistingMode(each.id(), each.name(), AddressMap.of(type, each).largestFootprint(),
                            each.channels().size()))
                    .toList(),
                proposal.wheels().stream().map(each -> new ChartView.ChartWheelView(each.name(), each.slots())).toList(),
                reading.open().stream().map(ChartView.OpenLine::of).toList(),
                reading.leftOut().stream().map(each -> new ChartView.LeftOutPage(each.page(), each.lines(), each.begins())).toList(),
                reading.aside()
                    .entrySet()
                    .stream()
                    .map(each -> new AsideLine(each.getKey(), texts.getOrDefault(each.getKey(), ""), each.getValue()))
                    .sorted(java.util.Comparator.comparing(AsideLine::line))
                    .toList(),
                (int) doubts, reading.open().isEmpty() && whole && modes.stream().anyMatch(mode -> !mode.channels().isEmpty()));
    }

    private static List<ChartView.SheetView> sheets(List<Sheet> sheets, Reading reading) {
        var channels = new HashMap<String, String>();
        reading.proposal()
            .modes()
            .forEach(mode -> mode.channels()
                .forEach(channel -> channel.places().forEach(place -> channels.putIfAbsent(place, channel.key()))));
        var open = new HashSet<>(reading.open().stream().map(each -> each.place()).toList());
        return sheets.stream()
            .map(sheet -> new ChartView.SheetView(sheet.name(), sheet.lines()
                .stream()
                .filter(line -> !line.isBlank())
                .map(line -> new LineView(line.place(), line.cells(), use(line.place(), channels, open, reading),
                        channels.get(line.place())))
                .toList()))
            .toList();
    }

    private static LineUse use(String place, Map<String, String> channels, HashSet<String> open, Reading reading) {
        return channels.containsKey(place) ? LineUse.CHANNEL
                : open.contains(place) ? LineUse.OPEN : reading.aside().containsKey(place) ? LineUse.ASIDE : LineUse.OTHER;
    }

    private static ChartModeView mode(FixtureType type, Reading reading, ModeProposal mode, int index) {
        var name = ChartMode.nameFor(mode);
        var channels = mode.channels().stream().map(each -> channel(reading, each)).toList();
        var free = FreshName.of(new HashSet<>(type.modes().stream().map(Mode::name).toList()), name.isEmpty() ? "Mode" : name);
        return new ChartModeView(index, name, free, mode.footprint(), ChartMode.likely(type, mode).map(Mode::id).orElse(null), channels);
    }

    private static ChartChannelView channel(Reading reading, ChannelProposal channel) {
        var standard = channel.attribute() == null ? null : Catalogue.STANDARD.find(channel.attribute()).orElse(null);
        var group = standard == null ? "" : standard.featureGroup();
        var functions = functions(channel);
        var cell = channel.cell();
        return new ChartChannelView(channel.key(), channel.addresses(),
                AddressText
                    .of(cell == null ? channel.addresses() : channel.addresses().stream().map(each -> each + cell.first() - 1).toList()),
                cell == null ? "" : cell.count() + " x " + cell.name() + ", every " + cell.spacing(), channel.words(), channel.attribute(),
                channel.attribute() == null ? "" : Catalogue.STANDARD.pretty(channel.attribute()), group, Figures.percent(channel.sure()),
                channel.sure() < Proposal.SURE,
                channel.why(),
                DmxValue.max(Math.max(1, channel.bytes())), channel.start(), channel.highlight(),
                functions, channel.doubts(), reading.settled().contains(channel.key()), reading.wantsALook(channel), channel.places());
    }

    static List<ChartFunctionView> functions(ChannelProposal channel) {
        var functions = new ArrayList<ChartFunctionView>();
        var layers = Layers.of(channel.functions().stream().map(each -> new Layers.Span(each.from(), each.to())).toList());
        for (var each : channel.functions()) {
            functions.add(function(each, functions.size(), layers.get(functions.size())));
        }
        return functions;
    }

    private static ChartFunctionView function(FunctionProposal each, int index, int layer) {
        var when = each.counts() == null ? "" : each.counts().inWords();
        return new ChartFunctionView(index, each.attribute(), Catalogue.STANDARD.pretty(each.attribute()), each.name(), each.from(),
                each.to(), layer, Figure.of(each.physicalFrom()), Figure.of(each.physicalTo()), each.unit().symbol(), each.assumed(),
                each.wheel() == null ? "" : each.wheel(), when,
                each.ranges()
                    .stream()
                    .map(range -> new ChartRangeView(range.name(), range.from(), range.to(), range.slot(),
                            each.colourOf(range).map(Srgb::hex).orElse("")))
                    .toList());
    }
}
