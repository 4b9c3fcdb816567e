package yellowkite.core.edit;

import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/**
 * Begins a function on a channel; the function that held its first value ends below it.
 *
 * @param attribute defined in the profile, or in the standard's list: then its definition comes along
 */
public record AddFunction(int channel, String name, String attribute, long from) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        return Located.onChannel(before, channel, was -> Attributes.using(before, attribute, type -> add(Located.channel(type, channel).orElseThrow())));
    }

    private Outcome add(Located.InMode at) {
        if (from < 0 || from > at.channel().max()) {
            return Located.rejected("from", "A function of this channel starts from 0 to " + at.channel().max() + "; " + from + " is outside.");
        }
        if (at.channel().logicalChannels().isEmpty()) {
            return Located.rejected("channel", "The " + at.called() + " has no attribute yet.");
        }
        var logical = at.channel().logicalChannels().getFirst();
        var fresh = ChannelFunction.of(at.type().nextId(), f -> {
            f.name = name;
            f.attribute = attribute;
            f.dmxFrom = new DmxValue(from, at.channel().bytes());
            f.defaultValue = f.dmxFrom;
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
                return Located.rejected("from", "'" + span.name() + "' has a named range that starts at " + cut.get().from() + "; remove it or begin above it.");
            }
            index = span.from() < from ? logical.functions().indexOf(span.function()) + 1 : index;
        }
        if (logical.functions().stream().anyMatch(other -> logical.nameOf(other).equals(name))) {
            return Located.rejected("name", "There is already a function called '" + name + "' on " + at.called() + ".");
        }
        int place = index;
        return Names.refusalOfRequired("name", name, "A function").orElseGet(() -> {
            var after = at.replace(at.channel().mapLogicalChannels(each ->
                    each == logical ? each.withFunctions(Trees.insert(each.functions(), place, fresh)) : each));
            return Located.applied(Relink.follow(at.type(), after).with(f -> f.nextId++));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Function '" + name + "' begins at " + from + Located.channel(before, channel).map(at -> " on " + at.called()).orElse("");
    }
}
