package yellowkite.core.edit;

import java.util.Optional;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Trees;

/**
 * Begins a function on a channel; the function that held its first value ends below it, and the new one counts when that one does. The
 * start value of the channel stays.
 *
 * @param attribute defined in the profile, or in the standard's list: then its definition comes along
 */
public record AddFunction(int channel, String name, String attribute, long from) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel,
                was -> Attributes.using(before, attribute, type -> add(Located.channel(type, channel).orElseThrow())));
    }

    private Outcome<FixtureType> add(Located.InMode at) {
        if (from < 0 || from > at.channel().max()) {
            return Located.rejected("from",
                    "A function of this channel starts from 0 to " + at.channel().max() + "; " + from + " is outside.");
        }
        if (at.channel().logicalChannels().isEmpty()) {
            return Located.rejected("channel", "The " + at.called() + " has no attribute yet.");
        }
        var logical = at.channel().logicalChannels().getFirst();
        var host = host(at, logical);
        var fresh = ChannelFunction.of(at.type().nextId(), f -> {
            f.name = name;
            f.attribute = attribute;
            f.dmxFrom = new DmxValue(from, at.channel().bytes());
            f.defaultValue = f.dmxFrom;
            f.modeMaster = host.map(ChannelFunction::modeMaster).orElse("");
            f.modeFrom = host.map(ChannelFunction::modeFrom).orElse(DmxValue.ZERO);
            f.modeTo = host.map(ChannelFunction::modeTo).orElse(DmxValue.ZERO);
        });
        int index = 0;
        for (var span : Spans.of(at.channel())) {
            if (span.logical() != logical || !Spans.sameSituation(span.function(), fresh)) {
                continue;
            }
            if (span.from() == from) {
                return Located.rejected("from", "'" + span.name() + "' starts at " + from + " already.");
            }
            var cut = span.ranges().stream().filter(range -> span.contains(from) && range.from() >= from).findFirst();
            if (cut.isPresent()) {
                return Located.rejected("from",
                        "'" + span.name() + "' has a named range that starts at " + cut.get().from() + "; remove it or begin above it.");
            }
            index = span.from() < from ? logical.functions().indexOf(span.function()) + 1 : index;
        }
        if (logical.functions().stream().anyMatch(other -> logical.nameOf(other).equals(name))) {
            return Located.rejected("name", "There is already a function called '" + name + "' on " + at.called() + ".");
        }
        int place = index;
        return Names.refusalOfRequired("name", name, "A function").orElseGet(() -> {
            var started = at.channel().findInitialFunction().orElse(null);
            var added = at.channel()
                .mapLogicalChannels(each -> each == logical ? each.withFunctions(Trees.insert(each.functions(), place, fresh)) : each);
            boolean moved = started != null && added.findInitialFunction().filter(each -> each.id() == started.id()).isEmpty();
            var after = at.replace(moved && started != null
                    ? added.withInitialFunction(added.linkTo(added.findOwner(started).orElseThrow(), started))
                    : added);
            return Located.applied(Relink.follow(at.type(), after).with(f -> f.nextId++));
        });
    }

    /** The function that the new one is cut from: one that always counts, else the first whose values hold the new start. */
    private Optional<ChannelFunction> host(Located.InMode at, LogicalChannel logical) {
        var holding = Spans.of(at.channel())
            .stream()
            .filter(span -> span.logical() == logical && span.contains(from))
            .map(Spans.FunctionSpan::function)
            .toList();
        return holding.stream().filter(each -> each.modeMaster().isEmpty()).findFirst().or(() -> holding.stream().findFirst());
    }

    @Override
    public String describe(FixtureType before) {
        return "Function '" + name + "' begins at " + from + Located.channel(before, channel).map(at -> " on " + at.called()).orElse("");
    }
}
