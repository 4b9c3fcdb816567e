package yellowkite.core.edit;

import java.util.HashMap;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.ChartMode;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * Makes a mode of what a manufacturer's chart says, or changes one to it: functions, ranges, wheels, attributes and parts come along. What
 * the chart does not say stays as it is.
 *
 * @param mode that is changed; null = a new one, behind the others
 * @param chart the channels that are made or changed
 * @param gone channels of the mode that the chart does not have, and that leave
 * @param source what the chart is called, so that each channel remembers where it was read
 */
public record LayChart(@Nullable Integer mode, ModeProposal chart, List<WheelProposal> wheels, List<Integer> gone,
        String source) implements Edit {
    private static final int LONGEST_SOURCE = 200;

    public LayChart {
        wheels = List.copyOf(wheels);
        gone = List.copyOf(gone);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var unfit = unfit();
        if (unfit != null) {
            return unfit;
        }
        if (mode == null) {
            return Modes.refusal(before, "chart", chart.name())
                .orElseGet(() -> Located.applied(ChartMode.added(before, chart, wheels, source)));
        }
        return Modes.on(before, mode, was -> changed(before, was));
    }

    private Outcome<FixtureType> changed(FixtureType before, Mode was) {
        if (chart.channels()
            .stream()
            .anyMatch(each -> each.cell() != null
                    && was.channels().stream().noneMatch(other -> other.attribute().equals(each.attribute())))) {
            return Located.rejected("chart", "The chart has cells that mode '" + was.name() + "' does not have; make a new mode of it.");
        }
        if (gone.isEmpty()) {
            return kept(before, ChartMode.changed(before, was, chart, wheels, source));
        }
        return switch (new RemoveChannels(gone, false).applyTo(before)) {
            case Outcome.Applied(var without) ->
                kept(without, ChartMode.changed(without, without.findMode(was.id()).orElseThrow(), chart, wheels, source));
            case Outcome.Rejected(var field, var reason) -> Located.rejected("gone", reason);
        };
    }

    /** What waits for a function follows its new name; where the chart has no such function, nothing is changed. */
    private Outcome<FixtureType> kept(FixtureType before, FixtureType laid) {
        var after = Relink.follow(before, laid);
        var was = before.modes().stream().filter(each -> mode != null && each.id() == mode).findFirst().orElseThrow();
        var now = after.findMode(was.id()).orElseThrow();
        var targets = LinkTargets.of(now);
        var led = LinkTargets.of(was);
        for (var link : links(now)) {
            if (targets.find(link) == null && led.find(link) != null) {
                return Located.rejected("chart", "Something in mode '" + was.name() + "' depends on '" + link
                        + "', which the chart does not have; change that first, or leave that channel as it is.");
            }
        }
        return Located.applied(after);
    }

    private static List<String> links(Mode mode) {
        return Stream
            .concat(mode.channels().stream().flatMap(Channel::functions).map(ChannelFunction::modeMaster),
                    mode.relations().stream().flatMap(each -> Stream.of(each.master(), each.follower())))
            .filter(each -> !each.isEmpty())
            .distinct()
            .toList();
    }

    private @Nullable Outcome<FixtureType> unfit() {
        if (source.length() > LONGEST_SOURCE) {
            return Located.rejected("source", "A chart is called by at most " + LONGEST_SOURCE + " letters.");
        }
        if (chart.channels().isEmpty() && gone.isEmpty()) {
            return Located.rejected("chart", "There is no channel to make.");
        }
        var users = new HashMap<Integer, ChannelProposal>();
        var attributes = new HashMap<String, ChannelProposal>();
        for (var channel : chart.channels()) {
            if (channel.attribute() == null) {
                return Located.rejected("chart", "'" + channel.words() + "' has no attribute yet.");
            }
            int shift = channel.cell() == null ? 0 : channel.cell().first() - 1 + (channel.cell().count() - 1) * channel.cell().spacing();
            for (int address : channel.addresses()) {
                if (address < 1 || address + (long) shift > AddressMap.UNIVERSE) {
                    return Located.rejected("chart", "'" + channel.words() + "' would stand on address " + (address + (long) shift)
                            + "; a universe has 1 to " + AddressMap.UNIVERSE + ".");
                }
                var other = channel.cell() == null ? users.put(address, channel) : null;
                if (other != null) {
                    return Located.rejected("chart",
                            "'" + other.words() + "' and '" + channel.words() + "' would both stand on address " + address + ".");
                }
            }
            var wrong = wrong(channel);
            if (wrong != null) {
                return Located.rejected("chart", "'" + channel.words() + "': " + wrong);
            }
            var same = attributes
                .put((channel.cell() == null ? "" : channel.cell().name() + channel.cell().first()) + " " + channel.attribute(), channel);
            if (same != null) {
                return Located.rejected("chart", "'" + same.words() + "' and '" + channel.words() + "' have the same attribute, "
                        + channel.attribute() + "; choose another one for one of them.");
            }
        }
        return null;
    }

    private static @Nullable String wrong(ChannelProposal channel) {
        if (channel.addresses().isEmpty() || channel.bytes() > DmxValue.MAX_BYTES) {
            return "a channel is 1 to " + DmxValue.MAX_BYTES + " bytes wide.";
        }
        long max = DmxValue.max(channel.bytes());
        for (var each : channel.functions()) {
            if (each.from() < 0 || each.to() < each.from() || each.to() > max || each.ranges()
                .stream()
                .anyMatch(range -> range.from() < each.from() || range.to() < range.from() || range.to() > each.to() || range.slot() < 0)) {
                return "'" + each.name() + "' has values that the channel does not have.";
            }
            if (!Double.isFinite(each.physicalFrom()) || !Double.isFinite(each.physicalTo())) {
                return "a physical end is a finite number.";
            }
            if (each.counts() != null && (each.counts().from() < 0 || each.counts().to() < each.counts().from())) {
                return "'" + each.name() + "' counts in a stretch that ends before it begins.";
            }
        }
        boolean fits = (channel.start() == null || channel.start() >= 0 && channel.start() <= max)
                && (channel.highlight() == null || channel.highlight() >= 0 && channel.highlight() <= max);
        return fits ? null : "its start or highlight value is beyond what the channel has.";
    }

    @Override
    public String describe(FixtureType before) {
        var what = mode == null ? "Mode '" + chart.name() + "' made" : Modes.called(before, mode).replaceFirst("^m", "M") + " changed";
        return what + " from the chart" + (source.isEmpty() ? "" : " " + source) + ": " + chart.channels().size()
                + (chart.channels().size() == 1 ? " channel" : " channels") + (gone.isEmpty() ? "" : ", " + gone.size() + " gone");
    }
}
