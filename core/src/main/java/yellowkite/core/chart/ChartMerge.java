package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.NamedRange;

/** A channel of a profile that a chart speaks of: what the chart says is changed, the rest stays. */
final class ChartMerge {
    private ChartMerge() {}

    /**
     * {@return the channel with the chart's addresses, functions and ranges}
     *
     * @param chart the channel as it would be in a new profile
     * @param assumed functions whose ends the chart does not state; those that keep the ends that they had are taken out
     * @param stated gets the functions whose ends are those of the chart now
     */
    static Channel of(Channel was, Channel chart, ChannelProposal says, Set<Integer> assumed, Set<Integer> stated) {
        var open = new ArrayList<>(was.functions().toList());
        var functions = new ArrayList<ChannelFunction>();
        for (var fresh : chart.functions().toList()) {
            var old = match(open, fresh);
            open.remove(old);
            boolean keepsEnds = old != null && assumed.remove(fresh.id());
            if (old != null && !keepsEnds) {
                stated.add(old.id());
            }
            functions.add(old == null ? fresh : merged(old, fresh, keepsEnds));
        }
        var first = was.logicalChannels().isEmpty() ? chart.logicalChannels().getFirst() : was.logicalChannels().getFirst();
        var after = was.withOffsets(chart.offsets()).withLogicalChannels(List.of(first.withFunctions(functions)));
        boolean sameWidth = was.bytes() == after.bytes();
        var highlighted = says.highlight() == null && was.highlight() != null && sameWidth ? after : after.withHighlight(chart.highlight());
        var started = chart.findInitialFunction()
            .map(each -> startingIn(highlighted, chart.functions().toList().indexOf(each)))
            .orElse(highlighted);
        return says.startSaid() || !sameWidth ? started : startingAt(started, was.start());
    }

    /** The first function needs no link; another link would lead to what may be gone, or called otherwise by now. */
    private static Channel startingIn(Channel channel, int index) {
        var logical = channel.logicalChannels().getFirst();
        var link = channel.linkTo(logical, logical.functions().get(Math.max(0, index)));
        return channel.initialFunction().equals(link) ? channel : channel.withInitialFunction(index <= 0 ? "" : link);
    }

    private static Channel startingAt(Channel channel, long start) {
        var functions = channel.logicalChannels().getFirst().functions();
        int index = -1;
        for (int i = 0; i < functions.size(); i++) {
            index = functions.get(i).modeMaster().isEmpty() && functions.get(i).dmxFrom().at(channel.bytes()) <= start ? i : index;
        }
        if (index < 0 || channel.start() == start) {
            return channel;
        }
        var holds = functions.get(index);
        return startingIn(
                channel.mapFunctions(each -> each == holds ? each.with(f -> f.defaultValue = new DmxValue(start, channel.bytes())) : each),
                index);
    }

    private static @Nullable ChannelFunction match(List<ChannelFunction> open, ChannelFunction fresh) {
        var alike = open.stream()
            .filter(each -> each.attribute().equals(fresh.attribute()) && each.modeMaster().isEmpty() == fresh.modeMaster().isEmpty())
            .toList();
        return alike.stream()
            .filter(each -> each.name().equals(fresh.name()))
            .findFirst()
            .or(() -> alike.stream().filter(each -> each.dmxFrom().equals(fresh.dmxFrom())).findFirst())
            .or(() -> alike.stream().findFirst())
            .orElse(null);
    }

    private static ChannelFunction merged(ChannelFunction old, ChannelFunction fresh, boolean keepsEnds) {
        return old.with(f -> {
            f.name = fresh.name();
            f.originalAttribute = fresh.originalAttribute();
            f.dmxFrom = fresh.dmxFrom();
            f.defaultValue = fresh.defaultValue();
            f.physicalFrom = keepsEnds ? old.physicalFrom() : fresh.physicalFrom();
            f.physicalTo = keepsEnds ? old.physicalTo() : fresh.physicalTo();
            f.wheel = fresh.wheel().isEmpty() ? old.wheel() : fresh.wheel();
            f.modeMaster = fresh.modeMaster();
            f.modeFrom = fresh.modeFrom();
            f.modeTo = fresh.modeTo();
            f.ranges = fresh.ranges().isEmpty() ? old.ranges() : fresh.ranges().stream().map(range -> merged(old.ranges(), range)).toList();
        });
    }

    private static NamedRange merged(List<NamedRange> before, NamedRange fresh) {
        return before.stream().filter(each -> each.dmxFrom().equals(fresh.dmxFrom())).findFirst().map(old -> {
            var named = old.withName(fresh.name()).withSlot(fresh.slot() == 0 ? old.slot() : fresh.slot());
            return fresh.physicalFrom() == null ? named : named.withPhysical(fresh.physicalFrom(), fresh.physicalTo());
        }).orElse(fresh);
    }
}
