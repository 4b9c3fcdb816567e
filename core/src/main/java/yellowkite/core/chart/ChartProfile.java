package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.chart.meaning.ColourNames;
import yellowkite.core.colour.Srgb;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.StandardName;

/** The profile that a proposal gives when nobody touches it. Channels without an attribute are left out. */
public final class ChartProfile {
    private static final int LONGEST_NAME = 80;
    private static final String NOTHING = "NoFeature";

    private final Proposal proposal;
    private final ProfileBuilder profile;
    private final boolean pans;
    private final boolean tilts;
    private final Set<String> attributes = new LinkedHashSet<>();
    private final Map<String, Set<PhysicalUnit>> units = new HashMap<>();
    /** Names of parts, which are the type's alone. */
    private final Set<String> parts = new HashSet<>();

    private ChartProfile(Proposal proposal, String id) {
        this.proposal = proposal;
        this.profile = ProfileBuilder.profile(proposal.maker() == null ? "Unknown maker" : proposal.maker(), StandardName.of(proposal.model() == null ? "From a chart" : proposal.model(), LONGEST_NAME)).id(id);
        this.pans = uses("Pan");
        this.tilts = uses("Tilt");
    }

    /** @param id of the new type, a GUID */
    public static FixtureType of(Proposal proposal, String id) {
        return new ChartProfile(proposal, id).build();
    }

    private boolean uses(String beginning) {
        return proposal.modes().stream().flatMap(mode -> mode.channels().stream()).anyMatch(each -> each.attribute() != null && each.attribute().startsWith(beginning));
    }

    private FixtureType build() {
        proposal.wheels().forEach(this::wheel);
        if (proposal.modes().isEmpty() || proposal.modes().stream().anyMatch(mode -> mode.channels().stream().allMatch(each -> each.cell() == null))) {
            body("Base");
        }
        var names = new HashSet<String>();
        for (int i = 0; i < proposal.modes().size(); i++) {
            var mode = proposal.modes().get(i);
            var cells = cells(mode);
            var root = cells.isEmpty() ? "Base" : fresh(parts, "Body of " + StandardName.of(mode.name(), 40));
            if (!cells.isEmpty()) {
                cells.values().forEach(cell -> profile.body(ProfileBuilder.part(Kind.Beam, cell)));
                profile.body(ProfileBuilder.part(Kind.Geometry, root, references(mode, cells)));
            }
            profile.mode(fresh(names, StandardName.of(mode.name(), LONGEST_NAME)), root, made -> channels(mode, made, root, cells));
        }
        return defined(profile.build());
    }

    private void body(String root) {
        var beam = ProfileBuilder.part(Kind.Beam, "Beam");
        var head = tilts ? ProfileBuilder.part(Kind.Axis, "Head", beam) : beam;
        var yoke = pans ? ProfileBuilder.part(Kind.Axis, "Yoke", head) : head;
        parts.addAll(List.of(root, "Beam", "Head", "Yoke"));
        profile.body(ProfileBuilder.part(Kind.Geometry, root, yoke));
    }

    /** {@return by a cell's name in the chart the part that it is} */
    private Map<String, String> cells(ModeProposal mode) {
        var cells = new LinkedHashMap<String, String>();
        mode.channels().stream().filter(each -> each.cell() != null).forEach(each -> cells.computeIfAbsent(each.cell().name() + each.cell().first(), name -> fresh(parts, StandardName.of(each.cell().name(), 40))));
        return cells;
    }

    private Geometry[] references(ModeProposal mode, Map<String, String> cells) {
        var references = new ArrayList<Geometry>();
        var done = new HashSet<String>();
        for (var channel : mode.channels()) {
            var cell = channel.cell();
            if (cell != null && done.add(cell.name() + cell.first())) {
                for (int n = 0; n < cell.count(); n++) {
                    references.add(ProfileBuilder.reference(fresh(parts, StandardName.of(cell.name(), 40) + " " + (n + 1)), cells.get(cell.name() + cell.first()), cell.first() + n * cell.spacing()));
                }
            }
        }
        return references.toArray(Geometry[]::new);
    }

    private void channels(ModeProposal mode, ModeBuilder made, String root, Map<String, String> cells) {
        var links = links(mode, root, cells);
        var names = new HashSet<String>();
        for (var channel : mode.channels()) {
            if (channel.attribute() == null || channel.addresses().isEmpty()) {
                continue;
            }
            var part = part(channel, root, cells);
            if (!names.add(part + "_" + channel.attribute())) {
                continue; // the second of two that the words cannot tell apart waits for a person
            }
            attributes.add(channel.attribute());
            made.channel(channel.attribute(), part, channel.addresses(), built -> fill(channel, built, links));
        }
    }

    private String part(ChannelProposal channel, String root, Map<String, String> cells) {
        if (channel.cell() != null) {
            return cells.get(channel.cell().name() + channel.cell().first());
        }
        var attribute = String.valueOf(channel.attribute());
        if (!cells.isEmpty()) {
            return root;
        }
        return attribute.startsWith("Pan") && pans ? "Yoke" : attribute.startsWith("Tilt") && tilts ? "Head" : "Beam";
    }

    /** {@return by address how its channel is linked} */
    private Map<Integer, String> links(ModeProposal mode, String root, Map<String, String> cells) {
        var links = new HashMap<Integer, String>();
        mode.channels().stream().filter(each -> each.attribute() != null && each.cell() == null)
                .forEach(each -> each.addresses().forEach(address -> links.putIfAbsent(address, part(each, root, cells) + "_" + each.attribute())));
        return links;
    }

