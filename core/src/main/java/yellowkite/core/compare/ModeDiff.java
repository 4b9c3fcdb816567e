package yellowkite.core.compare;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.DescribeMode;
import yellowkite.core.edit.RemoveChannels;
import yellowkite.core.edit.RenameMode;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Relation;

/** Modes: their footprint, and which channels they have. */
final class ModeDiff {
    private ModeDiff() {}

    static void compare(Side leftSide, Mode left, Side rightSide, Mode right, Found found) {
        var place = Place.mode(left.name());
        found.changed(Rank.COSMETIC, Kind.MODE_RENAMED, place, "Its name", left.name(), right.name(),
                new RenameMode(left.id(), right.name()));
        found.changed(Rank.COSMETIC, Kind.MODE_TEXT, place, "Its description", left.description(), right.description(),
                new DescribeMode(left.id(), right.description()));
        int heading = found.differences.size();
        // by name; by what it does; at last by where it stands: then its meaning has changed
        var channels = Pairs.<Channel>by(left.channels(), right.channels(), Channel::name, Channel::attribute,
                each -> each.isVirtual() ? null : List.of(each.dmxBreak(), each.offsets()));
        var modes = new Modes(leftSide, left, rightSide, right, channels.both());
        channels.both().forEach(pair -> ChannelDiff.compare(modes, pair.left(), pair.right(), found));
        channels.left()
            .forEach(channel -> found.add(Rank.BREAKS, Kind.CHANNEL_REMOVED, ChannelDiff.place(leftSide.type(), left, channel, null),
                    "This channel is gone.", ChannelDiff.addresses(channel), "",
                    new RemoveChannels(List.of(channel.id()), false)));
        channels.right()
            .forEach(channel -> found.add(Rank.ADDS, Kind.CHANNEL_ADDED,
                    new Place(left.name(), channel.name(), null, channel.id(), ChannelDiff.called(rightSide.type(), channel)),
                    "This channel is new, on " + ChannelDiff.addresses(channel) + ".", "", ChannelDiff.addresses(channel)));
        Rest.order("channels", channels.both(), right.channels(), place, found);
        relations(modes, place, found);
        boolean breaks = found.differences.subList(heading, found.differences.size()).stream().anyMatch(each -> each.rank() == Rank.BREAKS);
        footprint(modes.before.map(), modes.after.map(), place, breaks, heading, found);
        if (!Content.same(left.macros(), right.macros())) {
            found.add(Rank.SHIFTS, Kind.MACROS, place, "Its macros differ.", left.macros().size() + " macros",
                    right.macros().size() + " macros");
        }
        Rest.compare(left, right, Set.of("name", "description", "channels", "relations", "macros"), place, found);
    }

    /** The same words may lead somewhere on one side alone: then the channels act otherwise all the same. */
    private static void relations(Modes modes, Place place, Found found) {
        var left = modes.before.mode().relations();
        var right = modes.after.mode().relations();
        boolean leadAlike = left.stream()
            .map(each -> acts(modes.before, each))
            .toList()
            .equals(right.stream().map(each -> acts(modes.after, each)).toList());
        if (leadAlike && Content.same(left, right)) {
            return;
        }
        boolean actsAlike = leadAlike
                && Content.same(left.stream().map(ModeDiff::unnamed).toList(), right.stream().map(ModeDiff::unnamed).toList());
        found.add(actsAlike ? Rank.COSMETIC : Rank.SHIFTS, Kind.RELATIONS, place,
                actsAlike ? "Its relations have other names." : "Its channels act upon each other otherwise.", left.size() + " relations",
                right.size() + " relations");
    }

    private static boolean acts(CompiledMode mode, Relation relation) {
        return mode.targets().find(relation.master()) != null && mode.targets().find(relation.follower()) != null;
    }

    private static Relation unnamed(Relation relation) {
        return new Relation("", relation.master(), relation.follower(), relation.type(), relation.source());
    }

    /** Where what was there stays as it is and only something new stands behind it, nothing that was stored means anything else. */
    private static void footprint(AddressMap left, AddressMap right, Place place, boolean breaks, int at, Found found) {
        var each = new TreeSet<>(left.footprint().keySet());
        each.addAll(right.footprint().keySet());
        for (int dmxBreak : each) {
            int before = left.footprint().getOrDefault(dmxBreak, 0);
            int after = right.footprint().getOrDefault(dmxBreak, 0);
            if (before != after) {
                var says = "It takes " + after + " addresses" + (each.size() > 1 ? " of break " + dmxBreak : "") + " instead of " + before
                        + (after > before ? "; what is patched right behind it needs another address." : ".");
                found.differences.add(at, new Difference(after > before ? breaks ? Rank.BREAKS : Rank.ADDS : Rank.SHIFTS, Kind.FOOTPRINT,
                        place, says, String.valueOf(before), String.valueOf(after), List.of()));
            }
        }
    }
}
