package yellowkite.server.drafts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.chart.ChartTable;
import yellowkite.core.chart.ChartWords;
import yellowkite.core.chart.RangeTable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CellGrid;
import yellowkite.core.dmx.ModeComparison;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.ValueText;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.dmx.WheelUse;
import yellowkite.core.edit.BringFunction;
import yellowkite.core.edit.MakeCells;
import yellowkite.core.edit.SetRanges;
import yellowkite.core.edit.Stencil;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.server.web.Refusal;

/** What writing a profile needs to know: what words mean, which modes have the same function, what modes cost. Reads only. */
@RestController
class AuthoringController {
    private static final int LISTED = 40;
    private static final int LONGEST_WORDS = 200;
    private static final int LONGEST_CHART = 20_000;
    private static final int LONGEST_TABLE = 200_000;
    private static final int MOST_MODES = 12;
    private static final int MOST_LAMPS = 100_000;
    private final Drafts drafts;
    private final NewestModes newest;

    AuthoringController(Drafts drafts, NewestModes newest) {
        this.drafts = drafts;
        this.newest = newest;
    }

    /** @param used whether the mode has it already */
    record AttributeChoice(String name, String pretty, String featureGroup, String unit, boolean used) {}

    /** 200 with the attributes that words mean, best first; those of {@code group} only if one is named. */
    @GetMapping("/api/drafts/{draftId}/attributes")
    List<AttributeChoice> attributes(@PathVariable String draftId, @RequestParam int mode, @RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "") String group) {
        var type = drafts.require(draftId).history().current();
        var used = used(type, mode);
        return Catalogue.STANDARD.search(shorten(words, LONGEST_WORDS)).stream().filter(each -> group.isEmpty() || each.attribute().featureGroup().equals(group))
                .limit(LISTED).map(match -> choice(match, used)).toList();
    }

    private static AttributeChoice choice(Catalogue.Match match, Set<String> used) {
        return new AttributeChoice(match.name(), match.attribute().pretty().replace("(n)", digits(match.name())), match.attribute().featureGroup(), match.attribute().unit().symbol(), used.contains(match.name()));
    }

    private static String digits(String name) {
        return name.replaceAll("^\\D*(\\d+).*$", "$1");
    }

    record ChartRequest(int mode, String text) {
        ChartRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** One channel of a chart. @param choices what the words can mean, best first; empty if nothing */
    record ChartLine(String words, int bytes, List<AttributeChoice> choices) {}

    /** 200 with the channels that a chart's words describe. */
    @PostMapping("/api/drafts/{draftId}/chart")
    List<ChartLine> chart(@PathVariable String draftId, @RequestBody ChartRequest request) {
        var used = used(drafts.require(draftId).history().current(), request.mode());
        return ChartWords.read(shorten(request.text(), LONGEST_CHART), used).stream()
                .map(each -> new ChartLine(each.words(), each.bytes(), each.matches().stream().map(match -> choice(match, used)).toList())).toList();
    }

    /** One channel of a pasted chart. @param choices what its words can mean, best first; empty if nothing. @param lines the rows that it was read from */
    record ChartRow(List<Integer> addresses, String words, List<AttributeChoice> choices, List<SetRanges.Row> ranges, List<String> lines) {}

    record PastedChart(List<ChartRow> channels, List<String> left) {}

    /** 200 with the channels and named ranges that the rows of a chart describe, and the rows that were not understood. */
    @PostMapping("/api/drafts/{draftId}/chart-table")
    PastedChart chartTable(@PathVariable String draftId, @RequestBody ChartRequest request) {
        var used = used(drafts.require(draftId).history().current(), request.mode());
        var table = ChartTable.read(shorten(request.text(), LONGEST_TABLE), used);
        return new PastedChart(table.channels().stream()
                .map(each -> new ChartRow(each.addresses(), each.words(), each.matches().stream().map(match -> choice(match, used)).toList(), each.ranges(), each.lines())).toList(), table.left());
    }

    /** @param last last value of the function that the ranges are for */
    record TableRequest(String text, long last) {
        TableRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** 200 with the named ranges that a pasted table describes, and the rows that were not understood. */
    @PostMapping("/api/range-table")
    RangeTable table(@RequestBody TableRequest request) {
        return RangeTable.read(shorten(request.text(), LONGEST_TABLE), request.last());
    }

    /** A function of another mode that stands for the same thing. @param differs whether bringing would change it */
    record Twin(int mode, String modeName, String channel, boolean differs) {}

    /** 200 with the functions of other modes that this one can be brought to. */
    @GetMapping("/api/drafts/{draftId}/functions/{function}/twins")
    List<Twin> twins(@PathVariable String draftId, @PathVariable int function) {
        return BringFunction.twins(drafts.require(draftId).history().current(), function).stream()
                .map(each -> new Twin(each.mode().id(), each.mode().name(), each.channel().name(), each.differs())).toList();
    }

    /** One channel that can be laid onto others. @param origin its place in words */
    record ChannelStencil(String mode, String channel, String pretty, String origin, Stencil stencil) {}

    /** 200 with the channels of a draft that can be kept or laid onto others. */
    @GetMapping("/api/drafts/{draftId}/stencils")
    List<ChannelStencil> ofDraft(@PathVariable String draftId) {
        return stencils(drafts.require(draftId).history().current());
    }

    /** 200 with the channels of a profile's newest revision that can be laid onto others; 404 if it has none. */
    @GetMapping("/api/profiles/{profileId}/stencils")
    List<ChannelStencil> ofProfile(@PathVariable String profileId) {
        return stencils(newest.type(profileId));
    }

    private static List<ChannelStencil> stencils(FixtureType type) {
        return type.modes().stream().flatMap(mode -> mode.channels().stream().map(channel -> new ChannelStencil(mode.name(), channel.name(),
                type.attributeDefinitions().find(channel.attribute()).map(each -> each.pretty()).orElse(channel.attribute()),
                type.manufacturer() + " " + type.name() + ", " + mode.name(), Stencil.of(channel)))).filter(each -> !each.stencil().functions().isEmpty()).toList();
    }

    /** @param profile whose mode it is, where it is another one's; else empty */
    record ModeCost(String profile, String name, ModeComparison.Cost cost) {}

    record AttributeRow(String attribute, String pretty, String featureGroup, List<ModeComparison.Cell> cells) {}

    record Comparison(int lamps, List<ModeCost> modes, List<AttributeRow> rows) {}

    /** A mode of another profile's newest revision. */
    record OtherMode(String profileId, String mode) {
        OtherMode {
            Objects.requireNonNull(profileId, "profileId");
            Objects.requireNonNull(mode, "mode");
        }
    }

    record ComparisonRequest(int lamps, List<OtherMode> others) {
        ComparisonRequest {
            others = List.copyOf(others);
        }
    }

    /** 200 with the modes of the draft side by side, beside those of other profiles, and what {@code lamps} of each cost. */
    @PostMapping("/api/drafts/{draftId}/comparison")
    Comparison compare(@PathVariable String draftId, @RequestBody ComparisonRequest request) {
        var type = drafts.require(draftId).history().current();
        if (request.lamps() < 1 || request.lamps() > MOST_LAMPS) {
            throw Refusal.unfit("lamps", "A number of lamps lies from 1 to " + MOST_LAMPS + ".");
        }
        if (request.others().size() > MOST_MODES) {
            throw Refusal.unfit("others", "At most " + MOST_MODES + " modes of other profiles are compared at once.");
        }
        var candidates = new ArrayList<>(type.modes().stream().map(mode -> new ModeComparison.Candidate(type, mode)).toList());
        request.others().forEach(other -> candidates.add(newest.mode(other.profileId(), other.mode())));
        var comparison = ModeComparison.of(candidates, request.lamps());
        var modes = new ArrayList<ModeCost>();
        for (int i = 0; i < candidates.size(); i++) {
            var candidate = candidates.get(i);
            modes.add(new ModeCost(candidate.type() == type ? "" : candidate.type().name(), candidate.mode().name(), comparison.costs().get(i)));
        }
        return new Comparison(request.lamps(), modes, comparison.rows().stream().map(row -> {
            var definition = candidates.stream().flatMap(each -> each.type().attributeDefinitions().find(row.attribute()).stream()).findFirst();
            return new AttributeRow(row.attribute(), definition.map(each -> each.pretty()).orElse(row.attribute()), definition.map(each -> each.featureGroup()).orElse(""), row.cells());
        }).toList());
    }

    /** @param bytes width of the channel. @param form how a number without a sign of its own is meant */
    record ValueRequest(String text, int bytes, ValueText.Form form) {
        ValueRequest {
            Objects.requireNonNull(text, "text");
            Objects.requireNonNull(form, "form");
        }
    }

    record TypedValue(long raw) {}

    /** 200 with the value that was typed, in the channel's own width; 422 with why it is none. */
    @PostMapping("/api/values")
    TypedValue value(@RequestBody ValueRequest request) {
        if (request.bytes() < 1 || request.bytes() > DmxValue.MAX_BYTES) {
            throw Refusal.unfit("bytes", "A channel is 1 to " + DmxValue.MAX_BYTES + " bytes wide.");
        }
        var read = ValueText.read(shorten(request.text(), LONGEST_WORDS), request.bytes(), request.form());
        if (read.reason() != null) {
            throw Refusal.unfit("text", read.reason());
        }
        return new TypedValue(read.raw());
    }

    /** Values that bring in a slot. @param channel id. @param address first of the channel; null if it is virtual */
    record WheelSpan(int slot, int channel, String pretty, @Schema(nullable = true) @Nullable Integer address, String function, String range, long from, long to, WheelUse.Motion motion) {}

    /** 200 with the values of a mode that bring in each slot of a wheel, by slot; 404 if there is no such wheel or mode. */
    @GetMapping("/api/drafts/{draftId}/wheels/{wheel}/use")
    List<WheelSpan> wheelUse(@PathVariable String draftId, @PathVariable int wheel, @RequestParam int mode) {
        var type = drafts.require(draftId).history().current();
        var turned = type.wheels().stream().filter(each -> each.id() == wheel).findFirst().orElseThrow(() -> Refusal.notFound("That wheel is not in this profile any more."));
        var here = type.findMode(mode).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more."));
        return WheelUse.of(type, here, turned).stream().map(each -> new WheelSpan(each.slot(), each.channel().id(),
                type.attributeDefinitions().find(each.channel().attribute()).map(one -> one.pretty()).orElse(each.channel().attribute()),
                each.channel().offsets().stream().findFirst().orElse(null), each.function(), each.range(), each.from(), each.to(), each.motion())).toList();
    }

    /** 200 with where each cell of a block would stand; 422 if there is no such grid. */
    @GetMapping("/api/cell-grid")
    List<CellGrid.GridCell> grid(@RequestParam int count, @RequestParam int columns, @RequestParam MakeCells.Order order) {
        if (count < 1 || count > AddressMap.UNIVERSE || columns < 1 || columns > count) {
            throw Refusal.unfit("columns", "A grid has 1 to " + AddressMap.UNIVERSE + " cells in at most as many columns.");
        }
        return MakeCells.grid(count, columns, order);
    }

    /** @param says one sentence with what was asked and what the step gives */
    record Reach(long raw, double got, String says) {}

    /** 200 with the step of a function that comes nearest to a physical value; 422 if it is out of reach, with what is not. */
    @GetMapping("/api/drafts/{draftId}/functions/{function}/reach")
    Reach reach(@PathVariable String draftId, @PathVariable int function, @RequestParam double value) {
        var type = drafts.require(draftId).history().current();
        var span = type.modes().stream().flatMap(mode -> mode.channels().stream()).filter(channel -> channel.findFunction(function).isPresent())
                .flatMap(channel -> Spans.of(type, channel).stream()).filter(each -> each.function().id() == function && each.from() <= each.to()).findFirst()
                .orElseThrow(() -> Refusal.notFound("That function is not in this profile any more."));
        var step = Wanted.nearest(span, value);
        var attribute = span.function().attribute();
        var unit = type.unitOf(attribute);
        if (!Double.isFinite(value) || !step.isInReach(value)) {
            throw Refusal.unfit("value", "'" + span.name() + "' reaches " + EndWords.of(attribute, step.low(), unit) + " to " + EndWords.of(attribute, step.high(), unit) + ".");
        }
        return new Reach(step.raw(), step.got(), "Asked " + EndWords.of(attribute, value, unit) + ", reached " + EndWords.of(attribute, step.got(), unit) + ".");
    }

    private static Set<String> used(FixtureType type, int mode) {
        return type.findMode(mode).map(Mode::channels).orElse(List.of()).stream().map(each -> each.attribute()).collect(Collectors.toSet());
    }

    private static String shorten(String text, int length) {
        return text.length() <= length ? text : text.substring(0, length);
    }
}
