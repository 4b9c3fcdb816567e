package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import yellowkite.core.dmx.AddressMap;

/**
 * Where units are put. The breaks of one stand behind each other; together if they fit one universe, else each for itself. Nothing is put
 * over a universe's end: what does not fit into its rest begins at 1 of the next. Source: design, section 6.
 */
public final class Placing {
    private Placing() {}

    /**
     * {@return the addresses of each unit, one after the other from an address on, whoever stands there}
     *
     * @param each footprints by break, of each unit
     * @throws IllegalArgumentException with a sentence, if a footprint is larger than a universe, or the universes end
     */
    public static List<List<Patch>> straight(List<SortedMap<Integer, Integer>> each, At from) {
        var next = new Cursor(from);
        return each.stream().map(next::put).toList();
    }

    /**
     * {@return the addresses of each unit in the first gaps that hold a whole one, from an address on}
     *
     * @throws IllegalArgumentException with a sentence, if there are none
     */
    public static List<List<Patch>> free(Occupancy occupancy, List<SortedMap<Integer, Integer>> each, At from) {
        var placed = new ArrayList<List<Patch>>();
        var at = from;
        for (var breaks : each) {
            var patches = new ArrayList<Patch>();
            for (var block : blocks(breaks)) {
                at = occupancy.firstGap(size(block), at).orElseThrow(() -> new IllegalArgumentException(noRoom(size(block))));
                var put = new Cursor(at).putBlock(block);
                put.forEach(occupancy::take);
                patches.addAll(put);
            }
            placed.add(List.copyOf(patches));
        }
        return placed;
    }

    private static String noRoom(int footprint) {
        return footprint > AddressMap.UNIVERSE
                ? "A footprint of " + footprint + " does not fit a universe, which has " + AddressMap.UNIVERSE + " addresses."
                : "There is no room for " + footprint + " addresses up to universe " + At.MOST_UNIVERSES + ".";
    }

    /** {@return the breaks in parts that stand together} */
    private static List<SortedMap<Integer, Integer>> blocks(SortedMap<Integer, Integer> breaks) {
        if (size(breaks) <= AddressMap.UNIVERSE) {
            return breaks.isEmpty() ? List.of() : List.of(breaks);
        }
        return breaks.keySet().stream().<SortedMap<Integer, Integer>>map(each -> breaks.subMap(each, each + 1)).toList();
    }

    private static int size(SortedMap<Integer, Integer> breaks) {
        return breaks.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** The address after the last one that was given. */
    private static final class Cursor {
        private int universe;
        private int address;

        private Cursor(At from) {
            universe = from.universe();
            address = from.address();
        }

        List<Patch> put(SortedMap<Integer, Integer> breaks) {
            return blocks(breaks).stream().flatMap(block -> putBlock(block).stream()).toList();
        }

        List<Patch> putBlock(SortedMap<Integer, Integer> block) {
            int size = size(block);
            if (size > AddressMap.UNIVERSE) {
                throw new IllegalArgumentException(noRoom(size));
            }
            if (address + size - 1 > AddressMap.UNIVERSE) {
                universe++;
                address = 1;
            }
            var put = new ArrayList<Patch>();
            block.forEach((dmxBreak, footprint) -> {
                put.add(new Patch(dmxBreak, new At(universe, address), footprint));
                address += footprint;
            });
            return put;
        }
    }
}
