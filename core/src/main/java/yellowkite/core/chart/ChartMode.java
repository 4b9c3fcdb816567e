package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.body.Parts;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Trees;
import yellowkite.core.text.StandardName;
import yellowkite.core.xml.Source;

/**
 * A mode as a chart proposes it, laid onto a profile: its channels, and what they need of wheels, attributes and parts where the profile
 * lacks it. What the chart does not say stays as it is. Channels without an attribute are left out.
 */
public final class ChartMode {
    private static final int LONGEST_NAME = 80;

    private final ModeProposal chart;
    private final String source;
    private FixtureType type;
    private final Mode mode;
    private final Map<String, String> cells;
    private final Map<String, String> wheels;
    private final Map<String, Set<PhysicalUnit>> units = new HashMap<>();
    private final Set<Integer> assumed = new HashSet<>();
    private final Set<Integer> stated = new HashSet<>();
    private final Map<Integer, String> places = new LinkedHashMap<>();

    private ChartMode(FixtureType type, ModeProposal chart, Map<String, String> wheels, Mode mode, Map<String, String> cells,
            String source) {
        this.chart = chart;
        this.source = source;
        this.type = type;
        this.mode = mode;
        this.cells = cells;
        this.wheels = wheels;
    }

    /**
     * {@return the profile with a new mode behind the others}
     *
     * @param wheels of the chart, as far as functions of the mode name them
     * @param source what the chart is called; empty = nothing is kept of where channels come from
     */
    public static FixtureType added(FixtureType type, ModeProposal chart, List<WheelProposal> wheels, String source) {
        var wheeled = ChartWheels.laidOnto(type, wheels, chart);
        var body = ChartBody.of(wheeled.type(), chart);
        var mode = new Mode(body.type().nextId(), chart.name(), "", body.root(), List.of(), List.of(), List.of(), Source.NONE);
        var with = body.type().with(f -> {
            f.modes = Trees.insert(f.modes, f.modes.size(), mode);
            f.nextId++;
        });
        return new ChartMode(with, chart, wheeled.names(), mode, body.cells(), source).laid();
    }

    /**
     * {@return the profile in whose mode the chart's channels stand: those that it has are changed, others are new} Links into functions
     * whose names change are left as they are.
     */
    public static FixtureType changed(FixtureType type, Mode mode, ModeProposal chart, List<WheelProposal> wheels, String source) {
        var wheeled = ChartWheels.laidOnto(type, wheels, chart);
        return new ChartMode(wheeled.type(), chart, wheeled.names(), mode, Map.of(), source).laid();
    }

    /** {@return the mode that a mode of a chart is likely about: the one of its name, else one with as many addresses} */
    public static Optional<Mode> likely(FixtureType type, ModeProposal chart) {
        var name = nameFor(chart);
        return type.modes()
            .stream()
            .filter(each -> each.name().equalsIgnoreCase(name))
            .findFirst()
            .or(() -> type.modes()
                .stream()
                .filter(each -> !each.channels().isEmpty() && AddressMap.of(type, each).largestFootprint() == chart.footprint())
                .findFirst());
    }

    /** {@return what a mode of the chart is called in a profile} */
    public static String nameFor(ModeProposal chart) {
        return StandardName.of(chart.name(), LONGEST_NAME);
    }

    private FixtureType laid() {
        define();
        var built = new ModeBuilder(this::fresh);
        var links = links();
        var names = new HashSet<String>();
        var pairs = new LinkedHashMap<ChannelProposal, Optional<Channel>>();
        for (var channel : chart.channels()) {
            if (channel.attribute() == null || channel.addresses().isEmpty() || !names.add(part(channel) + "_" + channel.attribute())) {
                continue; // the second of two that the words cannot tell apart waits for a person
            }
            pairs.put(channel, existing(channel));
            new ChartChannel(channel, wheels, links).build(built, part(channel), units, assumed);
        }
        var made = built.channels();
        var merged = new ArrayList<Channel>();
        int at = 0;
        for (var pair : pairs.entrySet()) {
            var fresh = made.get(at++);
            var was = pair.getValue();
            var channel = was.map(each -> ChartMerge.of(each, fresh, pair.getKey(), assumed, stated)).orElse(fresh);
            merged.add(channel);
            if (!source.isEmpty()) {
                places.put(channel.id(), source + ", " + pair.getKey().key());
            }
        }
        place(merged);
        counted();
        return remembered();
    }

