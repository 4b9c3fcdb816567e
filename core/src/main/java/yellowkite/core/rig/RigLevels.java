package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;

/**
 * What leaves a rig: the levels of all units as frames of DMX. Made once for a rig; what it computes costs no memory for each channel.
 * Where units share an address, the later one is sent.
 */
public final class RigLevels {
    private static final int BITS = 8;
    private final List<Line> lines = new ArrayList<>();
    private final SortedMap<Integer, byte[]> frames = new TreeMap<>();
    private final SortedMap<Integer, boolean[]> held = new TreeMap<>();

    /**
     * A unit with its way to DMX.
     *
     * @param levels of its channels in the path's order; whoever plays the unit writes here
     */
    public record Line(Unit unit, UnitPath path, double[] levels, byte[][] frame, int[] address, int[] channel, int[] shift) {

        /** Plays what its channels are at. @param raws in the map's order and each channel's own width, as before the unit's path */
        public void play(long[] raws) {
            for (int i = 0; i < levels.length; i++) {
                levels[i] = (double) raws[i] / path.channels().get(i).channel().max();
            }
        }

        /** Goes back to its start values. */
        public void rest() {
            System.arraycopy(path.starts(), 0, levels, 0, levels.length);
        }

        private boolean snaps(int channel) {
            var placed = path.channels().get(channel);
            var own = unit.adjustments().of(placed.name(), placed.channel().attribute()).snap();
            return own == null ? placed.channel().snaps() : own;
        }
    }

    private RigLevels() {}

    /** @param modes what a unit is; null where nobody knows: it stays dark */
    public static RigLevels of(List<Unit> units, Function<Unit, @Nullable CompiledMode> modes) {
        var all = new RigLevels();
        var paths = new HashMap<Map.Entry<CompiledMode, Adjustments>, UnitPath>();
        for (var unit : units) {
            unit.addresses().forEach(all::hold);
            var mode = modes.apply(unit);
            if (mode != null && unit.hasAddress()) {
                var path = paths.computeIfAbsent(Map.entry(mode, unit.adjustments()), key -> UnitPath.of(key.getKey(), key.getValue()));
                all.lines.add(all.line(unit, path));
            }
        }
        return all;
    }

    private void hold(Patch patch) {
        frames.computeIfAbsent(patch.universe(), none -> new byte[AddressMap.UNIVERSE]);
        var there = held.computeIfAbsent(patch.universe(), none -> new boolean[AddressMap.UNIVERSE]);
        Arrays.fill(there, patch.from() - 1, Math.min(patch.to(), AddressMap.UNIVERSE), true);
    }

    /** Where each byte goes: its frame, the place in it, the channel that it is of, and how far that is shifted. */
    private Line line(Unit unit, UnitPath path) {
        var byBreak = new HashMap<Integer, Patch>();
        unit.addresses().forEach(each -> byBreak.put(each.dmxBreak(), each));
        var bytes = new ArrayList<int[]>();
        var into = new ArrayList<byte[]>();
        for (int i = 0; i < path.channels().size(); i++) {
            var placed = path.channels().get(i);
            var patch = placed.dmxBreak() == null ? null : byBreak.get(placed.dmxBreak());
            int wide = Math.min(placed.addresses().size(), placed.channel().bytes());
            for (int k = 0; patch != null && k < wide; k++) {
                int at = patch.from() - 1 + placed.addresses().get(k) - 1;
                var frame = frames.get(patch.universe());
                if (frame != null && at >= 0 && at < AddressMap.UNIVERSE) {
                    bytes.add(new int[]{at, i, BITS * (placed.channel().bytes() - 1 - k)});
                    into.add(frame);
                }
            }
        }
        return new Line(unit, path, path.starts(), into.toArray(byte[][]::new), bytes.stream().mapToInt(each -> each[0]).toArray(),
                bytes.stream().mapToInt(each -> each[1]).toArray(), bytes.stream().mapToInt(each -> each[2]).toArray());
    }

    /** {@return the units that have a profile and an address, in the rig's order} */
    public List<Line> lines() {
        return lines;
    }

    /** Computes all frames anew. @param master in [0, 1] */
    public void send(double master) {
        for (var line : lines) {
            int last = -1;
            long raw = 0;
            for (int i = 0; i < line.channel().length; i++) {
                int channel = line.channel()[i];
                if (channel != last) { // a channel's bytes stand behind each other
                    raw = line.path().raw(channel, line.levels(), master);
                    last = channel;
                }
                line.frame()[i][line.address()[i]] = (byte) (raw >>> line.shift()[i]);
            }
        }
    }

    /** {@return what was computed last: 512 bytes of each universe in which a unit stands} */
    public SortedMap<Integer, byte[]> frames() {
        return frames;
    }

    /** {@return the line of a unit; none where it has no profile or no address} */
    public Optional<Line> find(String uuid) {
        return lines.stream().filter(each -> each.unit().uuid().equals(uuid)).findFirst();
    }

    /** {@return the bytes of each channel that has several there, as places in a universe, from 0} */
    public List<List<Integer>> wide(int universe) {
        return places(universe).values().stream().filter(each -> each.size() > 1).toList();
    }

    /** {@return the places in a universe of what is not faded, from 0} */
    public List<Integer> jumps(int universe) {
        var places = places(universe);
        places.keySet().removeIf(each -> !each.line().snaps(each.channel()));
        return places.values().stream().flatMap(List::stream).toList();
    }

    /** A channel of a unit. */
    private record Played(Line line, int channel) {}

    private Map<Played, List<Integer>> places(int universe) {
        var frame = frames.get(universe);
        var places = new LinkedHashMap<Played, List<Integer>>();
        for (var line : lines) {
            for (int i = 0; i < line.channel().length; i++) {
                if (line.frame()[i] == frame) {
                    places.computeIfAbsent(new Played(line, line.channel()[i]), none -> new ArrayList<>()).add(line.address()[i]);
                }
            }
        }
        return places;
    }

    /** {@return whether a unit holds that address} */
    public boolean holds(int universe, int address) {
        var there = held.get(universe);
        return there != null && there[address - 1];
    }
}
