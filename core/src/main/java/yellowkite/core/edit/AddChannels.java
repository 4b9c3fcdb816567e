package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.Parts;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/**
 * Adds channels to a mode, each with one function over its whole span, with the attribute's usual physical range, which counts as assumed;
 * what the attributes need is defined along with them.
 *
 * @param at address of the first one: channels from there on move up; null = behind the last address
 */
public record AddChannels(int mode, List<NewChannel> channels, @Nullable Integer at) implements Edit {
    private static final int MOST = 512;

    public AddChannels {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (channels.isEmpty() || channels.size() > MOST) {
            return Located.rejected("channels",
                    channels.isEmpty() ? "There is no channel to add." : "At most " + MOST + " channels are added at once.");
        }
        Outcome<FixtureType> added = Located.applied(before);
        int next = at == null ? 0 : at;
        for (var channel : channels) {
            if (!(added instanceof Outcome.Applied<FixtureType> applied)) {
                return added;
            }
            added = add(applied.after(), channel, next);
            next += next == 0 || channel.addresses() != null ? 0 : channel.bytes();
        }
        return added;
    }

    /** @param insertAt 0 = behind the last address */
    private Outcome<FixtureType> add(FixtureType type, NewChannel fresh, int insertAt) {
        return Modes.on(type, mode, was -> Attributes.using(type, fresh.attribute(), defined -> {
            if (fresh.bytes() < 0 || fresh.bytes() > DmxValue.MAX_BYTES) {
                return Located.rejected("bytes",
                        "A channel is 1 to " + DmxValue.MAX_BYTES + " bytes wide, or virtual with none; not " + fresh.bytes() + ".");
            }
            var group = defined.attributeDefinitions().find(fresh.attribute()).map(each -> each.featureGroup()).orElse("");
            var geometry = fresh.geometry() != null ? fresh.geometry() : Parts.suggest(defined, was, fresh.attribute(), group).orElse("");
            if (!Parts.reaches(defined, was, geometry)) {
                return Located.rejected("geometry", "The body of mode '" + was.name() + "' has no part called '" + geometry + "'.");
            }
            var name = geometry + "_" + fresh.attribute();
            if (was.channels().stream().anyMatch(other -> other.name().equals(name))) {
                return Located.rejected("attribute",
                        "Mode '" + was.name() + "' already has the channel '" + name + "'; choose another attribute or another part.");
            }
            var words = fresh.words().isBlank() ? Attributes.pretty(defined, fresh.attribute()) : fresh.words().strip();
            return Names.refusal("words", words).orElseGet(() -> placed(defined, was, fresh, geometry, words, insertAt));
        }));
    }

    private Outcome<FixtureType> placed(FixtureType type, Mode was, NewChannel fresh, String geometry, String words, int insertAt) {
        var space = Addresses.of(type, was, geometry, DmxBreak.FIRST);
        var addresses = fresh.addresses() != null ? fresh.addresses()
                : Addresses.run(insertAt > 0 ? insertAt : space.next(), fresh.bytes());
        if (addresses.size() != fresh.bytes() || new HashSet<>(addresses).size() < addresses.size()) {
            return Located.rejected("addresses",
                    "A channel of " + 8 * fresh.bytes() + " bit needs " + fresh.bytes() + " different addresses.");
        }
        for (int address : addresses) {
            if (address < 1 || address > AddressMap.UNIVERSE) {
                return Located.rejected("addresses",
                        "'" + words + "' would stand on address " + address + "; a universe has 1 to " + AddressMap.UNIVERSE + ".");
            }
        }
        boolean inserts = fresh.addresses() == null && insertAt > 0 && fresh.bytes() > 0;
        if (inserts && space.movesCellsOfOthers(insertAt)) {
            return Located.rejected("at",
                    "Cells stand behind address " + insertAt + " that another mode uses too; they cannot move for this mode alone.");
        }
        int last = space.used().stream().mapToInt(Integer::intValue).max().orElse(0);
        if (inserts && last + fresh.bytes() > AddressMap.UNIVERSE) {
            return Located.rejected("at", "The channels behind would be pushed past address " + AddressMap.UNIVERSE + ".");
        }
        var roomy = inserts ? space.shift(insertAt, fresh.bytes()) : type;
        if (!inserts && addresses.stream().anyMatch(space.used()::contains)) {
            return Located.rejected("addresses", "'" + words + "' would stand on an address that is in use: "
                    + addresses.stream().filter(space.used()::contains).findFirst().orElseThrow() + ".");
        }
        var channel = built(roomy, fresh, geometry, words, addresses);
        int index = Addresses.position(roomy.findMode(mode).orElseThrow(), addresses);
        int function = channel.functions().findFirst().orElseThrow().id();
        var added = roomy.mapModes(each -> each.id() == mode ? each.withChannels(Trees.insert(each.channels(), index, channel)) : each)
            .with(f -> {
                f.nextId += 3;
                f.house = f.house.withAssumed(function, type.unitOf(fresh.attribute()).isMeasured());
            });
        return fresh.ranges() == null ? Located.applied(added) : new SetRanges(function, fresh.ranges()).applyTo(added);
    }

    private static Channel built(FixtureType type, NewChannel fresh, String geometry, String words, List<Integer> addresses) {
        int bytes = Math.max(1, addresses.size());
        boolean dims = fresh.attribute().equals("Dimmer");
        return new Channel(type.nextId(), DmxBreak.FIRST, addresses, "", dims ? new DmxValue(DmxValue.max(bytes), bytes) : null, null,
                geometry,
                List.of(Attributes.usual(type.nextId() + 1, fresh.attribute(), words, fresh.words().strip(), bytes)), Source.NONE);
    }

    @Override
    public String describe(FixtureType before) {
        var first = channels.isEmpty() ? "nothing"
                : "'" + (channels.getFirst().words().isBlank() ? channels.getFirst().attribute() : channels.getFirst().words()) + "'";
        return "Added to " + Modes.called(before, mode) + ": " + first
                + (channels.size() > 1 ? " and " + (channels.size() - 1) + " more" : "") + (at == null ? "" : " at address " + at);
    }
}
