package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import yellowkite.core.dmx.AddressMap;

/** Who holds which addresses, and where there is room. What runs over a universe's end holds the addresses up to it. */
public final class Occupancy {
    private static final int END = AddressMap.UNIVERSE;
    private static final BitSet NOTHING = new BitSet();
    private final SortedMap<Integer, List<Holder>> holders;
    private final Map<Integer, BitSet> taken = new HashMap<>();

    /** One break of a unit. */
    public record Holder(Unit unit, Patch patch) {}

    /** Free addresses, both ends included. */
    public record Stretch(int universe, int from, int to) {
        public int length() {
            return to - from + 1;
        }
    }

    private Occupancy(SortedMap<Integer, List<Holder>> holders) {
        this.holders = holders;
        holders.forEach((universe, there) -> there.forEach(each -> take(each.patch())));
    }

    public static Occupancy of(Collection<Unit> units) {
        return new Occupancy(holders(units));
    }

    /** {@return who stands in each universe, by address} */
    static SortedMap<Integer, List<Holder>> holders(Collection<Unit> units) {
        var holders = new TreeMap<Integer, List<Holder>>();
        for (var unit : units) {
            for (var patch : unit.addresses()) {
                holders.computeIfAbsent(patch.universe(), none -> new ArrayList<>()).add(new Holder(unit, patch));
            }
        }
        holders.values().forEach(there -> there.sort(Comparator.comparingInt(each -> each.patch().from())));
        return holders;
    }

    /** Holds addresses that no unit has yet. */
    public void take(Patch patch) {
        taken.computeIfAbsent(patch.universe(), none -> new BitSet(END + 1)).set(patch.from(), Math.min(END, patch.to()) + 1);
    }

    /** {@return the universes in which a unit stands, ascending} */
    public List<Integer> universes() {
        return List.copyOf(holders.keySet());
    }

    /** {@return who holds addresses of a universe, by address} */
    public List<Holder> in(int universe) {
        return holders.getOrDefault(universe, List.of());
    }

    /** {@return how many addresses of a universe are held} */
    public int used(int universe) {
        return bits(universe).cardinality();
    }

    /** {@return the free addresses of a universe, ascending} */
    public List<Stretch> free(int universe) {
        var bits = bits(universe);
        var free = new ArrayList<Stretch>();
        for (int from = bits.nextClearBit(1); from <= END; from = bits.nextClearBit(from)) {
            int next = bits.nextSetBit(from);
            int to = next < 0 ? END : next - 1;
            free.add(new Stretch(universe, from, to));
            from = to + 1;
        }
        return free;
    }

    public boolean isFree(Patch patch) {
        int held = bits(patch.universe()).nextSetBit(patch.from());
        return !patch.overruns() && (held < 0 || held > patch.to());
    }

    /** {@return the first place, from an address on, with room for so many in one universe; none if there is no such universe} */
    public Optional<At> firstGap(int footprint, At from) {
        if (footprint > END) {
            return Optional.empty();
        }
        int address = from.address();
        for (int universe = from.universe(); universe <= At.MOST_UNIVERSES; universe++) {
            var bits = bits(universe);
            for (int at = bits.nextClearBit(address); at + footprint - 1 <= END;) {
                int next = bits.nextSetBit(at);
                if (next < 0 || next - at >= footprint) {
                    return Optional.of(new At(universe, at));
                }
                at = bits.nextClearBit(next);
            }
            address = 1;
        }
        return Optional.empty();
    }

    private BitSet bits(int universe) {
        return taken.getOrDefault(universe, NOTHING);
    }
}
