package yellowkite.core.compare;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.ChartMode;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.dmx.AddressText;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * What a chart, perhaps of a newer firmware, would change in a mode, channel by channel.
 *
 * @param key of the chart's channel; null where the chart lacks one that the mode has
 * @param channel of the mode; null where the mode lacks one that the chart has
 * @param called its addresses and what it is called
 * @param says one sentence each; none if nothing would change
 */
public record ChartDifference(@Nullable String key, @Nullable Integer channel, String called, List<String> says) {
    public ChartDifference {
        says = List.copyOf(says);
    }

    /**
     * {@return the chart's channels in their order, then those that the chart does not have} Channels without an attribute are left out.
     */
    public static List<ChartDifference> of(FixtureType type, Mode mode, ModeProposal chart, List<WheelProposal> wheels) {
        var found = new ArrayList<ChartDifference>();
        var met = new HashSet<Integer>();
        for (var each : chart.channels()) {
            if (each.attribute() != null && !each.addresses().isEmpty()) {
                found.add(of(type, mode, chart, each, wheels, met));
            }
        }
        mode.channels()
            .stream()
            .filter(each -> !each.isVirtual() && !met.contains(each.id()))
            .forEach(each -> found
                .add(new ChartDifference(null, each.id(), called(type, each), List.of("The chart does not have this channel."))));
        return found;
    }

    private static String called(FixtureType type, Channel channel) {
        var pretty = type.attributeDefinitions().pretty(channel.attribute());
        return AddressText.of(channel.offsets()) + " " + pretty;
    }

    private static ChartDifference of(FixtureType type, Mode mode, ModeProposal chart, ChannelProposal channel, List<WheelProposal> wheels,
            Set<Integer> met) {
        var after = ChartMode.changed(type, mode, chart.withChannels(List.of(channel)), wheels, "");
        var changed = after.findMode(mode.id()).orElseThrow();
        var same = changed.channels()
            .stream()
            .filter(each -> each.attribute().equals(channel.attribute()) && each.offsets().equals(channel.addresses()))
            .findFirst();
        var was = same.flatMap(each -> mode.channels().stream().filter(other -> other.id() == each.id()).findFirst());
        was.ifPresent(each -> met.add(each.id()));
        if (was.isEmpty()) {
            return new ChartDifference(channel.key(), null, same.map(each -> called(after, each)).orElse(channel.words()),
                    List.of("This channel is new."));
        }
        var says = Comparison.ofModes(type, mode, after, changed).differences().stream().map(each -> each.says()).distinct().toList();
        return new ChartDifference(channel.key(), was.get().id(), called(type, was.get()), says);
    }
}