    private void fill(ChannelProposal channel, ModeBuilder.ChannelBuilder built, Map<Integer, String> links) {
        var functions = whole(channel);
        var attribute = String.valueOf(channel.attribute());
        long max = DmxValue.max(channel.bytes());
        long start = channel.start() == null ? 0 : Math.min(max, channel.start());
        if (2 * functions.stream().filter(FunctionProposal::snap).count() > functions.size()) {
            built.snap();
        }
        if (attribute.equals("Dimmer")) {
            built.grandMaster();
        }
        var highlight = highlight(channel, functions, attribute, max);
        if (highlight >= 0) {
            built.highlight(highlight);
        }
        var names = new HashSet<String>();
        String first = null;
        for (var each : functions) {
            var name = fresh(names, StandardName.of(each.name(), LONGEST_NAME).isEmpty() ? each.attribute() : StandardName.of(each.name(), LONGEST_NAME));
            boolean holds = start >= each.from() && start <= each.to();
            if (holds && (first == null || each.counts() == null)) {
                first = name;
            }
            attributes.add(each.attribute());
            units.computeIfAbsent(each.attribute(), none -> new HashSet<>()).add(each.unit());
            built.function(name, each.attribute(), each.from(), made -> {
                made.physical(each.physicalFrom(), each.physicalTo()).start(holds ? start : each.from());
                if (each.wheel() != null) {
                    made.wheel(each.wheel());
                }
                var link = each.counts() == null ? null : links.get(each.counts().address());
                if (link != null) {
                    made.when(link, new DmxValue(Math.min(255, each.counts().from()), 1), new DmxValue(Math.min(255, each.counts().to()), 1));
                }
                ranges(each, made);
            });
        }
        if (first != null) {
            built.startsIn(first);
        }
    }

    private static long highlight(ChannelProposal channel, List<FunctionProposal> functions, String attribute, long max) {
        if (channel.highlight() != null) {
            return Math.min(max, channel.highlight());
        }
        if (attribute.equals("Dimmer") || attribute.startsWith("ColorAdd_")) {
            return max;
        }
        if (attribute.startsWith("Shutter")) {
            return functions.stream().filter(each -> each.attribute().equals(attribute) && each.physicalFrom() == 1 && each.physicalTo() == 1).mapToLong(FunctionProposal::from).findFirst().orElse(-1);
        }
        return attribute.startsWith("ColorSub_") ? 0 : -1;
    }

    /** {@return the functions with nothing left open between them: what the chart does not speak of does nothing} */
    private static List<FunctionProposal> whole(ChannelProposal channel) {
        var whole = new ArrayList<FunctionProposal>();
        long next = 0;
        boolean conditional = channel.functions().stream().anyMatch(each -> each.counts() != null);
        for (var each : channel.functions()) {
            if (!conditional && each.from() > next) {
                whole.add(nothing(next, each.from() - 1));
            }
            whole.add(each);
            next = Math.max(next, each.to() + 1);
        }
        if (!conditional && next <= DmxValue.max(channel.bytes())) {
            whole.add(nothing(next, DmxValue.max(channel.bytes())));
        }
        return whole;
    }

    private static FunctionProposal nothing(long from, long to) {
        return new FunctionProposal(NOTHING, "No function", from, to, 0, 0, PhysicalUnit.None, false, null, true, null, List.of());
    }

    private static void ranges(FunctionProposal function, ModeBuilder.FunctionBuilder made) {
        var names = new HashSet<String>();
        long next = function.from();
        for (RangeProposal range : function.ranges()) {
            if (range.from() > next && next > function.from()) {
                made.range("", next);
            }
            var name = fresh(names, StandardName.of(range.name(), LONGEST_NAME));
            if (range.physicalFrom() == null || range.physicalTo() == null) {
                made.range(name, range.from(), range.slot());
            } else {
                made.range(name, range.from(), range.slot(), range.physicalFrom(), range.physicalTo());
            }
            next = range.to() + 1;
        }
    }

    private void wheel(WheelProposal wheel) {
        var names = new HashSet<String>();
        profile.wheel(wheel.name(), slots -> wheel.slots().forEach(slot -> {
            var name = fresh(names, StandardName.of(slot, LONGEST_NAME));
            var color = wheel.name().startsWith("Colour") ? ColourNames.rgb(slot).flatMap(rgb -> Srgb.parse(String.format(java.util.Locale.ROOT, "#%06x", rgb))).map(Srgb::toCie) : java.util.Optional.<ColorCie>empty();
            slots.color(name, color.orElse(ColorCie.WHITE));
        }));
    }

    /** The attributes that are used, with the units that the chart counts them in. */
    private FixtureType defined(FixtureType type) {
        var definitions = type.attributeDefinitions();
        for (var name : attributes) {
            definitions = Catalogue.STANDARD.define(definitions, name).orElse(definitions);
        }
        var counted = definitions.attributes().stream().map(each -> {
            var used = units.getOrDefault(each.name(), Set.of());
            return used.size() == 1 ? each.withUnit(used.iterator().next()) : each;
        }).toList();
        var all = new AttributeDefinitions(definitions.activationGroups(), definitions.featureGroups(), counted, definitions.source());
        return type.with(f -> f.attributeDefinitions = all);
    }

    private static String fresh(Set<String> taken, String wanted) {
        var name = wanted.isEmpty() ? "Unnamed" : wanted;
        for (int n = 2; !taken.add(name); n++) {
            name = wanted + " " + n;
        }
        return name;
    }
}
