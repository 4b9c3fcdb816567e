package yellowkite.core.bench.rdm;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import yellowkite.core.edit.AddChannels;
import yellowkite.core.edit.AddMode;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.NewChannel;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.edit.Several;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.SlotInfo;

/**
 * What a profile can be begun with from what a fixture says of itself over RDM: the mode that it is in, a channel for each slot whose
 * meaning is known, with its fine bytes and its start value. Slots that say nothing known stay free.
 *
 * @param edit upon a profile that began with that body
 */
public record FirstProfile(Begin.Body body, Edit edit) {
    private static final Set<String> MOVES = Set.of("Pan", "Tilt");

    /** {@return how to begin; empty where the fixture says nothing of its slots} */
    public static Optional<FirstProfile> of(ToldDevice device) {
        var channels = channels(device);
        if (channels.isEmpty()) {
            return Optional.empty();
        }
        var body = channels.values().stream().anyMatch(each -> MOVES.contains(each.attribute())) ? Begin.Body.MOVING_HEAD
                : Begin.Body.FIXED;
        var begun = new Begin("Manufacturer", "Model", "00000000-0000-0000-0000-000000000000", body).applyTo(FixtureType.of(type -> {}));
        return begun instanceof Outcome.Applied<FixtureType>(var type)
                ? upon(type, device, channels).map(edit -> new FirstProfile(body, edit))
                : Optional.empty();
    }

    /** By the offset of its first slot. Of several slots that mean the same the first is a channel; a part has each attribute once. */
    private static Map<Integer, NewChannel> channels(ToldDevice device) {
        var channels = new LinkedHashMap<Integer, NewChannel>();
        for (var slot : device.slots()) {
            var attribute = slot.type() == SlotInfo.PRIMARY ? SlotIds.attribute(slot.id()) : Optional.<String>empty();
            if (attribute.isPresent() && channels.values().stream().noneMatch(each -> each.attribute().equals(attribute.get()))) {
                var addresses = addresses(device, slot.offset());
                channels.put(slot.offset(), new NewChannel(attribute.get(), "", addresses.size(), null, addresses, null));
            }
        }
        return channels;
    }

    private static List<Integer> addresses(ToldDevice device, int offset) {
        var addresses = new ArrayList<>(List.of(offset + 1));
        device.slots()
            .stream()
            .filter(each -> each.type() == SlotInfo.FINE && each.id() == offset && addresses.size() < DmxValue.MAX_BYTES)
            .forEach(each -> addresses.add(each.offset() + 1));
        return addresses;
    }

    private static Optional<Edit> upon(FixtureType begun, ToldDevice device, Map<Integer, NewChannel> channels) {
        var edits = new ArrayList<Edit>();
        var number = device.info().personality();
        var name = device.personalities()
            .stream()
            .filter(each -> each.number() == number)
            .map(Personality::text)
            .filter(each -> !each.isBlank())
            .findFirst()
            .orElse("Personality " + number);
        var type = add(begun, edits, new AddMode(name)).or(() -> add(begun, edits, new AddMode("Personality " + number)));
        type = type.flatMap(each -> add(each, edits, new AddChannels(each.modes().getFirst().id(), List.copyOf(channels.values()), null)));
        if (type.isEmpty()) {
            return Optional.empty();
        }
        var placed = type.get().modes().getFirst().channels();
        int at = 0;
        for (var channel : channels.values()) {
            var start = start(device, channel);
            if (start.isPresent() && start.get() != placed.get(at).start()) {
                edits.add(new SetStartValue(placed.get(at).id(), start.get()));
            }
            at++;
        }
        return Optional.of(new Several(edits));
    }

    private static Optional<FixtureType> add(FixtureType before, List<Edit> edits, Edit edit) {
        if (edit.applyTo(before) instanceof Outcome.Applied<FixtureType>(var after)) {
            edits.add(edit);
            return Optional.of(after);
        }
        return Optional.empty();
    }

    /** {@return what its bytes start at together; empty where one of them is not told} */
    private static Optional<Long> start(ToldDevice device, NewChannel channel) {
        long value = 0;
        for (int address : Objects.requireNonNull(channel.addresses())) {
            var told = device.starts().stream().filter(each -> each.offset() == address - 1).findFirst();
            if (told.isEmpty()) {
                return Optional.empty();
            }
            value = value << 8 | told.get().value();
        }
        return Optional.of(value);
    }
}
