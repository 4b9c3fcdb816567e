package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;

/**
 * Copies channels to the end of a mode, their own or another one. Where the mode has the attribute on that part already, a
 * numbered attribute takes its next free number: 'Gobo1' becomes 'Gobo2'.
 */
public record CopyChannels(List<Integer> channels, int mode) implements Edit {
    public CopyChannels {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome applyTo(FixtureType before) {
        if (channels.isEmpty()) {
            return Located.rejected("channels", "There is no channel to copy.");
        }
        Outcome so = Located.applied(before);
        for (int id : channels) {
            so = so instanceof Outcome.Applied applied ? Located.onChannel(applied.after(), id, at -> Modes.on(at.type(), mode, to -> copy(at, to))) : so;
        }
        return so;
    }

    private Outcome copy(Located.InMode from, Mode to) {
        var type = from.type();
        var channel = from.channel();
        if (!reaches(type, to, channel.geometry())) {
            return Located.rejected("mode", "Mode '" + to.name() + "' is of another body, without the part '" + channel.geometry() + "'.");
        }
        var attribute = freeAttribute(to, channel);
        if (attribute == null) {
            return Located.rejected("channels", "Mode '" + to.name() + "' already has the channel '" + channel.name() + "'.");
        }
        var ids = new FreshIds(type.nextId());
        int first = Addresses.of(type, to, channel.geometry(), channel.dmxBreak()).next();
        if (first + channel.offsets().size() - 1 > AddressMap.UNIVERSE) {
            return Located.rejected("channels", "There is no room behind address " + (first - 1) + " for '" + channel.name() + "'.");
        }
        var copy = ids.copy(channel).withOffsets(Addresses.run(first, channel.offsets().size()));
        var added = type.mapModes(each -> each == to ? each.withChannels(Trees.insert(each.channels(), AddChannels.position(each, copy.offsets()), copy)) : each).with(f -> {
            f.nextId = ids.next();
            f.house = f.house.alsoFor(ids.copies());
        });
        return attribute.equals(channel.attribute()) ? Located.applied(withoutBrokenLinks(added, to.id(), copy.id())) : new ChangeAttribute(copy.id(), attribute).applyTo(withoutBrokenLinks(added, to.id(), copy.id()));
    }

    /** What the copy's functions wait for stays only where the mode has it; its start leads to its own function. */
    private static FixtureType withoutBrokenLinks(FixtureType type, int mode, int copy) {
        var names = new HashSet<>(type.findMode(mode).orElseThrow().channels().stream().map(Channel::name).toList());
        return type.mapChannel(copy, channel -> channel.mapFunctions(each -> each.modeMaster().isEmpty() || isIn(names, each.modeMaster()) ? each : each.with(f -> f.modeMaster = "")));
    }

    private static boolean isIn(Set<String> names, String link) {
        return names.contains(link.contains(".") ? link.substring(0, link.indexOf('.')) : link);
    }

    private static boolean reaches(FixtureType type, Mode mode, String part) {
        return Parts.shared(type, mode).stream().anyMatch(each -> each.name().equals(part)) || Parts.repeated(type, mode).stream().anyMatch(top -> top.walk().anyMatch(each -> each.name().equals(part)));
    }

    private static @Nullable String freeAttribute(Mode mode, Channel channel) {
        var taken = new HashSet<>(mode.channels().stream().map(Channel::name).toList());
        if (!taken.contains(channel.name())) {
            return channel.attribute();
        }
        var standard = Catalogue.STANDARD.find(channel.attribute());
        for (int n = 2; standard.isPresent() && standard.get().isNumbered() && n < 100; n++) {
            if (!taken.contains(channel.geometry() + "_" + standard.get().name(n, 1))) {
                return standard.get().name(n, 1);
            }
        }
        return null;
    }

    @Override
    public String describe(FixtureType before) {
        return "Copied to " + Modes.called(before, mode) + ": " + Located.called(before, channels);
    }
}
