package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.body.Parts;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;

/**
 * Copies channels to the end of a mode, their own or another one. Where the mode has the attribute on that part already, a numbered
 * attribute takes its next free number: 'Gobo1' becomes 'Gobo2'.
 */
public record CopyChannels(List<Integer> channels, int mode) implements Edit {
    public CopyChannels {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (channels.isEmpty()) {
            return Located.rejected("channels", "There is no channel to copy.");
        }
        Outcome<FixtureType> so = Located.applied(before);
        for (int id : channels) {
            so = so instanceof Outcome.Applied<FixtureType> applied
                    ? Located.onChannel(applied.after(), id, at -> Modes.on(at.type(), mode, to -> copy(at, to)))
                    : so;
        }
        return so;
    }

    private Outcome<FixtureType> copy(Located.InMode from, Mode to) {
        var type = from.type();
        var channel = from.channel();
        if (!Parts.reaches(type, to, channel.geometry())) {
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
        var added = type
            .mapModes(each -> each == to ? each.withChannels(Trees.insert(each.channels(), Addresses.position(each, copy.offsets()), copy))
                    : each)
            .with(f -> {
                f.nextId = ids.next();
                f.house = f.house.alsoFor(ids.copies());
            });
        var linked = withoutBrokenLinks(added, to.id(), copy.id());
        var named = attribute.equals(channel.attribute()) ? Located.applied(linked)
                : new ChangeAttribute(copy.id(), attribute).applyTo(linked);
        return named instanceof Outcome.Applied<FixtureType> applied
                ? Located.applied(applied.after().mapChannel(copy.id(), each -> startingLike(each, channel)))
                : named;
    }

    /** Until it has its own name, the copy's link to where it starts leads to the channel that it was copied from. */
    private static Channel startingLike(Channel copy, Channel from) {
        if (from.initialFunction().isEmpty()) {
            return copy;
        }
        int index = from.findInitialFunction().map(each -> from.functions().toList().indexOf(each)).orElse(0);
        var start = copy.functions().skip(index).findFirst();
        return start.flatMap(each -> copy.findOwner(each).map(owner -> copy.withInitialFunction(copy.linkTo(owner, each)))).orElse(copy);
    }

    /** What the copy's functions wait for stays only where the mode has it. */
    private static FixtureType withoutBrokenLinks(FixtureType type, int mode, int copy) {
        var names = new HashSet<>(type.findMode(mode).orElseThrow().channels().stream().map(Channel::name).toList());
        return type.mapChannel(copy, channel -> channel.mapFunctions(
                each -> each.modeMaster().isEmpty() || isIn(names, each.modeMaster()) ? each : each.with(f -> f.modeMaster = "")));
    }

    private static boolean isIn(Set<String> names, String link) {
        return names.contains(link.contains(".") ? link.substring(0, link.indexOf('.')) : link);
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
