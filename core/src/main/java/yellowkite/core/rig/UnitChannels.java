package yellowkite.core.rig;

import java.util.HashMap;
import java.util.List;
import java.util.stream.IntStream;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;

/** The channels of a unit at the addresses where they really are. */
public final class UnitChannels {
    private UnitChannels() {}

    /**
     * @param addresses as {@code U.A}, coarse first; none of a virtual channel, or where the unit has no address
     * @param start what is sent before anybody asks for a level: raw, in the channel's own width, after the unit's path
     * @param bytes the channel's width
     */
    public record UnitChannel(String name, String attribute, String geometry, List<String> addresses, long start, int bytes) {}

    /** {@return them in the mode's order} */
    public static List<UnitChannel> of(Unit unit, CompiledMode mode) {
        var breaks = new HashMap<Integer, Patch>();
        unit.addresses().forEach(each -> breaks.put(each.dmxBreak(), each));
        var path = UnitPath.of(mode, unit.adjustments());
        var levels = path.starts();
        return IntStream.range(0, levels.length).mapToObj(i -> {
            var placed = path.channels().get(i);
            var patch = placed.dmxBreak() == null ? null : breaks.get(placed.dmxBreak());
            return new UnitChannel(placed.name(), placed.channel().attribute(), placed.geometry(),
                    patch == null ? List.of() : addresses(placed, patch), path.raw(i, levels, 1), placed.channel().bytes());
        }).toList();
    }

    private static List<String> addresses(PlacedChannel placed, Patch patch) {
        return placed.addresses().stream().map(each -> patch.universe() + "." + (patch.from() + each - 1)).toList();
    }
}
