package yellowkite.core.edit;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Macro;
import yellowkite.core.profile.Trees;

/**
 * Removes channels with all that they hold, the relations that they take part in, and their values in macros; refused while a function that
 * stays waits for them.
 *
 * @param closeUp whether the channels behind move down into the addresses that become free
 */
public record RemoveChannels(List<Integer> channels, boolean closeUp) implements Edit {
    public RemoveChannels {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        Outcome<FixtureType> so = Located.applied(before);
        var gone = new LinkedHashSet<>(channels); // in a fixed order: edits are replayed
        if (gone.isEmpty()) {
            return Located.rejected("channels", "There is no channel to remove.");
        }
        for (int id : gone) {
            if (!(so instanceof Outcome.Applied<FixtureType> applied)) {
                return so;
            }
            so = Located.onChannel(applied.after(), id, at -> remove(at, gone));
        }
        return so;
    }

    private Outcome<FixtureType> remove(Located.InMode at, Set<Integer> gone) {
        var targets = LinkTargets.of(at.mode());
        for (var other : at.mode().channels()) {
            if (!gone.contains(other.id())) {
                var waiting = other.functions().filter(function -> leadsHere(targets, function.modeMaster(), at.channel())).findFirst();
                if (waiting.isPresent()) {
                    return Located.rejected("channels", "'" + waiting.get().name() + "' of '" + other.name() + "' waits for '"
                            + at.channel().name() + "'; change that first.");
                }
            }
        }
        var without = at.type()
            .mapModes(mode -> mode.id() != at.mode().id() ? mode
                    : mode.withChannels(mode.channels().stream().filter(each -> each.id() != at.channel().id()).toList())
                        .withRelations(mode.relations()
                            .stream()
                            .filter(each -> !leadsHere(targets, each.master(), at.channel())
                                    && !leadsHere(targets, each.follower(), at.channel()))
                            .toList())
                        .withMacros(Trees.map(mode.macros(), macro -> withoutValues(macro, targets, at.channel()))));
        if (closeUp
                && Addresses.of(without, without.findMode(at.mode().id()).orElseThrow(), at.channel().geometry(), at.channel().dmxBreak())
                    .movesCellsOfOthers(at.channel().offsets().stream().mapToInt(Integer::intValue).min().orElse(0))) {
            return Located.rejected("closeUp", "Cells stand behind that another mode uses too; leave the gap, or move them there.");
        }
        return Located.applied(closeUp ? Addresses.closedUp(without, at) : without);
    }

    private static Macro withoutValues(Macro macro, LinkTargets targets, Channel gone) {
        var steps = Trees.map(macro.steps(), step -> {
            var values = step.values().stream().filter(each -> !leadsHere(targets, each.channel(), gone)).toList();
            return values.size() == step.values().size() ? step : new Macro.Step(step.duration(), values, step.source());
        });
        var function = leadsHere(targets, macro.channelFunction(), gone) ? "" : macro.channelFunction();
        return steps == macro.steps() && function.equals(macro.channelFunction()) ? macro
                : new Macro(macro.name(), function, steps, macro.source());
    }

    private static boolean leadsHere(LinkTargets targets, String link, Channel channel) {
        var target = link.isEmpty() ? null : targets.find(link);
        return target != null && target.channel().id() == channel.id();
    }

    @Override
    public String describe(FixtureType before) {
        long relations = before.modes().stream().mapToLong(mode -> {
            var targets = LinkTargets.of(mode);
            return mode.relations()
                .stream()
                .filter(each -> mode.channels()
                    .stream()
                    .filter(channel -> channels.contains(channel.id()))
                    .anyMatch(channel -> leadsHere(targets, each.master(), channel) || leadsHere(targets, each.follower(), channel)))
                .count();
        }).sum();
        return "Removed: " + Located.called(before, channels)
                + (relations == 0 ? "" : relations == 1 ? ", with one relation" : ", with " + relations + " relations");
    }
}
