package yellowkite.core.bench;

import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.Patch;

/** The levels of some universes, filled fixture by fixture. Not for several threads. */
public final class Frames {
    private final SortedMap<Integer, byte[]> levels = new TreeMap<>();

    /** All addresses of those universes at 0. */
    public Frames(List<Patch> patches) {
        patches.forEach(each -> levels.put(each.universe(), new byte[AddressMap.UNIVERSE]));
    }

    /** Lays each break of a fixture where it stands; what stands in another universe is left out. @param raws in the map's order */
    public void lay(List<Patch> patches, CompiledMode mode, long[] raws) {
        var slots = Slots.of(mode);
        var own = slots.bytes(raws);
        for (var patch : patches) {
            int begin = slots.begins().getOrDefault(patch.dmxBreak(), 0);
            var universe = levels.get(patch.universe());
            int count = Math.min(patch.footprint(), Math.min(own.length - begin, AddressMap.UNIVERSE - patch.from() + 1));
            if (universe != null && count > 0) {
                System.arraycopy(own, begin, universe, patch.from() - 1, count);
            }
        }
    }

    public List<Integer> universes() {
        return List.copyOf(levels.keySet());
    }

    /** {@return the 512 levels of a universe; all 0 where it is none of these} */
    public byte[] of(int universe) {
        return levels.getOrDefault(universe, new byte[AddressMap.UNIVERSE]).clone();
    }
}
