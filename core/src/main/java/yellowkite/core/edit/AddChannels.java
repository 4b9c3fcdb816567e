package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/**
 * Adds channels to a mode, each with one function over its whole span, with the attribute's usual physical range; what the
 * attributes need is defined along with them.
 *
 * @param at     address of the first one: channels from there on move up; null = behind the last address
 */
public record AddChannels(int mode, List<NewChannel> channels, @Nullable Integer at) implements Edit {
    private static final int MOST = 512;

    public AddChannels {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome applyTo(FixtureType before) {
        if (channels.isEmpty() || channels.size() > MOST) {
            return Located.rejected("channels", channels.isEmpty() ? "There is no channel to add." : "At most " + MOST + " channels are added at once.");
        }
        Outcome so = Located.applied(before);
        int next = at == null ? 0 : at;
        for (var channel : channels) {
            if (!(so instanceof Outcome.Applied applied)) {
                return so;
            }
            so = add(applied.after(), channel, next);
            next += next == 0 || channel.addresses() != null ? 0 : channel.bytes();
        }
        return so;
    }

    /** @param insertAt 0 = behind the last address */
    private Outcome add(FixtureType type, NewChannel fresh, int insertAt) {
        return Modes.on(type, mode, was -> Attributes.using(type, fresh.attribute(), defined -> {
            if (fresh.bytes() < 0 || fresh.bytes() > DmxValue.MAX_BYTES) {
                return Located.rejected("bytes", "A channel is 1 to " + DmxValue.MAX_BYTES + " bytes wide, or virtual with none; not " + fresh.bytes() + ".");
            }
            var group = defined.attributeDefinitions().find(fresh.attribute()).map(each -> each.featureGroup()).orElse("");
            var geometry = fresh.geometry() != null ? fresh.geometry() : Parts.suggest(defined, was, fresh.attribute(), group).orElse("");
            if (!Parts.reaches(defined, was, geometry)) {
                return Located.rejected("geometry", "The body of mode '" + was.name() + "' has no part called '" + geometry + "'.");
            }
            var name = geometry + "_" + fresh.attribute();
            if (was.channels().stream().anyMatch(other -> other.name().equals(name))) {
                return Located.rejected("attribute", "Mode '" + was.name() + "' already has the channel '" + name + "'; choose another attribute or another part.");
            }
            var words = fresh.words().isBlank() ? pretty(defined, fresh.attribute()) : fresh.words().strip();
            return Names.refusal("words", words).orElseGet(() -> placed(defined, was, fresh, geometry, words, insertAt));
        }));
    }

    private Outcome placed(FixtureType type, Mode was, NewChannel fresh, String geometry, String words, int insertAt) {
        var space = Addresses.of(type, was, geometry, DmxBreak.FIRST);
        var addresses = fresh.addresses() != null ? fresh.addresses() : Addresses.run(insertAt > 0 ? insertAt : space.next(), fresh.bytes());
        if (addresses.size() != fresh.bytes() || new HashSet<>(addresses).size() < addresses.size()) {
            return Located.rejected("addresses", "A channel of " + 8 * fresh.bytes() + " bit needs " + fresh.bytes() + " different addresses.");
        }
        for (int address : addresses) {
            if (address < 1 || address > AddressMap.UNIVERSE) {
                return Located.rejected("addresses", "'" + words + "' would stand on address " + address + "; a universe has 1 to " + AddressMap.UNIVERSE + ".");
            }
        }
        boolean inserts = fresh.addresses() == null && insertAt > 0 && fresh.bytes() > 0;
        if (inserts && space.movesCellsOfOthers(insertAt)) {
            return Located.rejected("at", "Cells stand behind address " + insertAt + " that another mode uses too; they cannot move for this mode alone.");
        }
        int last = space.used().stream().mapToInt(Integer::intValue).max().orElse(0);
        if (inserts && last + fresh.bytes() > AddressMap.UNIVERSE) {
            return Located.rejected("at", "The channels behind would be pushed past address " + AddressMap.UNIVERSE + ".");
        }
        var type2 = inserts ? space.shift(insertAt, fresh.bytes()) : type;
        if (!inserts && addresses.stream().anyMatch(space.used()::contains)) {
            return Located.rejected("addresses", "'" + words + "' would stand on an address that is in use: " + addresses.stream().filter(space.used()::contains).findFirst().orElseThrow() + ".");
        }
        var channel = built(type2, fresh, geometry, words, addresses);
        int index = position(type2.findMode(mode).orElseThrow(), addresses);
        var added = type2.mapModes(each -> each.id() == mode ? each.withChannels(Trees.insert(each.channels(), index, channel)) : each).with(f -> f.nextId += 3);
        return fresh.ranges() == null ? Located.applied(added) : new SetRanges(channel.functions().findFirst().orElseThrow().id(), fresh.ranges()).applyTo(added);
    }

    /** In front of the first channel that stands on a higher address. */
    static int position(Mode mode, List<Integer> addresses) {
        if (!addresses.isEmpty()) {
            for (int i = 0; i < mode.channels().size(); i++) {
                var other = mode.channels().get(i).offsets();
                if (!other.isEmpty() && other.getFirst() > addresses.getFirst()) {
                    return i;
                }
            }
        }
        return mode.channels().size();
    }

    private static Channel built(FixtureType type, NewChannel fresh, String geometry, String words, List<Integer> addresses) {
        int bytes = Math.max(1, addresses.size());
        boolean dims = fresh.attribute().equals("Dimmer");
        return new Channel(type.nextId(), DmxBreak.FIRST, addresses, "", dims ? new DmxValue(DmxValue.max(bytes), bytes) : null, null, geometry,
                List.of(usual(type.nextId() + 1, fresh.attribute(), words, fresh.words().strip(), bytes)), Source.NONE);
    }

    /** {@return one function over the whole span, as the attribute is usually used; it takes two ids, from {@code id} on} */
    static LogicalChannel usual(int id, String attribute, String name, String original, int bytes) {
        var standard = Catalogue.STANDARD.find(attribute);
        var function = ChannelFunction.of(id + 1, f -> {
            f.name = name.replace('.', ' ');
            f.attribute = attribute;
            f.originalAttribute = original;
            f.dmxFrom = new DmxValue(0, bytes);
            f.defaultValue = new DmxValue(startsInTheMiddle(attribute) ? (DmxValue.max(bytes) + 1) / 2 : 0, bytes);
            f.physicalFrom = standard.map(each -> each.physicalFrom()).orElse(0.0);
            f.physicalTo = standard.map(each -> each.physicalTo()).orElse(1.0);
        });
        // what is chosen from a list does not fade
        var snap = standard.isPresent() && standard.get().unit() == PhysicalUnit.None && !attribute.startsWith("CIE_") ? LogicalChannel.Snap.YES : LogicalChannel.Snap.NO;
        return new LogicalChannel(id, attribute, snap, attribute.equals("Dimmer") ? LogicalChannel.Master.GRAND : LogicalChannel.Master.NONE, 0, 0, List.of(function), Source.NONE);
    }

    private static boolean startsInTheMiddle(String attribute) {
        return attribute.equals("Pan") || attribute.equals("Tilt");
    }

    static String pretty(FixtureType type, String attribute) {
        return type.attributeDefinitions().find(attribute).map(each -> each.pretty()).filter(pretty -> !pretty.isBlank()).orElse(attribute);
    }

    @Override
    public String describe(FixtureType before) {
        var first = channels.isEmpty() ? "nothing" : "'" + (channels.getFirst().words().isBlank() ? channels.getFirst().attribute() : channels.getFirst().words()) + "'";
        return "Added to " + Modes.called(before, mode) + ": " + first + (channels.size() > 1 ? " and " + (channels.size() - 1) + " more" : "") + (at == null ? "" : " at address " + at);
    }
}
