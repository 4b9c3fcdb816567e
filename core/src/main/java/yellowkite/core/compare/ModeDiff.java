package yellowkite.core.compare;

import java.util.List;
import java.util.TreeSet;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.edit.DescribeMode;
import yellowkite.core.edit.RemoveChannels;
import yellowkite.core.edit.RenameMode;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** Modes: their footprint, and which channels they have. */
final class ModeDiff {
    private ModeDiff() {}

    static void compare(FixtureType leftType, Mode left, FixtureType rightType, Mode right, Found found) {
        var place = Place.mode(left.name());
        found.changed(Rank.COSMETIC, Kind.MODE_RENAMED, place, "Its name", left.name(), right.name(), new RenameMode(left.id(), right.name()));
        found.changed(Rank.COSMETIC, Kind.MODE_TEXT, place, "Its description", left.description(), right.description(), new DescribeMode(left.id(), right.description()));
        footprint(AddressMap.of(leftType, left), AddressMap.of(rightType, right), place, found);
        // by name; by what it does; at last by where it stands: then its meaning has changed
        var channels = Pairs.<Channel>by(left.channels(), right.channels(), Channel::name, Channel::attribute, each -> each.isVirtual() ? null : List.of(each.dmxBreak(), each.offsets()));
        channels.both().forEach(pair -> ChannelDiff.compare(leftType, left, pair.left(), rightType, pair.right(), found));
        channels.left().forEach(channel -> found.add(Rank.BREAKS, Kind.CHANNEL_REMOVED, ChannelDiff.place(leftType, left, channel, null), "This channel is gone.", ChannelDiff.addresses(channel), "",
                new RemoveChannels(List.of(channel.id()), false)));
        channels.right().forEach(channel -> found.add(Rank.ADDS, Kind.CHANNEL_ADDED, new Place(left.name(), channel.name(), null, channel.id(), ChannelDiff.called(rightType, channel)),
                "This channel is new, on " + ChannelDiff.addresses(channel) + ".", "", ChannelDiff.addresses(channel)));
        if (!Content.same(left.relations(), right.relations())) {
            found.add(Rank.SHIFTS, Kind.RELATIONS, place, "Its channels act upon each other otherwise.", left.relations().size() + " relations", right.relations().size() + " relations");
        }
        if (!Content.same(left.macros(), right.macros())) {
            found.add(Rank.COSMETIC, Kind.MACROS, place, "Its macros differ.", left.macros().size() + " macros", right.macros().size() + " macros");
        }
    }

    /** A larger footprint runs into the next lamp of a patched rig. */
    private static void footprint(AddressMap left, AddressMap right, Place place, Found found) {
        var breaks = new TreeSet<>(left.footprint().keySet());
        breaks.addAll(right.footprint().keySet());
        for (int each : breaks) {
            int before = left.footprint().getOrDefault(each, 0);
            int after = right.footprint().getOrDefault(each, 0);
            if (before != after) {
                found.add(after > before ? Rank.BREAKS : Rank.SHIFTS, Kind.FOOTPRINT, place, "It takes " + after + " addresses" + (breaks.size() > 1 ? " of break " + each : "") + " instead of " + before + ".", String.valueOf(before), String.valueOf(after));
            }
        }
    }
}
