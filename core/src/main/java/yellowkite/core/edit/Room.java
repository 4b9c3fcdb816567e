package yellowkite.core.edit;

import java.util.HashSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** Whether channels have room where an edit puts them: cells are repeated, and other modes may use the same body. */
final class Room {
    private Room() {}

    private record Slot(int dmxBreak, int address) {}

    /** {@return the outcome, or a refusal where addresses that were apart before lie over each other, or have left their universe} */
    static Outcome<FixtureType> kept(FixtureType before, Outcome<FixtureType> outcome, String field) {
        return outcome instanceof Outcome.Applied<FixtureType> applied
                ? clash(before, applied.after()).<Outcome<FixtureType>>map(why -> new Outcome.Rejected<>(field, why)).orElse(outcome)
                : outcome;
    }

    private static Optional<String> clash(FixtureType before, FixtureType after) {
        for (var mode : after.modes()) {
            var was = before.findMode(mode.id()).orElse(null);
            if (was != null && before.geometries() == after.geometries() && standAlike(was, mode)) {
                continue;
            }
            var known = was == null ? new AddressMap(java.util.List.of(), false) : AddressMap.of(before, was);
            var now = AddressMap.of(after, mode);
            var clash = clash(mode, known, now);
            if (clash.isPresent()) {
                return clash;
            }
        }
        return Optional.empty();
    }

    /** Most edits move nothing: then nothing has to be laid out to see that all of it still has room. */
    private static boolean standAlike(Mode was, Mode now) {
        if (was == now || was.channels() == now.channels()) {
            return true;
        }
        if (was.channels().size() != now.channels().size() || !was.geometry().equals(now.geometry())) {
            return false;
        }
        for (int i = 0; i < was.channels().size(); i++) {
            var before = was.channels().get(i);
            var after = now.channels().get(i);
            if (before != after && !(before.offsets().equals(after.offsets()) && before.dmxBreak().equals(after.dmxBreak())
                    && before.geometry().equals(after.geometry()))) {
                return false;
            }
        }
        return true;
    }

    private static Optional<String> clash(Mode mode, AddressMap before, AddressMap after) {
        var overlaps = before.overlaps();
        var more = after.overlaps();
        if (more.size() > overlaps.size()) {
            var shared = new HashSet<>(overlaps.stream().map(each -> new Slot(each.dmxBreak(), each.address())).toList());
            var first = more.stream()
                .filter(each -> !shared.contains(new Slot(each.dmxBreak(), each.address())))
                .findFirst()
                .orElse(more.getLast());
            return Optional.of("In mode '" + mode.name() + "' address " + first.address()
                    + (first.dmxBreak() == 1 ? "" : " of break " + first.dmxBreak()) + " would be used by '"
                    + first.first().name() + "' and by '" + first.second().name() + "'; make room there first.");
        }
        long outside = outside(after);
        if (outside > outside(before)) {
            return Optional.of("In mode '" + mode.name() + "' addresses would lie outside of 1 to " + AddressMap.UNIVERSE + ".");
        }
        if (unplaced(after) > unplaced(before)) {
            return Optional
                .of("In mode '" + mode.name() + "' a reference gives no start for the break of this channel, so it would have no address.");
        }
        return Optional.empty();
    }

    private static long outside(AddressMap map) {
        return map.channels()
            .stream()
            .flatMap(each -> each.addresses().stream())
            .filter(address -> address < 1 || address > AddressMap.UNIVERSE)
            .count();
    }

    private static long unplaced(AddressMap map) {
        return map.channels().stream().filter(each -> each.unplaced()).count();
    }

    /** {@return those addresses, as the channel counts them, that others stand on in one of its places} */
    static Set<Integer> taken(FixtureType type, Mode mode, Channel channel) {
        var map = AddressMap.of(type, mode);
        var used = new HashSet<Slot>();
        map.channels()
            .stream()
            .filter(each -> each.channel().id() != channel.id())
            .forEach(each -> each.addresses().forEach(address -> used.add(new Slot(Objects.requireNonNull(each.dmxBreak()), address))));
        var taken = new HashSet<Integer>();
        for (var place : map.channels()) {
            if (place.channel().id() == channel.id() && !place.addresses().isEmpty()) {
                int shift = place.addresses().getFirst() - channel.offsets().getFirst();
                used.stream()
                    .filter(slot -> slot.dmxBreak() == Objects.requireNonNull(place.dmxBreak()))
                    .forEach(slot -> taken.add(slot.address() - shift));
                map.channels()
                    .stream()
                    .filter(other -> other != place && other.channel().id() == channel.id()
                            && Objects.requireNonNull(place.dmxBreak()).equals(other.dmxBreak()))
                    .forEach(other -> other.addresses().forEach(each -> taken.add(each - shift))); // the same channel in another cell
            }
        }
        return taken;
    }
}
