package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.StandardName;

/**
 * A channel made of what a chart proposes.
 *
 * @param wheels what each wheel of the chart is called in the profile
 * @param links names of channels by address, for conditions
 */
record ChartChannel(ChannelProposal chart, Map<String, String> wheels, Map<Integer, String> links) {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_WORDS = 200;

    /**
     * Adds the channel.
     *
     * @param units get the unit of each function, where they wait for its attribute
     * @param assumed gets the ids of the functions whose ends the chart does not state
     */
    void build(ModeBuilder mode, String part, Map<String, Set<PhysicalUnit>> units, Set<Integer> assumed) {
        mode.channel(String.valueOf(chart.attribute()), part, chart.addresses(),
                built -> fill(built, part + "_" + chart.attribute(), units, assumed));
    }

    private void fill(ModeBuilder.ChannelBuilder built, String itself, Map<String, Set<PhysicalUnit>> units, Set<Integer> assumed) {
        var functions = whole();
        var attribute = String.valueOf(chart.attribute());
        long max = DmxValue.max(chart.bytes());
        long start = chart.start() == null ? 0 : Math.min(max, chart.start());
        if (2 * functions.stream().filter(FunctionProposal::snap).count() > functions.size()) {
            built.snap();
        }
        if (attribute.equals("Dimmer")) {
            built.grandMaster();
        }
        var highlight = highlight(functions, attribute, max);
        if (highlight >= 0) {
            built.highlight(highlight);
        }
        var names = new HashSet<String>();
        String first = null;
        for (var each : functions) {
            var spelled = StandardName.of(each.name(), LONGEST_NAME);
            var name = ChartBody.fresh(names, spelled.isEmpty() ? each.attribute() : spelled);
            boolean holds = start >= each.from() && start <= each.to();
            if (holds && (first == null || each.counts() == null)) {
                first = name;
            }
            units.computeIfPresent(each.attribute(), (none, used) -> {
                used.add(each.unit());
                return used;
            });
            built.function(name, each.attribute(), each.from(), made -> {
                made.physical(each.physicalFrom(), each.physicalTo()).start(holds ? start : each.from()).original(original(each));
                if (each.assumed() && each.unit().isMeasured()) {
                    assumed.add(made.id());
                }
                if (each.wheel() != null) {
                    made.wheel(wheels.getOrDefault(each.wheel(), each.wheel()));
                }
                var link = each.counts() == null ? null : links.get(each.counts().address());
                if (link != null && !link.equals(itself)) { // nothing waits for itself
                    made.when(link, new DmxValue(Math.min(255, Objects.requireNonNull(each.counts()).from()), 1),
                            new DmxValue(Math.min(255, each.counts().to()), 1));
                }
                ranges(each, made);
            });
        }
        if (first != null) {
            built.startsIn(first);
        }
    }

    /** {@return the manufacturer's own words} Source: GDTF {@code ChannelFunction/@OriginalAttribute}. */
    private String original(FunctionProposal function) {
        var words = chart.words().isEmpty() || function.name().equals(chart.words())
                || function.attribute().equals(ChannelFunction.NO_FEATURE) && function.name().equals("No function")
                        ? function.name()
                        : chart.words() + ": " + function.name();
        return words.length() > LONGEST_WORDS ? words.substring(0, LONGEST_WORDS) : words;
    }

    private long highlight(List<FunctionProposal> functions, String attribute, long max) {
        if (chart.highlight() != null) {
            return Math.min(max, chart.highlight());
        }
        if (attribute.equals("Dimmer") || attribute.startsWith("ColorAdd_")) {
            return max;
        }
        if (attribute.startsWith("Shutter")) {
            return functions.stream()
                .filter(each -> each.attribute().equals(attribute) && each.physicalFrom() == 1 && each.physicalTo() == 1)
                .mapToLong(FunctionProposal::from)
                .findFirst()
                .orElse(-1);
        }
        return attribute.startsWith("ColorSub_") ? 0 : -1;
    }

    /** {@return the functions with nothing left open between them: what the chart does not speak of does nothing} */
    private List<FunctionProposal> whole() {
        var whole = new ArrayList<FunctionProposal>();
        long next = 0;
        boolean conditional = chart.functions().stream().anyMatch(each -> each.counts() != null);
        for (var each : chart.functions()) {
            if (!conditional && each.from() > next) {
                whole.add(nothing(next, each.from() - 1));
            }
            whole.add(each);
            next = Math.max(next, each.to() + 1);
        }
        if (!conditional && next <= DmxValue.max(chart.bytes())) {
            whole.add(nothing(next, DmxValue.max(chart.bytes())));
        }
        return whole;
    }

    private static FunctionProposal nothing(long from, long to) {
        return new FunctionProposal(ChannelFunction.NO_FEATURE, "No function", from, to, 0, 0, PhysicalUnit.None, false, null, true, null,
                List.of());
    }

    private static void ranges(FunctionProposal function, ModeBuilder.FunctionBuilder made) {
        var names = new HashSet<String>();
        long next = function.from();
        for (RangeProposal range : function.ranges()) {
            if (range.from() > next && next > function.from()) {
                made.range("", next);
            }
            var name = ChartBody.fresh(names, StandardName.of(range.name(), LONGEST_NAME));
            if (range.physicalFrom() == null || range.physicalTo() == null) {
                made.range(name, range.from(), range.slot());
            } else {
                made.range(name, range.from(), range.slot(), range.physicalFrom(), range.physicalTo());
            }
            next = range.to() + 1;
        }
    }
}
