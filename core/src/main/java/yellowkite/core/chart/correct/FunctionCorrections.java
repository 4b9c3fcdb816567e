package yellowkite.core.chart.correct;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.chart.correct.Correction.ChooseEnds;
import yellowkite.core.chart.correct.Correction.ChooseFunctionAttribute;
import yellowkite.core.chart.correct.Correction.ChooseStart;
import yellowkite.core.chart.correct.Correction.JoinFunction;
import yellowkite.core.chart.correct.Correction.MoveBoundary;
import yellowkite.core.chart.correct.Correction.SplitFunction;
import yellowkite.core.chart.proposal.Doubts;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.PhysicalUnit;

/** What corrections make of the functions of a channel. One that fits no more, since the chart is read otherwise now, changes nothing. */
final class FunctionCorrections {
    private FunctionCorrections() {}

    static ChannelProposal said(ChannelProposal channel, Correction correction) {
        return switch (correction) {
            case SplitFunction(var at, var index, var value) when has(channel, at, index) ->
                withFunctions(channel, split(channel.functions(), index, value));
            case JoinFunction(var at, var index) when has(channel, at, index) && index > 0 ->
                withFunctions(channel, joined(channel.functions(), index));
            case MoveBoundary(var at, var index, var from) when has(channel, at, index) ->
                withFunctions(channel, moved(channel, index, from));
            case ChooseEnds(var at, var index, var first, var last) when has(channel, at, index) ->
                withFunctions(channel, replaced(channel.functions(), index, List.of(channel.functions().get(index).withEnds(first, last))));
            case ChooseFunctionAttribute(var at, var index, var attribute) when has(channel, at, index) -> withFunctions(channel,
                    replaced(channel.functions(), index, List.of(withAttribute(channel.functions().get(index), attribute))));
            case ChooseStart(var at, var value) when at.equals(channel.key()) && value >= 0 && value <= DmxValue.max(channel.bytes()) ->
                channel.withStart(value);
            default -> channel;
        };
    }

    private static boolean has(ChannelProposal channel, String key, int index) {
        return channel.key().equals(key) && index >= 0 && index < channel.functions().size();
    }

    private static ChannelProposal withFunctions(ChannelProposal channel, List<FunctionProposal> functions) {
        return Doubts.saidAnew(channel.withFunctions(functions));
    }

    private static List<FunctionProposal> replaced(List<FunctionProposal> functions, int index, List<FunctionProposal> by) {
        return Stream.of(functions.subList(0, index), by, functions.subList(index + 1, functions.size())).flatMap(List::stream).toList();
    }

    /** What runs evenly is at the boundary where it was. */
    private static List<FunctionProposal> split(List<FunctionProposal> functions, int index, long at) {
        var whole = functions.get(index);
        if (at <= whole.from() || at > whole.to()) {
            return functions;
        }
        double step = (whole.physicalTo() - whole.physicalFrom()) / (whole.to() - whole.from());
        var first = whole.withSpan(whole.from(), at - 1);
        var second = whole.withSpan(at, whole.to());
        boolean even = !whole.assumed() && whole.wheel() == null;
        return replaced(functions, index,
                even ? List.of(first.withEnds(whole.physicalFrom(), whole.physicalFrom() + step * (at - 1 - whole.from())),
                        second.withEnds(whole.physicalFrom() + step * (at - whole.from()), whole.physicalTo()))
                        : List.of(first, second));
    }

    private static List<FunctionProposal> joined(List<FunctionProposal> functions, int index) {
        var one = functions.get(index - 1);
        var other = functions.get(index);
        var ranges = new ArrayList<>(named(one));
        ranges.addAll(named(other));
        boolean same = one.attribute().equals(other.attribute());
        var both = new FunctionProposal(one.attribute(), one.name(), one.from(), Math.max(one.to(), other.to()), one.physicalFrom(),
                same ? other.physicalTo() : one.physicalTo(), one.unit(),
                one.assumed() || same && other.assumed(), one.wheel() == null && same ? other.wheel() : one.wheel(), one.snap(),
                one.counts(), ranges);
        return Stream.of(functions.subList(0, index - 1), List.of(both), functions.subList(index + 1, functions.size()))
            .flatMap(List::stream)
            .toList();
    }

    private static List<RangeProposal> named(FunctionProposal function) {
        return function.ranges().isEmpty() && !function.name().isBlank()
                ? List.of(new RangeProposal(function.name(), function.from(), function.to(), 0, null, null))
                : function.ranges();
    }

    /** What was a named range at its old edge is one at the new edge. */
    private static List<FunctionProposal> moved(ChannelProposal channel, int index, long from) {
        var functions = channel.functions();
        var function = functions.get(index);
        if (from > function.to() || from < 0 || from == function.from()) {
            return functions;
        }
        var before = index > 0 && java.util.Objects.equals(functions.get(index - 1).counts(), function.counts()) ? functions.get(index - 1)
                : null;
        if (before != null && from <= before.from()) {
            return functions;
        }
        var after = new ArrayList<>(replaced(functions, index, List.of(stretched(function, from, function.to()))));
        if (before != null && (before.to() >= from || before.to() + 1 == function.from())) {
            after.set(index - 1, stretched(before, before.from(), from - 1));
        }
        return after;
    }

    private static FunctionProposal stretched(FunctionProposal function, long from, long to) {
        var within = function.withSpan(from, to);
        var ranges = within.ranges()
            .stream()
            .map(each -> new RangeProposal(each.name(), each.from() == function.from() ? from : each.from(),
                    each.to() == function.to() ? to : each.to(), each.slot(), each.physicalFrom(), each.physicalTo()))
            .toList();
        return within.withRanges(ranges);
    }

    private static FunctionProposal withAttribute(FunctionProposal function, String attribute) {
        if (attribute.equals(ChannelFunction.NO_FEATURE)) {
            return new FunctionProposal(attribute, function.name(), function.from(), function.to(), 0, 0, PhysicalUnit.None, false, null,
                    true, function.counts(), function.ranges());
        }
        return Catalogue.STANDARD.find(attribute)
            .map(usual -> new FunctionProposal(attribute, function.name(), function.from(), function.to(), usual.physicalFrom(),
                    usual.physicalTo(), usual.unit(), usual.unit() != PhysicalUnit.None,
                    function.wheel(), function.snap(), function.counts(), function.ranges()))
            .orElse(function);
    }
}
