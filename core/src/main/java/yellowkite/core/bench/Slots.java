package yellowkite.core.bench;

import java.util.TreeMap;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;

/** The addresses of a fixture, one after the other: those of its first break, then those of the next. */
public record Slots(CompiledMode mode, TreeMap<Integer, Integer> begins, int count) {

    public static Slots of(CompiledMode mode) {
        return mode.once(Slots.class, Slots::laid);
    }

    private static Slots laid(CompiledMode mode) {
        var begins = new TreeMap<Integer, Integer>();
        int next = 0;
        for (var each : mode.map().footprint().entrySet()) {
            begins.put(each.getKey(), next);
            next += each.getValue();
        }
        return new Slots(mode, begins, next);
    }

    /** {@return where a byte of a channel stands, from 0} @param at 0 = the coarse one */
    public int index(PlacedChannel placed, int at) {
        var begin = placed.dmxBreak() == null ? null : begins.get(placed.dmxBreak());
        return (begin == null ? 0 : begin) + placed.addresses().get(at) - 1;
    }

    /** {@return the levels of the universe that a fixture stands in alone} @param address of its first slot, from 1 */
    public byte[] inUniverse(long[] raws, int address) {
        var own = bytes(raws);
        var levels = new byte[AddressMap.UNIVERSE];
        System.arraycopy(own, 0, levels, address - 1, Math.min(own.length, AddressMap.UNIVERSE - address + 1));
        return levels;
    }

    /** {@return what goes out} @param raws one for each placed channel, in the map's order and the channel's own width */
    public byte[] bytes(long[] raws) {
        var bytes = new byte[count];
        for (int i = 0; i < raws.length; i++) {
            var placed = mode.map().channels().get(i);
            int size = placed.addresses().size();
            for (int at = 0; at < size; at++) {
                bytes[index(placed, at)] = (byte) (raws[i] >> 8 * (size - 1 - at));
            }
        }
        return bytes;
    }
}
