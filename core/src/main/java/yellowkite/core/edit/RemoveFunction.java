package yellowkite.core.edit;

import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/** Removes a function with its named ranges; refused while something refers to it. */
public record RemoveFunction(int function) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            if (at.channel().functions().count() == 1) {
                return Located.rejected("function", "'" + at.name() + "' is the only function of its channel; a channel needs one.");
            }
            var targets = LinkTargets.of(at.at().mode());
            for (var channel : at.at().mode().channels()) {
                for (var logical : channel.logicalChannels()) {
                    for (var other : logical.functions()) {
                        if (leadsHere(targets, other.modeMaster(), at.function())) {
                            return Located.rejected("function", "'" + logical.nameOf(other) + "' of '" + channel.name()
                                    + "' counts only while '" + at.name() + "' is active; change that first.");
                        }
                    }
                }
            }
            boolean related = at.at().mode().relations().stream().anyMatch(each -> leadsHere(targets, each.follower(), at.function()))
                    || at.at().mode().macros().stream().anyMatch(each -> leadsHere(targets, each.channelFunction(), at.function()));
            if (related) {
                return Located.rejected("function", "A relation or macro of this mode refers to '" + at.name() + "'; remove that first.");
            }
            boolean initial = leadsHere(targets, at.channel().initialFunction(), at.function());
            var after = at.replaceAll(functions -> Trees.remove(functions, at.function()));
            var relinked = Relink.follow(before, after);
            return Located.applied(initial ? relinked.mapChannel(at.channel().id(), channel -> channel.withInitialFunction("")) : relinked);
        });
    }

    private static boolean leadsHere(LinkTargets targets, String link, ChannelFunction function) {
        var target = targets.find(link);
        return target != null && target.function() != null && target.function().id() == function.id();
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function)
            .map(at -> "Function '" + at.name() + "' removed from " + at.at().called())
            .orElse("Function removed");
    }
}
