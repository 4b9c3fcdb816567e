package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.chart.meaning.RangeMeaning;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.PhysicalUnit;

/**
 * Functions made of what words say, for a channel that is there already.
 *
 * @param type with the wheels and attributes that they need
 * @param assumed ids of those whose ends nobody stated
 */
public record ChartFunctions(FixtureType type, List<Made> functions, Set<Integer> assumed) {
    /** A function with the values that it is for. */
    public record Made(ChannelFunction function, long from, long to) {}

    /** @param wheels what a wheel of the proposals is in the profile, where that is known; another one is looked for, or added */
    public static ChartFunctions of(FixtureType type, String attribute, RangeMeaning meaning, int bytes, Map<String, String> wheels) {
        var proposed = meaning.functions().stream().map(each -> onKnown(type, each, wheels)).toList();
        var addresses = new ArrayList<Integer>();
        for (int i = 1; i <= bytes; i++) {
            addresses.add(i);
        }
        var chart = new ChannelProposal(addresses, null, "", attribute, 1, "", null, false, null, proposed, List.of(), List.of());
        var wheeled = ChartWheels.laidOnto(type, meaning.wheels().stream().filter(each -> !wheels.containsKey(each.name())).toList(),
                new ModeProposal("", bytes, List.of(chart)));
        var names = new HashMap<>(wheeled.names());
        names.putAll(wheels);
        var counter = new int[]{wheeled.type().nextId()};
        var built = new ModeBuilder(() -> counter[0]++);
        var assumed = new HashSet<Integer>();
        new ChartChannel(chart, names, Map.of()).build(built, "Part", new HashMap<>(), assumed);
        var made = new ArrayList<Made>();
        var functions = built.channels().getFirst().functions().toList();
        for (var each : proposed) {
            functions.stream()
                .filter(function -> function.dmxFrom().at(bytes) == each.from())
                .findFirst()
                .ifPresent(function -> made.add(new Made(function, each.from(), each.to())));
        }
        var definitions = type.attributeDefinitions();
        for (var each : proposed) {
            boolean known = definitions.find(each.attribute()).isPresent();
            definitions = each.attribute().equals(ChannelFunction.NO_FEATURE) ? definitions
                    : Catalogue.STANDARD.define(definitions, each.attribute()).orElse(definitions);
            definitions = known || each.unit() == PhysicalUnit.None ? definitions
                    : ChartMode.countedIn(definitions, each.attribute(), each.unit());
        }
        var defined = definitions;
        return new ChartFunctions(wheeled.type().with(f -> {
            f.attributeDefinitions = defined;
            f.nextId = counter[0];
        }), made, assumed);
    }

    /** A slot that the wheel does not have is none. */
    private static FunctionProposal onKnown(FixtureType type, FunctionProposal function, Map<String, String> wheels) {
        var wheel = function.wheel() == null || !wheels.containsKey(function.wheel()) ? null
                : type.findWheel(wheels.get(function.wheel())).orElse(null);
        return wheel == null ? function
                : function.withRanges(function.ranges()
                    .stream()
                    .map(each -> each.slot() <= wheel.slots().size() ? each
                            : new RangeProposal(each.name(), each.from(), each.to(), 0, each.physicalFrom(), each.physicalTo()))
                    .toList());
    }
}
