package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.BodyMap;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;

/**
 * A mode's channels with their cells expanded, in document order; a repeated channel stands once for each reference, in reference order.
 * Source: GDTF, "How DMX becomes meaning", footprint.
 *
 * @param truncated whether references nest or repeat beyond {@link #MAX_PLACES} or in a circle; the rest is left out
 */
public record AddressMap(List<PlacedChannel> channels, boolean truncated) {

    public static final int MAX_PLACES = BodyMap.MAX_PLACES;
    /** Addresses of one universe. */
    public static final int UNIVERSE = 512;

    public AddressMap {
        channels = List.copyOf(channels);
    }

    /** {@return the places of each channel, in document order; a channel under references has several} */
    public Map<Integer, List<PlacedChannel>> byChannel() {
        var places = new HashMap<Integer, List<PlacedChannel>>();
        channels.forEach(placed -> places.computeIfAbsent(placed.channel().id(), id -> new ArrayList<>(1)).add(placed));
        return places;
    }

    public static AddressMap of(FixtureType type, Mode mode) {
        return of(mode, BodyMap.of(type, mode));
    }

    static AddressMap of(Mode mode, BodyMap body) {
        return Expansion.of(mode, body);
    }

    /** {@return highest address in use by break; empty for a mode of virtual channels alone} */
    public SortedMap<Integer, Integer> footprint() {
        var highest = new TreeMap<Integer, Integer>();
        for (var placed : channels) {
            for (int address : placed.addresses()) {
                highest.merge(placed.dmxBreak(), address, Math::max);
            }
        }
        return highest;
    }

    /** {@return the footprint of the break that needs the most addresses; 0 without any} */
    public int largestFootprint() {
        return footprint().values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    /** {@return the sum of the footprints of all breaks} */
    public int totalFootprint() {
        return footprint().values().stream().mapToInt(Integer::intValue).sum();
    }

    /**
     * An address that more than one channel uses, in one break.
     *
     * @param first the channel that comes first in document order
     * @param second the next one; the same channel where it names an address twice
     */
    public record Overlap(int dmxBreak, int address, PlacedChannel first, PlacedChannel second) {}

    /** {@return every address that is used more than once, in document order of the second use} */
    public List<Overlap> overlaps() {
        var users = new HashMap<Long, PlacedChannel>();
        var overlaps = new ArrayList<Overlap>();
        for (var placed : channels) {
            for (int address : placed.addresses()) {
                var first = users.putIfAbsent((long) Objects.requireNonNull(placed.dmxBreak()) << 32 | address & 0xFFFFFFFFL, placed);
                if (first != null) {
                    overlaps.add(new Overlap(Objects.requireNonNull(placed.dmxBreak()), address, first, placed));
                }
            }
        }
        return overlaps;
    }

    /** Unused addresses below the footprint, both ends included. */
    public record Gap(int dmxBreak, int from, int to) {}

    /** {@return the unused addresses below each break's footprint, ascending} Addresses outside 1..512 do not count. */
    public List<Gap> gaps() {
        var used = new TreeMap<Integer, boolean[]>();
        for (var placed : channels) {
            for (int address : placed.addresses()) {
                if (address >= 1 && address <= UNIVERSE) {
                    used.computeIfAbsent(placed.dmxBreak(), b -> new boolean[UNIVERSE + 1])[address] = true;
                }
            }
        }
        var gaps = new ArrayList<Gap>();
        used.forEach((dmxBreak, addresses) -> {
            int next = 1; // the address after the last one that is used
            for (int address = 1; address <= UNIVERSE; address++) {
                if (addresses[address]) {
                    if (address > next) {
                        gaps.add(new Gap(dmxBreak, next, address - 1));
                    }
                    next = address + 1;
                }
            }
        });
        return gaps;
    }

    private static final class Expansion {
        private Expansion() {}

        static AddressMap of(Mode mode, BodyMap body) {
            var places = body.byName();
            var placed = new ArrayList<PlacedChannel>();
            for (var channel : mode.channels()) {
                // a geometry outside the mode's own tree: a broken link, which the checks tell; the channel stands as written
                var standing = places.get(channel.geometry());
                if (placed.size() + (standing == null ? 1 : standing.size()) > MAX_PLACES) {
                    return new AddressMap(placed, true);
                }
                if (standing == null) {
                    placed.add(place(channel, List.of()));
                } else {
                    standing.forEach(at -> placed.add(place(channel, body.parts().get(at).references())));
                }
            }
            return new AddressMap(placed, body.truncated());
        }

        private static PlacedChannel place(Channel channel, List<Geometry.Reference> references) {
            var names = references.stream().map(Geometry.Reference::name).toList();
            var geometry = names.isEmpty() ? channel.geometry() : names.getLast();
            if (channel.isVirtual()) {
                return new PlacedChannel(channel, geometry, names, null, List.of(), false);
            }
            // spec: Overwrite without a reference is break 1.
            Integer dmxBreak = channel.dmxBreak() instanceof DmxBreak.Number number ? (Integer) number.number()
                    : references.isEmpty() ? (Integer) 1 : null;
            int shift = 0;
            for (var reference : references.reversed()) {
                var start = start(reference, dmxBreak);
                if (start == null) {
                    return new PlacedChannel(channel, geometry, names, null, List.of(), true);
                }
                dmxBreak = start.dmxBreak();
                shift += start.dmxOffset() - 1;
            }
            int total = shift;
            return new PlacedChannel(channel, geometry, names, dmxBreak,
                    channel.offsets().stream().map(offset -> offset + total).toList(), false);
        }

        /** {@return where a reference starts that break; for a channel that has no number yet (Overwrite), its last break} */
        private static Geometry.@Nullable Break start(Geometry.Reference reference, @Nullable Integer dmxBreak) {
            var breaks = reference.breaks();
            if (dmxBreak == null) {
                return breaks.isEmpty() ? null : breaks.getLast();
            }
            return breaks.stream().filter(each -> each.dmxBreak() == dmxBreak).findFirst().orElse(null);
        }
    }
}