    private int fresh() {
        int id = type.nextId();
        type = type.with(f -> f.nextId++);
        return id;
    }

    /** Attributes come with their definitions, which other attributes may lean on. */
    private void define() {
        var definitions = type.attributeDefinitions();
        for (var name : chart.channels()
            .stream()
            .filter(each -> each.attribute() != null)
            .flatMap(each -> Stream.concat(Stream.of(String.valueOf(each.attribute())),
                    each.functions().stream().map(function -> function.attribute())))
            .distinct()
            .toList()) {
            if (!name.equals(ChannelFunction.NO_FEATURE) && definitions.find(name).isEmpty()) {
                units.put(name, new HashSet<>());
                definitions = Catalogue.STANDARD.define(definitions, name).orElse(definitions);
            }
        }
        var defined = definitions;
        type = type.with(f -> f.attributeDefinitions = defined);
    }

    /** An attribute that came with the chart is counted in the unit in which the chart counts it. */
    private void counted() {
        var was = type.attributeDefinitions();
        var counted = was;
        for (var each : units.entrySet()) {
            counted = each.getValue().size() == 1 ? countedIn(counted, each.getKey(), each.getValue().iterator().next()) : counted;
        }
        var after = counted;
        type = type.with(f -> f.attributeDefinitions = after);
    }

    static AttributeDefinitions countedIn(AttributeDefinitions definitions, String attribute, PhysicalUnit unit) {
        return new AttributeDefinitions(definitions.activationGroups(), definitions.featureGroups(),
                definitions.attributes().stream().map(each -> each.name().equals(attribute) ? each.withUnit(unit) : each).toList(),
                definitions.source());
    }

    /** {@return by address the name of the channel there} */
    private Map<Integer, String> links() {
        var links = new HashMap<Integer, String>();
        mode.channels()
            .stream()
            .filter(each -> cells.isEmpty() || !cells.containsValue(each.geometry()))
            .forEach(each -> each.offsets().forEach(address -> links.put(address, each.name())));
        chart.channels()
            .stream()
            .filter(each -> each.attribute() != null && each.cell() == null)
            .forEach(each -> each.addresses().forEach(address -> links.put(address, part(each) + "_" + each.attribute())));
        return links;
    }

    private String part(ChannelProposal channel) {
        var attribute = String.valueOf(channel.attribute());
        if (channel.cell() != null && cells.containsKey(ChartBody.key(channel.cell()))) {
            return Objects.requireNonNull(cells.get(ChartBody.key(channel.cell())));
        }
        var group = type.attributeDefinitions().find(attribute).map(AttributeDefinitions.Attribute::featureGroup).orElse("");
        return existing(channel).map(Channel::geometry).or(() -> Parts.suggest(type, mode, attribute, group)).orElse(mode.geometry());
    }

    /** The same attribute, at the same address if several parts have it. */
    private Optional<Channel> existing(ChannelProposal channel) {
        var same = mode.channels().stream().filter(each -> each.attribute().equals(channel.attribute())).toList();
        return same.size() == 1 ? Optional.of(same.getFirst())
                : same.stream().filter(each -> each.offsets().equals(channel.addresses())).findFirst();
    }

    private void place(List<Channel> channels) {
        var byId = new LinkedHashMap<Integer, Channel>();
        mode.channels().forEach(each -> byId.put(each.id(), each));
        channels.forEach(each -> byId.put(each.id(), each));
        var ordered = new ArrayList<>(byId.values());
        if (!mode.channels().isEmpty()) {
            ordered.sort(Comparator.comparingInt(each -> each.offsets().isEmpty() ? Integer.MAX_VALUE : each.offsets().getFirst()));
        }
        type = type.mapModes(each -> each.id() == mode.id() ? each.withChannels(ordered) : each);
    }

    private FixtureType remembered() {
        House house = type.house();
        for (var each : places.entrySet()) {
            house = house.withCare(each.getKey(), house.care(each.getKey()).withSource(each.getValue()));
        }
        for (int function : stated) {
            house = house.withAssumed(function, false);
        }
        for (int function : assumed) {
            house = house.withAssumed(function, true);
        }
        var after = house;
        return type.with(f -> f.house = after);
    }
}
